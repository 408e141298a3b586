import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Upload } from "antd";
import { useEffect, useRef, useState } from "react";
import { request } from "../api/client";
import { when } from "../units/when";
import type { Upload as Waiting } from "./UploadQueue";
import { useUploads } from "./useUploads";

type Props = {
  purpose: string;
  /** What the chooser of the system offers first; what is taken is decided by what is in the file. */
  accept: string;
  /** What is done with a file that has arrived: "Look at it". */
  act: string;
  onRead: (id: string) => void;
};

const filesKey = (purpose: string): string[] => ["files", purpose];

/** Deletes a file that the server has. */
export const useForgetFile = (purpose: string) => {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => request("DELETE", `files/${id}`),
    onSettled: () => client.invalidateQueries({ queryKey: filesKey(purpose) }),
  });
};

/** Files sent for one purpose: chosen or dropped, on their way with their progress, and those that are there. */
export function SentFiles({ purpose, accept, act, onRead }: Props) {
  const { queue, uploads } = useUploads(purpose);
  const client = useQueryClient();
  const key = filesKey(purpose);
  const there = useQuery({ queryKey: key, queryFn: () => request("GET", `files?purpose=${purpose}`) });
  const chosen = useRef(new Set<string>());
  const stored = uploads.filter((one) => one.state === "stored").length;

  // what has just been chosen is looked at as soon as it has arrived; what comes from before a reload waits to be asked for
  useEffect(() => {
    if (stored === 0) return;
    void client.invalidateQueries({ queryKey: key });
    const arrived = queue
      .snapshot()
      .filter((one) => one.purpose === purpose && one.state === "stored" && chosen.current.has(one.id));
    for (const one of arrived) chosen.current.delete(one.id);
    const last = arrived.at(-1)?.file;
    if (last) onRead(last.id);
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- only what arrives counts
  }, [stored]);

  const [empty, setEmpty] = useState<string | null>(null);
  const add = async (file: File): Promise<void> => {
    setEmpty(file.size === 0 ? file.name : null);
    if (file.size === 0) return;
    chosen.current.add(await queue.add(purpose, file));
  };
  const remove = useForgetFile(purpose);
  const waiting = uploads.filter((one) => one.state !== "stored");

  return (
    <div className="sent-files">
      <Upload.Dragger
        accept={accept}
        multiple
        showUploadList={false}
        beforeUpload={(file) => {
          void add(file);
          return false; // the queue sends it
        }}
      >
        <b>Choose a file</b> <span className="note">or drop it here</span>
      </Upload.Dragger>
      {empty !== null && (
        <p className="note fault" role="alert">
          “{empty}” is empty: there is nothing in it to read.
        </p>
      )}
      {waiting.length > 0 && (
        <ul className="file-list" aria-label="On their way">
          {waiting.map((one) => (
            <li key={one.id}>
              <b>{one.name}</b>
              {one.state === "sending" && <progress max={1} value={one.sent} aria-label={`Sent of ${one.name}`} />}
              <span className={one.state === "refused" ? "note fault" : "note"} role="status">
                {told(one)}
              </span>
              <button type="button" className="text-button" onClick={() => void queue.cancel(one.id)}>
                {one.state === "refused" ? "Put it away" : "Cancel"}
              </button>
            </li>
          ))}
        </ul>
      )}
      {(there.data?.files.length ?? 0) > 0 && (
        <ul className="file-list" aria-label="Sent before">
          {there.data?.files.map((one) => (
            <li key={one.id}>
              <b>{one.name}</b>
              <span className="note">
                {size(one.bytes)}, sent {when(one.at)}
              </span>
              <button type="button" className="text-button" onClick={() => onRead(one.id)}>
                {act}
              </button>
              <button type="button" className="text-button" onClick={() => remove.mutate(one.id)}>
                Delete
              </button>
            </li>
          ))}
        </ul>
      )}
      {remove.isError && <p className="note fault">{remove.error.message}</p>}
    </div>
  );
}

const size = (bytes: number): string =>
  bytes < 1e6 ? `${Math.ceil(bytes / 1000)} KB` : `${(bytes / 1e6).toFixed(1)} MB`;

const told = (one: Waiting): string => {
  if (one.state === "refused") return one.problem ?? "It was not taken.";
  if (one.state === "sending") return `${Math.floor(one.sent * 100)} % of ${size(one.size)}`;
  return `${size(one.size)}, waits for its turn or for a line; nothing is lost`;
};
