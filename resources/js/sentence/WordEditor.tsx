import {
  acts,
  backgrounds,
  crossers,
  entries,
  facings,
  follows,
  foregrounds,
  lightDirections,
  orientations,
  patterns,
  routes,
  schools,
  separations,
  skills,
  skies,
  standards,
  streaks,
  styles,
  supports,
  sures,
} from "../generated/vocabulary";
import { rushRanges } from "../generated/ranges";
import { lazy, Suspense, type ReactNode } from "react";
import type { Rush } from "../api/types";
import { Explanation } from "../glossary/Explanation";
import { Sheet } from "../ui/Popup";
import { figures, show, shutter } from "../units/quantity";
import { figure } from "../session/figures";
import { BearingDial } from "./BearingDial";
import { ChoiceEditor } from "./ChoiceEditor";
import { NumberEditor } from "./NumberEditor";
import { SubjectEditor } from "./SubjectEditor";
import { groundOptions, hazeOf, hazes, withGround } from "./air";
import { foliage, withClutter, withSchool } from "./surroundings";
import {
  burstOf,
  facingOf,
  limbOptions,
  lights,
  numberFields,
  pans,
  travels,
  withAct,
  withPattern,
  type FieldName,
  type NumberField,
  type Telling,
  type Word,
} from "./words";
import {
  withDistance,
  withIntent,
  withLight,
  withMotion,
  withOptional,
  withPhotographer,
  withSure,
  type Draft,
  type Option,
} from "../rush/draft";

/** The plan chooses how the camera is held. */
const asItFits: Option = { value: "", words: "as it fits", note: "" };
/** Spare light decides in how many frames the standard holds. */
const asSpare: Option = {
  value: "",
  words: "as spare light allows",
  note: "half, and most where there is light to spare",
};

/** A length of streak with its shutter and how many frames come out, where the plan has told them. */
const streakNote = (streak: Option, told: Telling["streaks"]): string => {
  const found = told?.find((one) => one.streak === streak.value);
  return found === undefined
    ? streak.note
    : `${shutter(found.shutter_s)}, ${Math.round(found.sharp * 100)} of 100 frames still enough`;
};

// fetched when it is asked for: its lists are the largest part of an editor
const KitEditor = lazy(async () => ({ default: (await import("./KitEditor")).KitEditor }));

/** The craft word behind a word of the sentence. */
const explained: Partial<Record<Word["id"], string>> = {
  bearing: "bearing",
  speed: "burst-speed",
  distance: "lane",
  front: "clutter",
  behind: "clutter",
  light: "light",
  air: "shimmer",
  style: "streak",
  standard: "standard",
  iso: "iso",
  schools: "school",
  kit: "kit",
};

type More = {
  autoFocus?: boolean;
  /** Whether it tells what is usual for the kind. */
  usual?: boolean;
  note?: string;
  range?: [number, number];
  onRange?: (least: number, most: number) => Draft;
};
type Props = { word: Word; telling: Telling; onChange: (draft: Draft) => void; onClose: () => void };

