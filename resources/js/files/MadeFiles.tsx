import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { request } from "../api/client";
import type { FilesOut } from "../generated/answers";
import { megabytes, thousands } from "../units/numbers";
import { when } from "../units/when";

const ASK_MS = 500;

type Props = {
  /** Where it is begun, asked for and stopped. */
  path: "account/archive" | "log/out";
  /** What of it is asked for: "?month=2026-05". */
  query?: "" | `?${string}`;
  /** What the button says; and once there is one, where that is something else. */
  words: string;
  again?: string;
  /** What comes of it, beside the button. */
  note?: string;
  /** What is counted, of one and of several: "record". */
  counted: [string, string];
  /** What the list of its files is called. */
  label: string;
};

/** Something of the account's own that is written in the background, and kept to be fetched for a day. */
export function MadeFiles({ path, query = "", words, again = words, note, counted, label }: Props) {
  const client = useQueryClient();
  const out = useQuery({
    queryKey: [path],
    queryFn: () => request("GET", path),
    refetchInterval: ({ state }) => (state.data?.run?.status === "running" ? ASK_MS : false),
  });
  const take = (told: FilesOut): void => void client.setQueryData([path], told);
  const begin = useMutation({ mutationFn: () => request("POST", `${path}${query}`), onSuccess: take });
  const stop = useMutation({ mutationFn: () => request("DELETE", path), onSuccess: take });
  const run = out.data?.run ?? null;
  const files = out.data?.files ?? [];
  const fault = begin.error ?? stop.error ?? out.error;
  return (
    <>
      {run?.status === "running" ? (
        <p className="made-act" role="status">
          <progress max={Math.max(1, run.whole)} value={run.done} aria-label={`${counted[1]} written`} />
          {run.waiting
            ? "It waits for a worker and goes on by itself."
            : `${thousands(run.done)} of ${thousands(run.whole)}`}
          <button type="button" className="text-button" onClick={() => stop.mutate()}>
            stop
          </button>
        </p>
      ) : (
        <p className="made-act">
          <button type="button" className="cure" disabled={begin.isPending} onClick={() => begin.mutate()}>
            {files.length === 0 ? words : again}
          </button>
          {note !== undefined && <span className="note">{note}</span>}
          {run?.status === "failed" && <span className="fault">{run.problem}</span>}
        </p>
      )}
      {files.length > 0 && (
        <ul className="made-files" aria-label={label}>
          {files.map((file, number) => (
            <li key={file.id}>
              <a href={`/api/files/${file.id}`} download>
                {file.name}
              </a>{" "}
              <span className="note">
                {number === 0 && run !== null && `${thousands(run.done)} ${counted[run.done === 1 ? 0 : 1]}, `}
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
