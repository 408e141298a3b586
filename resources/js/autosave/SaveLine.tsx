import { clock } from "../units/when";
import { Link } from "react-router-dom";
import type { Autosave, Autosaved, UndoState } from "./Autosave";

const waitingFor = {
  connection:
    "Not saved yet: there is no connection. What you type is kept in this browser and sent as soon as it is back.",
  store:
    "Not saved yet: the store does not answer. What you type is kept in this browser and saved as soon as it is back.",
  "signed-out": "Not saved yet: you are signed out. What you type is kept in this browser.",
} as const;

type Props<Draft extends object, Whole extends UndoState> = {
  record: Autosaved<Draft, Whole>;
  autosave: Autosave<Draft, Whole>;
  /** What is kept, as in "this rush". */
  what: string;
  /** When it was saved last, where that is known. */
  at?: string;
};

/** Where things stand with saving, and the way back. */
export function SaveLine<Draft extends object, Whole extends UndoState>({
  record,
  autosave,
  what,
  at,
}: Props<Draft, Whole>) {
  const { save, undoes, redoes, news } = record;
  if (save.kind === "elsewhere") {
    return (
      <span className="save fail" role="alert">
        Another tab changed {what}.{" "}
        <button type="button" className="text-button" onClick={() => void autosave.resolve("mine")}>
          Keep mine
        </button>
        <button type="button" className="text-button" onClick={() => void autosave.resolve("theirs")}>
          Take theirs
        </button>
      </span>
    );
  }
  if (save.kind === "waiting" || save.kind === "refused") {
    return (
      <span className="save fail" role="alert" data-testid="save">
        {save.kind === "refused" ? `Not saved: ${save.message}` : waitingFor[save.why]}
        {save.kind === "waiting" && save.why === "signed-out" && (
          <>
            {" "}
            <Link to="/sign-in" reloadDocument>
              Sign in
            </Link>
          </>
        )}
      </span>
    );
  }
  return (
    <span className="save">
      <span data-testid="save" data-dirty={record.dirty}>
        {news ?? (record.dirty ? "saving" : at === undefined ? "saved" : `saved ${clock(at)}`)}
      </span>
      <button type="button" className="quiet" disabled={!undoes} onClick={() => void autosave.undo()}>
        undo
      </button>
      <button type="button" className="quiet" disabled={!redoes} onClick={() => void autosave.redo()}>
        redo
      </button>
    </span>
  );
}
