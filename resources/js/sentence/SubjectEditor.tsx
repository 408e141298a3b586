import { useEffect, useMemo, useState } from "react";
import type { Rush, SubjectKind } from "../api/types";
import { useAccount, useCatalogue } from "../session/boot";
import { usePutSubject } from "../session/usePutSubject";
import { Choice } from "../ui/Choice";
import { same } from "../autosave/same";
import { show } from "../units/quantity";
import { ChoiceEditor } from "./ChoiceEditor";
import { NumberEditor } from "./NumberEditor";
import { details, detections } from "../generated/vocabulary";
import { arriving, meant, ownOf, withKindOf, withMeant, type Meant } from "./naming";
import { numberFields, type Telling } from "./words";
import { withSubject, type Draft } from "../rush/draft";

const families: Record<SubjectKind["family"], string> = {
  bird: "Birds",
  animal: "Animals",
  small: "Close and small",
  person: "People",
  vehicle: "Machines",
};
/** So many of what may be meant are shown. */
const SHOWN = 12;
/** Longest name of a subject of one's own. */
const NAME = 40;

const bareWords = (kind: SubjectKind): string => kind.words.replace(/^an? /, "");

type Props = { telling: Telling; onChange: (draft: Draft) => void; onDone: () => void };

/** Which subject, by whatever it is called, and how many of them. */
export function SubjectEditor({ telling, onChange, onDone }: Props) {
  const kinds = useCatalogue();
  const { user } = useAccount();
  const put = usePutSubject();
  const [sought, setSought] = useState("");
  const [names, setNames] = useState<Awaited<typeof arriving>>([]);
  const { draft, units } = telling;
  const { subject } = draft.rush;
  useEffect(() => void arriving.then(setNames), []);
  const found = useMemo(() => meant(sought, kinds, names, user.subjects), [sought, kinds, names, user.subjects]);
  const typed = sought.trim();

  const pick = (one: Meant): void => {
    onChange(withMeant(draft, one));
    onDone();
  };
  /** Takes a kind for what was typed and has no kind yet: it is one of the person's own from now on. */
  const keep = (kind: SubjectKind): void => {
    const called = typed.slice(0, NAME);
    const next = withKindOf(withSubject(draft, { called }), kind);
    put.mutate({ name: called, own: ownOf(next) });
    onChange(next);
    onDone();
  };
  const isUnknown = typed !== "" && names.length > 0 && found.length === 0;

  return (
    <div className="subject">
      <label className="seek">
        What moves
        <input
          autoFocus
          data-first
          value={sought}
          maxLength={120}
          placeholder="heron, football, train… Enter takes the first"
          onChange={(event) => setSought(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || typed === "") return;
            event.preventDefault();
            void arriving.then((all) => {
              const [first] = meant(typed, kinds, all, user.subjects);
              if (first !== undefined) pick(first);
            });
          }}
        />
      </label>
      {isUnknown && (
        <p className="note" role="status">
          No name here is like “{typed}”. Choose what it moves most like: it is then kept as your own, with sizes and
          speeds you can change.
        </p>
      )}
      <div className="kinds">
        {typed !== "" && !isUnknown ? (
          <ul className="meant" aria-label="What may be meant">
            {found.slice(0, SHOWN).map((one) => (
              <li key={`${one.called ?? ""} ${one.kind.id} ${one.own === null ? "" : "own"}`}>
                <button type="button" onClick={() => pick(one)}>
                  <b>{one.called ?? bareWords(one.kind)}</b>{" "}
                  <span className="note">
                    {one.own !== null && "yours, "}
                    {one.called === null ? "" : `moves like ${one.kind.words}, `}
                    {show(one.length_m, "length", units)}, {show(one.speed_mps, "speed", units)}
                  </span>
                </button>
              </li>
            ))}
          </ul>
        ) : (
          <Kinds
            kinds={kinds}
            pressed={isUnknown || subject.called !== undefined ? null : subject.kind}
            onPick={(kind) => (isUnknown ? keep(kind) : pick({ ...usualOf(kind), called: null }))}
          />
        )}
      </div>
      {subject.called !== undefined && typed === "" && (
        <div className="row-of called">
          <span className="row-label">A {subject.called} moves like</span>
          <Choice
            label={`What a ${subject.called} moves like`}
            value={subject.kind}
            options={kinds.map((kind) => ({ value: kind.id, words: kind.words, group: families[kind.family] }))}
            onChange={(id) =>
              onChange(
                withKindOf(
                  draft,
                  kinds.find((kind) => kind.id === id)!,
                ),
              )
            }
          />
          <button
            type="button"
            className="text-button"
            disabled={put.isPending}
            onClick={() => put.mutate({ name: subject.called!, own: ownOf(draft) })}
          >
            {user.subjects[subject.called] === undefined
              ? `keep these sizes and speeds for every ${subject.called}`
              : same(user.subjects[subject.called]!, ownOf(draft))
                ? "kept as yours"
                : `keep these numbers for every ${subject.called}`}
          </button>
          {user.subjects[subject.called] !== undefined && (
            <button
              type="button"
              className="quiet"
              disabled={put.isPending}
              onClick={() => put.mutate({ name: subject.called!, own: null })}
            >
              let it go
            </button>
          )}
        </div>
      )}
      {put.isError && <p className="note fault">{put.error.message}</p>}
      <ChoiceEditor
        row
        autoFocus={false}
        label="Markings to focus on"
        options={details}
        value={subject.detail}
        onPick={(value) => onChange(withSubject(draft, { detail: value as Rush["subject"]["detail"] }))}
      />
      <ChoiceEditor
        row
        autoFocus={false}
        label="Detection to look for"
        options={detections}
        value={subject.detection}
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
        {subject.count > 1 && (
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

const usualOf = (kind: SubjectKind): Omit<Meant, "called"> => ({
  kind,
  length_m: kind.length_m.typical,
  speed_mps: kind.speed_mps.typical,
  own: null,
});

type KindsProps = { kinds: SubjectKind[]; pressed: string | null; onPick: (kind: SubjectKind) => void };

/** Every kind there is, by family. */
function Kinds({ kinds, pressed, onPick }: KindsProps) {
  return (Object.keys(families) as SubjectKind["family"][]).map((family) => (
    <section key={family} aria-label={families[family]}>
      <h3>{families[family]}</h3>
      {kinds
        .filter((kind) => kind.family === family)
        .map((kind) => (
          <button key={kind.id} type="button" aria-pressed={kind.id === pressed} onClick={() => onPick(kind)}>
            {bareWords(kind)}
          </button>
        ))}
    </section>
  ));
}
