import { useState } from "react";
import type { Plan, Units } from "../../api/types";
import { differences, holdFields, holdText, type Hold, type HoldField } from "../../hold/hold";
import { Reasoned } from "./Reason";
import type { FigureChange } from "../../session/usePutFigure";

export type Change = {
  words: { from: string; to: string }[];
  before: Hold;
  /** What the answer waits for, if it is not there yet. */
  waitsFor: "reckoning" | "waiting" | "elsewhere" | "refused" | null;
};

const SHOWN = 4;

const waits: Record<NonNullable<Change["waitsFor"]>, string> = {
  reckoning: ": working it out…",
  waiting: ": kept, and worked out as soon as it can be sent.",
  elsewhere: ": worked out once you have said whose to keep.",
  refused: ": not saved, so not worked out.",
};

type Props = { change: Change | null; plan: Plan | null; units: Units; onAssumed: (change: FigureChange) => void };

/** What the last change of the sentence did to the hold; each field opens to its reason. Keeps its line when there is nothing to tell. */
export function Changes({ change, plan, units, onAssumed }: Props) {
  const all = change === null || plan === null ? [] : differences(change.before, plan.hold);
  // where the area goes follows from which it is
  const fields = all.length > 1 ? all.filter((field) => field !== "area.place") : all;
  const words = change?.words ?? [];
  const [open, setOpen] = useState(false);
  const first = open ? fields : fields.slice(0, SHOWN);
  return (
    <div className="changes" data-testid="changes" aria-live="polite">
      {change === null || plan === null || words.length === 0 ? (
        <span className="soft">Change a word, and see here what it changes.</span>
      ) : (
        <>
          <span className="changes-word">
            {words.map((word) => `${word.from} → ${word.to}`).join("; ")}
            {change.waitsFor !== null
              ? waits[change.waitsFor]
              : fields.length === 0
                ? " changes nothing in the hold."
                : ":"}
          </span>
          {change.waitsFor === null &&
            first.map((field) => (
              <Changed
                key={field}
                field={field}
                before={change.before}
                plan={plan}
                units={units}
                onAssumed={onAssumed}
              />
            ))}
          {change.waitsFor === null && fields.length > SHOWN && (
            <button type="button" className="text-button" aria-expanded={open} onClick={() => setOpen(!open)}>
              {open ? "fewer" : `and ${fields.length - SHOWN} more`}
            </button>
          )}
        </>
      )}
    </div>
  );
}

function Changed(props: {
  field: HoldField;
  before: Hold;
  plan: Plan;
  units: Units;
  onAssumed: (change: FigureChange) => void;
}) {
  const { field, before, plan, units, onAssumed } = props;
  const name = holdFields.find((entry) => entry.id === field)?.name ?? field;
  return (
    <Reasoned plan={plan} field={field} units={units} className="changed" onAssumed={onAssumed}>
      <span className="soft">{name}</span> {holdText(before, field, units)} → <b>{holdText(plan.hold, field, units)}</b>
    </Reasoned>
  );
}
