import type { Imported, Preview } from "../../generated/answers";
import { useMutation } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link } from "react-router-dom";
import { ApiProblem, request } from "../../api/client";
import { useCreation } from "../../session/creation";

type Choice = "new" | "over" | "skip";

/** Largest file that is read, in bytes; the server keeps the same bound. */
const LARGEST = 1_200_000;

const says = { new: "new here", same: "the same as yours", changed: "differs from yours" } as const;

const written = (value: unknown): string => {
  if (value === null || value === undefined) return "nothing";
  const text = typeof value === "string" ? value : JSON.stringify(value);
  return text.length > 70 ? `${text.slice(0, 68)}…` : text;
};

/** Takes in a kit/1 file: shows first what it would change, piece by piece. */
export function ImportKitFile({ onTaken }: { onTaken: () => Promise<void> }) {
  const [file, setFile] = useState("");
  const [choices, setChoices] = useState<Choice[]>([]);
  const [wrong, setWrong] = useState<string | null>(null);
  const [taken, setTaken] = useState<Imported["gear"] | null>(null);
  const chooser = useRef<HTMLInputElement>(null);
  const creation = useCreation();
  const look = useMutation({
    mutationFn: (text: string) => request<Preview>("POST", "kit-file/preview", { file: text }),
    onSuccess: ({ pieces }) =>
      setChoices(pieces.map((piece) => (piece.state === "same" ? "skip" : piece.state === "new" ? "new" : "over"))),
  });
  const take = useMutation({
    mutationFn: () => request<Imported>("POST", "kit-file", { file, choices, write_id: creation.writeId() }),
    onSuccess: async ({ gear }) => {
      creation.done();
      setTaken(gear);
      await onTaken();
    },
  });

  const read = (text: string): void => {
    setTaken(null);
    setFile(text);
    if (text.length > LARGEST) {
      look.reset();
      setWrong(`The file is ${(text.length / 1e6).toFixed(1)} MB; it must be at most ${LARGEST / 1e6} MB.`);
    } else if (text.trim() !== "") {
      setWrong(null);
      look.mutate(text);
    }
  };
  const pick = async (): Promise<void> => {
    const chosen = chooser.current?.files?.[0];
    if (chosen === undefined) return;
    if (chosen.size > LARGEST) {
      look.reset();
      setWrong(`${chosen.name} is ${(chosen.size / 1e6).toFixed(1)} MB; it must be at most ${LARGEST / 1e6} MB.`);
      return;
    }
    read(await chosen.text());
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
      <p className="import-file">
        <label className="primary file-button">
          Choose a file
          <input
            ref={chooser}
            type="file"
            accept=".json,application/json"
            className="unseen"
            onChange={() => void pick()}
          />
        </label>
        <span className="note">or paste it below</span>
      </p>
      <textarea
        className="plain-input import-text"
        aria-label="The file as text"
        rows={5}
        value={file.length > LARGEST ? "" : file}
        spellCheck={false}
        onChange={(event) => setFile(event.target.value)}
      />
      <button type="button" className="quiet add" disabled={file.trim() === ""} onClick={() => read(file)}>
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
          <ul className="import-pieces">
            {pieces.map((piece, at) => (
              <li key={at}>
                <div className="import-head">
                  <b>{piece.name}</b>{" "}
                  <span className="note">
                    {piece.type}, {says[piece.state]}
                  </span>
                  <select
                    className="plain-input"
                    aria-label={`What to do with ${piece.name}`}
                    value={choices[at] ?? "skip"}
                    onChange={(event) => setChoices(choices.with(at, event.target.value as Choice))}
                  >
                    {piece.gear_id !== null && <option value="over">write over yours</option>}
                    <option value="new">{piece.gear_id === null ? "take it in" : "take it in beside yours"}</option>
                    <option value="skip">leave it</option>
                  </select>
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
