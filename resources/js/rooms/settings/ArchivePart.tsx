import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { request } from "../../api/client";
import { sendFile } from "../../files/sendFile";
import type { ArchiveIn, ArchiveOut } from "../../generated/answers";
import { useAccount } from "../../session/boot";
import { when } from "../../units/when";
import { count, megabytes } from "./archive";

const ASK_MS = 500;

/** Everything of the account in a file: out, and back into an empty one. */
export function ArchivePart() {
  return (
    <section aria-label="Archive">
      <h2>Take everything with you</h2>
      <Out />
      <In />
    </section>
  );
}

/** Written in the background, and kept to be fetched for a day. */
function Out() {
  const client = useQueryClient();
  const path = "account/archive";
  const out = useQuery({
    queryKey: [path],
    queryFn: () => request<ArchiveOut>("GET", path),
    refetchInterval: ({ state }) => (state.data?.run?.status === "running" ? ASK_MS : false),
  });
  const take = (told: ArchiveOut): void => void client.setQueryData([path], told);
  const begin = useMutation({ mutationFn: () => request<ArchiveOut>("POST", path), onSuccess: take });
  const stop = useMutation({ mutationFn: () => request<ArchiveOut>("DELETE", path), onSuccess: take });
  const run = out.data?.run ?? null;
  const files = out.data?.files ?? [];
  const fault = begin.error ?? stop.error ?? out.error;
  return (
    <>
      <p>Kits, rushes, layouts, cards, outings, the log with its small pictures, settings and figures, in one zip.</p>
      {run?.status === "running" ? (
        <p className="archive-act" role="status">
          <progress max={Math.max(1, run.whole)} value={run.done} aria-label="Records written" />
          {run.waiting ? "It waits for a worker and goes on by itself." : `${count(run.done)} of ${count(run.whole)}`}
          <button type="button" className="text-button" onClick={() => stop.mutate()}>
            stop
          </button>
        </p>
      ) : (
        <p className="archive-act">
          <button type="button" className="cure" disabled={begin.isPending} onClick={() => begin.mutate()}>
            {files.length === 0 ? "Write an archive" : "Write another"}
          </button>
          {run?.status === "failed" && <span className="fault">{run.problem}</span>}
        </p>
      )}
      {files.length > 0 && (
        <ul className="archive-files" aria-label="Written archive">
          {files.map((file) => (
            <li key={file.id}>
              <a href={`/api/files/${file.id}`} download>
                {file.name}
              </a>{" "}
              <span className="note">
                {megabytes(file.bytes)}
                {file.until !== null && `, here until ${when(file.until)}`}
              </span>
            </li>
          ))}
        </ul>
      )}
      {files.length > 1 && <p className="note">Its pictures are long: keep all {files.length} together.</p>}
      {fault !== null && (
        <p className="fault" role="alert">
          {fault.message}
        </p>
      )}
    </>
  );
}

/** Sent, and then put into the account by a page of its own. */
function In() {
  const { takeUser } = useAccount();
  const chosen = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController | null>(null);
  const [sent, setSent] = useState(0);
  const bring = useMutation({
    mutationFn: async (files: File[]): Promise<ArchiveIn> => {
      const whole = files.reduce((sum, file) => sum + file.size, 0);
      let before = 0;
      setSent(0);
      stop.current = new AbortController();
      const signal = stop.current.signal;
      const ids: string[] = [];
      for (const file of files) {
        const onSent = (share: number): void => setSent((before + share * file.size) / whole);
        const stored = await sendFile({ purpose: "archive", name: file.name, bytes: file, onSent, signal });
        before += file.size;
        if (stored !== null) ids.push(stored.id);
      }
      return request<ArchiveIn>("POST", "account/restore", { file_ids: ids });
    },
    onSuccess: () => takeUser({ is_filled: true }),
  });
  return (
    <>
      <p className="archive-act archive-in">
        <button
          type="button"
          className="cure"
          disabled={bring.isPending}
          onClick={() => {
            bring.reset();
            chosen.current?.click();
          }}
        >
          Bring an archive into this account
        </button>
        <span className="note">It has to be empty: nothing written in it yet.</span>
        <input
          ref={chosen}
          type="file"
          hidden
          multiple
          accept=".zip,application/zip"
          aria-label="Archive"
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            event.target.value = "";
            if (files.length > 0) bring.mutate(files);
          }}
        />
      </p>
      {bring.isPending && (
        <p className="archive-act" role="status">
          <progress max={1} value={sent} aria-label="Sent of the archive" />
          {sent < 1 ? `Sending, ${Math.round(100 * sent)} %` : "It has arrived"}
          {sent < 1 && (
            <button type="button" className="text-button" onClick={() => stop.current?.abort()}>
              stop
            </button>
          )}
        </p>
      )}
      {bring.isError && (
        <p className="fault" role="alert">
          {bring.error.name === "AbortError" ? "Stopped; nothing was changed." : bring.error.message}
        </p>
      )}
    </>
  );
}
