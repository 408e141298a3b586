import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { request } from "../../api/client";
import { MadeFiles } from "../../files/MadeFiles";
import { sendFile } from "../../files/sendFile";
import type { ArchiveIn } from "../../generated/answers";
import { useAccount } from "../../session/boot";

/** Everything of the account in a file: out, and back into an empty one. */
export function ArchivePart() {
  return (
    <section aria-label="Archive">
      <h2>Take everything with you</h2>
      <p>Kits, rushes, layouts, cards, outings, the log with its small pictures, settings and figures, in one zip.</p>
      <MadeFiles
        path="account/archive"
        words="Write an archive"
        again="Write another"
        counted={["record", "records"]}
        label="Written archive"
      />
      <In />
    </section>
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
      return request("POST", "account/restore", { file_ids: ids });
    },
    onSuccess: () => takeUser({ is_filled: true }),
  });
  return (
    <>
      <p className="made-act archive-in">
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
        <p className="made-act" role="status">
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
