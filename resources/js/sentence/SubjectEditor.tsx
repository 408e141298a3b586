import { useMemo, useState } from "react";
import type { Rush, SubjectKind } from "../api/types";
import { useCatalogue } from "../session/boot";
import { ChoiceEditor } from "./ChoiceEditor";
import { NumberEditor } from "./NumberEditor";
import { details, detections } from "../generated/vocabulary";
import { numberFields, withKind, type Telling } from "./words";
import { withSubject, type Draft } from "../rush/draft";

const families: Record<SubjectKind["family"], string> = {
  bird: "Birds",
  animal: "Animals",
  small: "Close and small",
  person: "People",
  vehicle: "Machines",
};

type Props = { telling: Telling; onChange: (draft: Draft) => void; onDone: () => void };

/** Which kind of subject, and how many of them. */
export function SubjectEditor({ telling, onChange, onDone }: Props) {
  const kinds = useCatalogue();
  const [sought, setSought] = useState("");
  const { draft, units } = telling;
  const found = useMemo(
    () => kinds.filter((kind) => kind.words.includes(sought.trim().toLowerCase())),
    [kinds, sought],
  );

  const pick = (kind: SubjectKind): void => {
    onChange(withKind(draft, kind));
    onDone();
  };

  return (
    <div className="subject">
      <label className="seek">
        Kind
        <input
          autoFocus
          value={sought}
          placeholder="type to find, Enter takes the first"
          onChange={(event) => setSought(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || found[0] === undefined) return;
            event.preventDefault();
            pick(found[0]);
          }}
        />
      </label>
      <div className="kinds">
        {(Object.keys(families) as SubjectKind["family"][]).map((family) => {
          const here = found.filter((kind) => kind.family === family);
          return (
            here.length > 0 && (
              <section key={family} aria-label={families[family]}>
                <h3>{families[family]}</h3>
                {here.map((kind) => (
                  <button
                    key={kind.id}
                    type="button"
                    aria-pressed={kind.id === draft.rush.subject.kind}
                    onClick={() => pick(kind)}
                  >
                    {kind.words.replace(/^an? /, "")}
                  </button>
                ))}
              </section>
            )
          );
        })}
        {found.length === 0 && (
          <p className="note fault">No kind is called “{sought.trim()}”. Choose the one that moves most like it.</p>
        )}
      </div>
      <ChoiceEditor
        row
        autoFocus={false}
        label="Markings to focus on"
        options={details}
        value={draft.rush.subject.detail}
        onPick={(value) => onChange(withSubject(draft, { detail: value as Rush["subject"]["detail"] }))}
      />
      <ChoiceEditor
        row
        autoFocus={false}
        label="Detection to look for"
        options={detections}
        value={draft.rush.subject.detection}
        onPick={(value) => onChange(withSubject(draft, { detection: value as Rush["subject"]["detection"] }))}
      />
      <div className="numbers">
        <NumberEditor
          label="How many must be sharp"
          field={numberFields.count}
          draft={draft}
          units={units}
          onChange={(next) => onChange(next.rush.subject.count === 1 ? withSubject(next, { depth_spread_m: 0 }) : next)}
        />
        {draft.rush.subject.count > 1 && (
          <NumberEditor
            label="From nearest to farthest of them"
            field={numberFields.spread}
            draft={draft}
            units={units}
            onChange={onChange}
            onDone={onDone}
          />
        )}
      </div>
    </div>
  );
}
