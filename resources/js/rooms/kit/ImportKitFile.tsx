import type { Imported, Preview } from "../../generated/answers";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router-dom";
import { Choice } from "../../ui/Choice";
import { ApiProblem, request } from "../../api/client";
import { SentFiles, useForgetFile } from "../../files/SentFiles";
import { useCreation } from "../../session/creation";

type Deed = "new" | "over" | "skip";

/** Largest file that is read, in bytes; the server keeps the same bound. */
const LARGEST = 1_200_000;

const says = { new: "new here", same: "the same as yours", changed: "differs from yours" } as const;

const written = (value: unknown): string => {
  if (value === null || value === undefined) return "nothing";
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > 70 ? `${text.slice(0, 68)}…` : text;
};

/** A kit file as the server is told of it: its text, or the id of one that was sent before. */
type Source = { file: string } | { file_id: string };

/** What is done with a piece unless somebody says otherwise: what is the same is left, all else comes in. */
const usual = ({ state }: Preview["pieces"][number]): Deed =>
  state === "same" ? "skip" : state === "new" ? "new" : "over";

/** Takes in a kit/1 file: shows first what it would change, piece by piece. */
export function ImportKitFile({ onTaken }: { onTaken: () => Promise<void> }) {
  const [file, setFile] = useState("");
  const [source, setSource] = useState<Source | null>(null);
  const [choices, setChoices] = useState<Deed[]>([]);
  const [wrong, setWrong] = useState<string | null>(null);
  const [taken, setTaken] = useState<Imported["gear"] | null>(null);
  const creation = useCreation();
  const look = useMutation({
    mutationFn: (from: Source) => request("POST", "kit-file/preview", from),
    onSuccess: ({ pieces }) => setChoices(pieces.map(usual)),
  });
  const forget = useForgetFile("kit");
  const take = useMutation({
    mutationFn: () => request("POST", "kit-file", { ...source, choices, write_id: creation.writeId() }),
    onSuccess: async ({ gear }) => {
      creation.done();
      setTaken(gear);
      // what has been taken in is not kept twice
      if (source !== null && "file_id" in source) forget.mutate(source.file_id);
      await onTaken();
    },
  });
  const read = (from: Source): void => {
    setTaken(null);
    setWrong(null);
    setSource(from);
    look.mutate(from);
  };
  const readText = (): void => {
    if (file.length <= LARGEST) {
      if (file.trim() !== "") read({ file });
      return;
    }
    look.reset();
    setWrong(`The text is ${(file.length / 1e6).toFixed(1)} MB long; it must be at most ${LARGEST / 1e6} MB.`);
  };
  const pieces = look.data?.pieces ?? [];
  const faults = look.error instanceof ApiProblem ? look.error.problem.faults : [];
  const any = choices.some((choice) => choice !== "skip");

  return (
    <section className="import">
      <h2>Take in a kit file</h2>
      <p className="lead">
        A kit file holds one body, one lens, or everything somebody owns. Nothing changes before you have seen what
        would.
      </p>
      <SentFiles
        purpose="kit"
        accept=".json,application/json"
        act="Look at it"
        onRead={(id) => read({ file_id: id })}
      />
      <p className="note">Or paste it here:</p>
      <textarea
        className="plain-input import-text"
        aria-label="The file as text"
        rows={5}
        value={file.length > LARGEST ? "" : file}
        spellCheck={false}
        onChange={(event) => setFile(event.target.value)}
      />
      <button type="button" className="quiet add" disabled={file.trim() === ""} onClick={readText}>
        See what it would change
      </button>
      {(wrong !== null || look.isError) && (
        <div role="alert" className="note fault">
          <p>
            <b>Nothing was changed.</b> {wrong ?? (faults.length === 0 ? look.error?.message : "")}
          </p>
          {wrong === null && (
            <ul>
              {faults.slice(0, 8).map((fault) => (
                <li key={fault.pointer + fault.message}>{fault.message}</li>
              ))}
              {faults.length > 8 && <li>and {faults.length - 8} more like these</li>}
            </ul>
          )}
        </div>
      )}
      {wrong === null && taken === null && pieces.length > 0 && (
        <>
          {pieces.length > 1 && (
            <p className="import-all">
              <button type="button" className="text-button" onClick={() => setChoices(pieces.map(() => "skip"))}>
                leave all
              </button>
              <button type="button" className="text-button" onClick={() => setChoices(pieces.map(usual))}>
                take all that is new or other
              </button>
            </p>
          )}
          <ul className="import-pieces">
            {pieces.map((piece, at) => (
              <li key={at}>
                <div className="import-head">
                  <b>{piece.name}</b>{" "}
                  <span className="note">
                    {piece.type}, {says[piece.state]}
                  </span>
                  <Choice
                    label={`What to do with ${piece.name}`}
                    value={choices[at] ?? "skip"}
                    options={[
                      ...(piece.gear_id === null ? [] : [{ value: "over" as const, words: "write over yours" }]),
                      { value: "new", words: piece.gear_id === null ? "take it in" : "take it in beside yours" },
                      { value: "skip", words: "leave it" },
                    ]}
                    onChange={(what) => setChoices(choices.with(at, what))}
                  />
                </div>
                {piece.notes.map((note) => (
                  <p key={note} className="note">
                    This file is from before a name changed: {note}.
                  </p>
                ))}
                {piece.changes.length > 0 && (
                  <table className="import-changes">
                    <tbody>
                      {piece.changes.slice(0, 12).map((change) => (
                        <tr key={change.field}>
                          <th scope="row">{change.field}</th>
                          <td>{written(change.from)}</td>
                          <td aria-hidden="true">→</td>
                          <td>
                            <b>{written(change.to)}</b>
                          </td>
                        </tr>
                      ))}
                      {piece.changes.length > 12 && (
                        <tr>
                          <td colSpan={4} className="note">
                            and {piece.changes.length - 12} more
                          </td>
                        </tr>
                      )}
                    </tbody>
                  </table>
                )}
              </li>
            ))}
          </ul>
          <button type="button" className="primary" disabled={!any || take.isPending} onClick={() => take.mutate()}>
            Take it in
          </button>
          {take.isError && <p className="note fault">{take.error.message}</p>}
        </>
      )}
      {wrong === null && look.isSuccess && pieces.length === 0 && (
        <p className="note">There is nothing in this file.</p>
      )}
      {taken !== null && (
        <p role="status">
          {taken.length === 0 ? "Nothing was taken in. " : "Taken in: "}
          {taken.map((one) => (
            <Link key={one.id} to={`/kit/${one.id}`} className="text-button">
              {one.name}
            </Link>
          ))}
        </p>
      )}
    </section>
  );
}
