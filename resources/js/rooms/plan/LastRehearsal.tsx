import { Link } from "react-router-dom";
import type { Dials, Rehearsed } from "../../api/types";
import { when } from "../../units/when";
import { count, spread } from "../../units/counts";
import { noDials } from "../../hold/dials";

type Props = { id: string; last: Rehearsed | null; taken: Dials };

/** The way to the rehearsal, and what the last one told. */
export function LastRehearsal({ id, last, taken }: Props) {
  return (
    <span className="last-rehearsal">
      <Link to={`/rehearse/${id}`}>rehearse</Link>
      {last !== null && (
        <span className="note" data-testid="rehearsed">
          {spread(last.sharp_least, last.sharp_most)} of {count(last.frames)} sharp, {when(last.at)}
          {last.stale ? ", before it changed" : ""}
        </span>
      )}
      {!noDials(taken) && <span className="note">with dials of your own</span>}
    </span>
  );
}
