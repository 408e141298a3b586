import {
  backgrounds,
  crossers,
  entries,
  follows,
  foregrounds,
  lightDirections,
  patterns,
  routes,
  schools,
  separations,
  skills,
  standards,
  styles,
  supports,
} from "../generated/vocabulary";
import type { ReactNode } from "react";
import type { Rush } from "../api/types";
import { Sheet } from "../ui/Popup";
import { figures } from "../units/quantity";
import { BearingDial } from "./BearingDial";
import { ChoiceEditor } from "./ChoiceEditor";
import { KitEditor } from "./KitEditor";
import { NumberEditor } from "./NumberEditor";
import { SubjectEditor } from "./SubjectEditor";
import { foliage, withClutter, withSchool } from "./surroundings";
import {
  limbOptions,
  lights,
  numberFields,
  pans,
  type FieldName,
  type NumberField,
  type Telling,
  type Word,
} from "./words";
import { withIntent, withLight, withMotion, withPhotographer, type Draft, type Option } from "../rush/draft";

type Props = { word: Word; telling: Telling; onChange: (draft: Draft) => void; onClose: () => void };

/** The editor that opens under a word. Escape closes it; every change is taken at once. */
export function WordEditor({ word, telling, onChange, onClose }: Props) {
  const { draft, kind, units } = telling;
  const { rush } = draft;

  const number = (name: FieldName, label: string, more: { autoFocus?: boolean; usual?: boolean } = {}): ReactNode => {
    const field: NumberField = numberFields[name];
    const spans = { size: kind.length_m, speed: kind.speed_mps, limb: kind.limb_speed_mps } as const;
    const span = more.usual === true && name in spans ? spans[name as keyof typeof spans] : undefined;
    return (
      <NumberEditor
        key={name}
        label={label}
        field={field}
        draft={draft}
        units={units}
        autoFocus={more.autoFocus ?? false}
        usual={span && { span, of: kind.words }}
        onChange={onChange}
        onDone={onClose}
      />
    );
  };

  const choice = (options: readonly Option[], value: string, set: (value: string) => Draft): ReactNode => (
    <ChoiceEditor
      label={word.label}
      options={options}
      value={value}
      onPick={(picked) => {
        onChange(set(picked));
        onClose();
      }}
    />
  );

  // a row stays open: there is more to say on the same word
  const row = (label: string, options: readonly Option[], value: string, set: (value: string) => Draft): ReactNode => (
    <ChoiceEditor
      row
      autoFocus={false}
      label={label}
      options={options}
      value={value}
      onPick={(picked) => onChange(set(picked))}
    />
  );
  const clutter = <K extends keyof Rush["clutter"]>(key: K, value: Rush["clutter"][K]): Draft =>
    withClutter(draft, { [key]: value });

  const editors: Record<Word["id"], () => ReactNode> = {
    subject: () => <SubjectEditor telling={telling} onChange={onChange} onDone={onClose} />,
    size: () => number("size", "Length that matters in the frame", { autoFocus: true, usual: true }),
    speed: () => (
      <>
        {number("speed", "Own speed", { autoFocus: true, usual: true })}
        {number("acceleration", "Change of speed towards you")}
      </>
    ),
    bearing: () => (
      <>
        <BearingDial
          degrees={rush.motion.bearing_deg}
          onChange={(value) => onChange(withMotion(draft, { bearing_deg: value }))}
        />
        {number("bearing", "Bearing: 0° straight at you, 90° crossing", { autoFocus: true })}
      </>
    ),
    distance: () => (
      <>
        {number("work", "Where you photograph it", { autoFocus: true })}
        <div className="numbers">
          {number("near", "Nearest it may come")}
          {number("far", "Farthest it may be")}
        </div>
      </>
    ),
    pattern: () => (
      <>
        {choice(patterns, rush.motion.pattern, (value) =>
          withMotion(draft, { pattern: value as Rush["motion"]["pattern"] }),
        )}
        {row("Its way is", routes, rush.motion.route, (value) =>
          withMotion(draft, { route: value as Rush["motion"]["route"] }),
        )}
      </>
    ),
    front: () => (
      <>
        <ChoiceEditor
          label="What stands in front"
          options={foregrounds}
          value={rush.clutter.foreground}
          onPick={(value) => onChange(clutter("foreground", value as Rush["clutter"]["foreground"]))}
        />
        {row("Others pass", crossers, rush.clutter.crossers, (value) =>
          clutter("crossers", value as Rush["clutter"]["crossers"]),
        )}
        <div className="numbers">
          {number("obstacle", "Width of what may hide it")}
          {number("obstacleAt", "How far away that stands")}
        </div>
      </>
    ),
    behind: () => (
      <>
        <ChoiceEditor
          label="What lies behind"
          options={backgrounds}
          value={rush.clutter.background}
          onPick={(value) => onChange(clutter("background", value as Rush["clutter"]["background"]))}
        />
        {number("gap", "How far behind it")}
        {row("In tone", separations, rush.clutter.separation, (value) =>
          clutter("separation", value as Rush["clutter"]["separation"]),
        )}
        {row("Leaves are", foliage, rush.clutter.foliage_moving ? "yes" : "no", (value) =>
          clutter("foliage_moving", value === "yes"),
        )}
      </>
    ),
    follow: () => (
      <>
        <ChoiceEditor
          label={word.label}
          options={follows}
          value={rush.intent.follow}
          onPick={(value) => onChange(withIntent(draft, { follow: value as Rush["intent"]["follow"] }))}
        />
        {row("It comes in from", entries, rush.intent.entry, (value) =>
          withIntent(draft, { entry: value as Rush["intent"]["entry"] }),
        )}
      </>
    ),
    schools: () => (
      <>
        {schools.map((school) => (
          <ChoiceEditor
            key={school.question}
            row
            autoFocus={school.question === "clutter"}
            label={school.words}
            options={[{ value: "", words: "usual", note: "" }, ...school.answers]}
            value={rush.photographer.schools[school.question] ?? ""}
            onPick={(picked) => onChange(withSchool(draft, school.question, picked === "" ? null : picked))}
          />
        ))}
      </>
    ),
    light: () => (
      <>
        {number("light", "Light, in EV at ISO 100", { autoFocus: true })}
        {row("The sun is", lightDirections, rush.light.direction, (value) =>
          withLight(draft, { direction: value as Rush["light"]["direction"] }),
        )}
        <ChoiceEditor
          label="named light"
          autoFocus={false}
          options={lights}
          value={figures(rush.light.ev100)}
          onPick={(value) => {
            onChange(withLight(draft, { ev100: Number(value) }));
            onClose();
          }}
        />
      </>
    ),
    support: () =>
      choice(supports, rush.photographer.support, (value) =>
        withPhotographer(draft, { support: value as Rush["photographer"]["support"] }),
      ),
    panning: () =>
      choice(pans, rush.photographer.panning ? "yes" : "no", (value) =>
        withPhotographer(draft, { panning: value === "yes" }),
      ),
    skill: () => (
      <>
        {choice(skills, rush.photographer.skill, (value) =>
          withPhotographer(draft, { skill: value as Rush["photographer"]["skill"] }),
        )}
        {number("manual", "Focusing by hand: 0 never tried, 1 very practised")}
      </>
    ),
    style: () =>
      choice(styles, rush.intent.style, (value) => withIntent(draft, { style: value as Rush["intent"]["style"] })),
    limbs: () => (
      <>
        {choice(limbOptions(kind), rush.intent.limbs, (value) =>
          withIntent(draft, { limbs: value as Rush["intent"]["limbs"] }),
        )}
        {number("limb", `Speed of the ${kind.limbs}`, { usual: true })}
      </>
    ),
    standard: () =>
      choice(standards, rush.standard, (value) => ({
        ...draft,
        rush: { ...rush, standard: value as Rush["standard"] },
      })),
    iso: () => number("iso", "Highest ISO you accept", { autoFocus: true }),
    kit: () => <KitEditor telling={telling} onChange={onChange} />,
  };

  return (
    <Sheet className="editor" label={word.label} name={word.id} onClose={onClose}>
      {editors[word.id]()}
    </Sheet>
  );
}
