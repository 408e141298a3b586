import type { Plan, Units } from "../../api/types";
import { differences, holdFields, holdText, type Hold, type HoldField } from "../../hold/hold";
import { Reasoned } from "./Reason";

export type Change = { words: { from: string; to: string }[]; before: Hold };

const SHOWN = 4;

type Props = { change: Change | null; plan: Plan | null; units: Units; onAssumed: () => void };

/** What the last change of the sentence did to the hold; each field opens to its reason. Keeps its line when there is nothing to tell. */
export function Changes({ change, plan, units, onAssumed }: Props) {
  const all = change === null || plan === null ? [] : differences(change.before, plan.hold);
  // where the area goes follows from which it is
  const fields = all.length > 1 ? all.filter((field) => field !== "area.place") : all;
  const words = change?.words ?? [];
  return (
    <div className="changes" data-testid="changes" aria-live="polite">
      {change === null || plan === null || words.length === 0 ? (
        <span className="soft">Change a word, and see here what it changes.</span>
      ) : (
        <>
          <span className="changes-word">
            {words.map((word) => `${word.from} → ${word.to}`).join("; ")}
            {fields.length === 0 ? " changes nothing in the hold." : ":"}
          </span>
          {fields.slice(0, SHOWN).map((field) => (
            <Changed key={field} field={field} before={change.before} plan={plan} units={units} onAssumed={onAssumed} />
          ))}
          {fields.length > SHOWN && <span className="soft">and {fields.length - SHOWN} more</span>}
        </>
      )}
    </div>
  );
}

function Changed(props: { field: HoldField; before: Hold; plan: Plan; units: Units; onAssumed: () => void }) {
  const { field, before, plan, units, onAssumed } = props;
  const name = holdFields.find((entry) => entry.id === field)?.name ?? field;
  return (
    <Reasoned plan={plan} field={field} units={units} className="changed" onAssumed={onAssumed}>
      <span className="soft">{name}</span> {holdText(before, field, units)} → <b>{holdText(plan.hold, field, units)}</b>
    </Reasoned>
  );
}
