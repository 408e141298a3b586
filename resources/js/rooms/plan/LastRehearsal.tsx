import { Link } from "react-router-dom";
import type { Dials, Plan, Rehearsed } from "../../api/types";
import { parting } from "../../hold/parting";
import { when } from "../../units/when";
import { count, spread } from "../../units/counts";
import { noDials } from "../../hold/dials";

type Props = { id: string; last: Rehearsed | null; odds: Plan["odds"] | null; taken: Dials; onGiveBack: () => void };

/** The way to the rehearsal, and what the last one told. */
export function LastRehearsal({ id, last, odds, taken, onGiveBack }: Props) {
  const parts = last === null || odds === null || last.stale ? null : parting(odds, last.keeper.share);
  return (
    <span className="last-rehearsal">
      <Link to={`/rehearse/${id}`}>rehearse</Link>
      {last !== null && (
        <span className="note" data-testid="rehearsed">
          {spread(last.sharp_least, last.sharp_most)} of {count(last.frames)} sharp, {when(last.at)}
          {last.stale ? ", before it changed" : ""}
        </span>
      )}
      {parts !== null && (
        <span className="note" data-testid="parting">
          {parts} It sums up chances; in the rehearsal they meet in time: see there what the frames die of.
        </span>
      )}
      {!noDials(taken) && (
        <span className="note">
          with dials of your own{" "}
          <button type="button" className="text-button" onClick={onGiveBack}>
            give them back to the plan
          </button>
        </span>
      )}
    </span>
  );
}
