import { Link } from "react-router-dom";
import type { Keeper, Kept, Marks } from "./Keeper";

const time = (iso: string): string => new Date(iso).toLocaleTimeString("en-GB", { hour: "numeric", minute: "2-digit" });

const waitingFor = {
  connection:
    "Not saved yet: there is no connection. What you type is kept in this browser and sent as soon as it is back.",
  store:
    "Not saved yet: the store does not answer. What you type is kept in this browser and saved as soon as it is back.",
  "signed-out": "Not saved yet: you are signed out. What you type is kept in this browser.",
} as const;

type Props<Draft extends object, Whole extends Marks> = {
  kept: Kept<Draft, Whole>;
  keeper: Keeper<Draft, Whole>;
  /** What is kept, as in "this rush". */
  what: string;
  /** When it was saved last, where that is known. */
  at?: string;
};

/** Where things stand with saving, and the way back. */
export function SaveLine<Draft extends object, Whole extends Marks>({ kept, keeper, what, at }: Props<Draft, Whole>) {
  const { save, server, news } = kept;
  if (save.kind === "elsewhere") {
    return (
      <span className="save fail" role="alert">
        Another tab changed {what}.{" "}
        <button type="button" className="mark" onClick={() => void keeper.resolve("mine")}>
          Keep mine
        </button>
        <button type="button" className="mark" onClick={() => void keeper.resolve("theirs")}>
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
      <span data-testid="save" data-dirty={kept.dirty}>
        {news ?? (kept.dirty ? "saving" : at === undefined ? "saved" : `saved ${time(at)}`)}
      </span>
      <button type="button" className="quiet" disabled={!server.can_undo} onClick={() => void keeper.undo()}>
        undo
      </button>
      <button type="button" className="quiet" disabled={!server.can_redo} onClick={() => void keeper.redo()}>
        redo
      </button>
    </span>
  );
}
