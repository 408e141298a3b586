import { answerOf, ApiProblem, away, headers, noteAnswer, request } from "../api/client";
import { noteReached } from "../api/connection";
import type { File as StoredFile } from "../generated/answers";

/** SHA-256 of a file in hexadecimal: what the server knows it by. */
export const hashOf = async (bytes: Blob): Promise<string> => {
  const sum = await crypto.subtle.digest("SHA-256", await bytes.arrayBuffer());
  return [...new Uint8Array(sum)].map((byte) => byte.toString(16).padStart(2, "0")).join("");
};

export type Sending = {
  purpose: string;
  name: string;
  bytes: Blob;
  /** Told again and again how much has gone, from 0 to 1. */
  onSent: (share: number) => void;
  /** Breaks it off. */
  signal: AbortSignal;
};

const once = (path: string, { bytes, onSent, signal }: Sending): Promise<{ status: number; text: string }> =>
  new Promise((resolve, reject) => {
    const call = new XMLHttpRequest();
    const stop = (): void => call.abort();
    call.open("PUT", path);
    for (const [name, value] of Object.entries(headers())) call.setRequestHeader(name, value);
    call.setRequestHeader("Content-Type", "application/octet-stream");
    call.upload.onprogress = (event) => event.lengthComputable && onSent(event.loaded / event.total);
    call.onload = () => {
      noteAnswer(call.status, (name) => call.getResponseHeader(name));
      resolve({ status: call.status, text: call.responseText });
    };
    call.onabort = () => reject(new DOMException("Broken off", "AbortError"));
    call.onerror = () => {
      noteReached(false);
      reject(new ApiProblem(away));
    };
    call.onloadend = () => signal.removeEventListener("abort", stop);
    signal.addEventListener("abort", stop);
    call.send(bytes);
  });

/**
 * Sends a file by its content; a page whose token has run out fetches a new one and tries once more.
 * @returns what it has become; null for a photograph that is in the log already and was not sent again
 */
export const sendFile = async (sending: Sending): Promise<StoredFile | null> => {
  const hash = await hashOf(sending.bytes);
  if (sending.purpose === "frame" && (await request("GET", `log/known/${hash}`)).known) return null;
  const path = `/api/files/${sending.purpose}/${hash}?name=${encodeURIComponent(sending.name)}`;
  let answer = await once(path, sending);
  if (answer.status === 419) {
    await request("GET", "session");
    answer = await once(path, sending);
  }
  return answerOf<{ file: StoredFile }>(answer.status, answer.text).file;
};
