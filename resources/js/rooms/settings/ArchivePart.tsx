import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { request } from "../../api/client";
import { sendFile } from "../../files/sendFile";
import type { ArchiveTaken } from "../../generated/answers";

/** Longest archive that is sent, in MB; what is longer goes in by the command line. */
const MOST_MB = 60;

/** Everything of the account in one file: out, and back into an empty one. */
export function ArchivePart() {
  const chosen = useRef<HTMLInputElement>(null);
  const stop = useRef<AbortController | null>(null);
  const [sent, setSent] = useState(0);
  const bring = useMutation({
    mutationFn: async (file: File): Promise<ArchiveTaken> => {
      if (file.size > MOST_MB * 1e6)
        throw new Error(`It is ${Math.round(file.size / 1e6)} MB long; ${MOST_MB} MB can be sent from here.`);
      setSent(0);
      stop.current = new AbortController();
      const signal = stop.current.signal;
      const stored = await sendFile({ purpose: "archive", name: file.name, bytes: file, onSent: setSent, signal });
      return request<ArchiveTaken>("POST", "account/archive", { file_id: stored?.id });
    },
    // everything on the page is of the account as it was
    onSuccess: () => window.location.assign("/"),
  });
  return (
    <section aria-label="Archive">
      <h2>Take everything with you</h2>
      <p>
        <a href="/api/account/archive" download>
          Everything of this account in one file
        </a>
        : kits, rushes, layouts, cards, outings, the log with its small pictures, settings and figures.
      </p>
      <p className="archive-in">
        <button
          type="button"
          className="cure"
          disabled={bring.isPending}
          onClick={() => {
            bring.reset();
            chosen.current?.click();
          }}
        >
          Bring such a file into this account
        </button>{" "}
        <span className="note">It has to be empty: nothing written in it yet.</span>
        <input
          ref={chosen}
          type="file"
          hidden
          accept=".zip,application/zip"
          aria-label="Archive"
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file !== undefined) bring.mutate(file);
          }}
        />
      </p>
      {bring.isPending && (
        <p role="status">
          {sent < 1 ? `Sending, ${Math.round(100 * sent)} %.` : "Reading it in…"}{" "}
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
    </section>
  );
}