/** The editor that opens under a word. Escape closes it; every change is taken at once. */
export function WordEditor({ word, telling, onChange, onClose }: Props) {
  const { draft, kind, units } = telling;
  const { rush } = draft;
  const { distance } = rush;

  const number = (name: FieldName, label: string, more: More = {}): ReactNode => {
    const field: NumberField = numberFields[name];
    const spans = {
      size: kind.length_m,
      speed: kind.speed_mps,
      burst: kind.burst_mps,
      limb: kind.limb_speed_mps,
    } as const;
    const span = more.usual === true && name in spans ? spans[name as keyof typeof spans] : undefined;
    return (
      <NumberEditor
        key={name}
        label={label}
        field={name === "burst" ? { ...field, get: (of) => burstOf(of, kind) } : field}
        draft={draft}
        units={units}
        autoFocus={more.autoFocus ?? false}
        usual={span && { span, of: kind.words }}
        note={more.note}
        range={more.range}
        onRange={more.onRange}
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
        {number("speed", rush.motion.pattern === "sudden" ? "Speed before it goes" : "Own speed", {
          autoFocus: true,
          usual: true,
        })}
        {rush.motion.pattern === "sudden" && number("burst", "Speed once it goes", { usual: true })}
        {number("acceleration", "Change of speed towards you")}
      </>
    ),
    bearing: () => (
      <>
        {!travels(rush) && (
          <ChoiceEditor
            label="Which way it looks"
            options={facings}
            value={facingOf(draft, kind)}
            onPick={(value) => onChange(withMotion(draft, { facing: value as NonNullable<Rush["motion"]["facing"]> }))}
          />
        )}
        <BearingDial
          degrees={rush.motion.bearing_deg}
          onChange={(value) => onChange(withMotion(draft, { bearing_deg: value }))}
        />
        {number(
          "bearing",
          `${travels(rush) ? "Bearing" : "Where it goes if it does"}: 0° straight at you, 90° crossing`,
          {
            autoFocus: travels(rush),
          },
        )}
      </>
    ),
    distance: () => (
      <>
        {number("work", "Where you photograph it", {
          autoFocus: true,
          onRange: (near_m, far_m) =>
            withDistance(draft, { near_m, far_m, work_m: Math.min(far_m, Math.max(near_m, distance.work_m)) }),
        })}
        <div className="numbers">
          {number("near", "Nearest it may come", { range: [rushRanges["distance.near_m"]![0], distance.work_m] })}
          {number("far", "Farthest it may be", { range: [distance.work_m, rushRanges["distance.far_m"]![1]] })}
        </div>
      </>
    ),
    pattern: () => (
      <>
        {choice(kind.rooted ? patterns : [...patterns, ...acts], rush.motion.act ?? rush.motion.pattern, (value) =>
          acts.some((one) => one.value === value)
            ? withAct(draft, kind, value as NonNullable<Rush["motion"]["act"]>)
            : withPattern(draft, value),
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
          {number("obstacle", "Width of one stem, post or passer-by", {
            note: `0 leaves it to the plan: a stem of ${show(figure("rehearse.twig"), "length", units)}`,
          })}
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
    air: () => (
      <>
        <ChoiceEditor
          row
          label="The line of sight runs over"
          options={groundOptions}
          value={rush.air?.ground ?? ""}
          onPick={(value) => onChange(withGround(draft, value))}
        />
        {rush.air?.ground !== undefined && (
          <>
            {row("The sky is", skies, rush.air.sky ?? "clear", (value) =>
              withOptional(draft, "air", { sky: value as NonNullable<NonNullable<Rush["air"]>["sky"]> }),
            )}
            <div className="numbers">
              {number("wind", "Wind")}
              {number("sightHeight", "Height of the line of sight over it")}
            </div>
          </>
        )}
        {row("The air is", hazes, hazeOf(rush.air?.visibility_m).value, (value) =>
          withOptional(draft, "air", { visibility_m: hazes.find((one) => one.value === value)?.metres }),
        )}
        {rush.air?.visibility_m !== undefined && number("visibility", "How far one sees")}
      </>
    ),
    support: () => (
      <>
        {choice(supports, rush.photographer.support, (value) =>
          withPhotographer(draft, { support: value as Rush["photographer"]["support"] }),
        )}
        {row("Camera held", [asItFits, ...orientations], rush.intent.frame ?? "", (value) =>
          withOptional(draft, "intent", { frame: value === "" ? undefined : (value as Rush["intent"]["frame"]) }),
        )}
      </>
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
    style: () => (
      <>
        <ChoiceEditor
          label={word.label}
          options={styles}
          value={rush.intent.style}
          onPick={(value) => onChange(withIntent(draft, { style: value as Rush["intent"]["style"] }))}
        />
        {rush.intent.style === "pan-blur" && (
          <ChoiceEditor
            label="How far it streaks"
            autoFocus={false}
            options={streaks.map((one) => ({ ...one, note: streakNote(one, telling.streaks) }))}
            value={rush.intent.streak ?? "plain"}
            onPick={(value) => onChange(withIntent(draft, { streak: value as NonNullable<Rush["intent"]["streak"]> }))}
          />
        )}
      </>
    ),
    limbs: () => (
      <>
        {choice(limbOptions(kind), rush.intent.limbs, (value) =>
          withIntent(draft, { limbs: value as Rush["intent"]["limbs"] }),
        )}
        {number("limb", `Speed of the ${kind.limbs}`, { usual: true })}
      </>
    ),
    standard: () => (
      <>
        <ChoiceEditor
          label={word.label}
          options={standards}
          value={rush.standard}
          onPick={(value) => onChange({ ...draft, rush: { ...rush, standard: value as Rush["standard"] } })}
        />
        <ChoiceEditor
          label="In how many frames"
          autoFocus={false}
          options={[asSpare, ...sures]}
          value={rush.sure ?? ""}
          onPick={(value) => onChange(withSure(draft, value === "" ? undefined : (value as Rush["sure"])))}
        />
      </>
    ),
    iso: () => number("iso", "Highest ISO you accept", { autoFocus: true }),
    kit: () => (
      <Suspense fallback={<p className="note">Fetching your kit…</p>}>
        <KitEditor telling={telling} onChange={onChange} />
      </Suspense>
    ),
  };

  return (
    <Sheet className="editor" label={word.label} name={word.id} onClose={onClose}>
      {editors[word.id]()}
      {explained[word.id] !== undefined && (
        <details className="g-more">
          <summary>What that means</summary>
          <Explanation of={explained[word.id]!} />
        </details>
      )}
    </Sheet>
  );
}
