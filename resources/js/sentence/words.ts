import {
  acts,
  backgrounds,
  facings,
  follows,
  foregrounds,
  orientations,
  patterns,
  skills,
  standards,
  streaks,
  styles,
  supports,
  sures,
} from "../generated/vocabulary";
import type { KitWhole, Plan, Rush, SubjectKind, Units } from "../api/types";
import { figure } from "../session/figures";
import { figures, show, type Quantity } from "../units/quantity";
import {
  withDistance,
  withIntent,
  withLight,
  withMotion,
  withOptional,
  withPhotographer,
  withSubject,
  type Draft,
  type Option,
} from "../rush/draft";
import { capital, pluralOf, withArticle } from "../units/wording";
import { airWords, groundOptions, withGround } from "./air";
import { behindWords, followWords, frontWords, obstacleAt, schoolWords, withClutter } from "./surroundings";

/** What the sentence is told from: the draft, what is in use, and how the person reads numbers. */
export type Telling = {
  draft: Draft;
  kind: SubjectKind;
  kit: KitWhole | null;
  units: Units;
  /** What each length of streak would bring, once a plan has told. */
  streaks?: Plan["streaks"] | undefined;
};

export type WordId =
  | "subject"
  | "size"
  | "bearing"
  | "speed"
  | "distance"
  | "pattern"
  | "front"
  | "behind"
  | "light"
  | "air"
  | "support"
  | "panning"
  | "skill"
  | "follow"
  | "style"
  | "limbs"
  | "standard"
  | "iso"
  | "schools"
  | "kit";

export type Word = {
  id: WordId;
  /** Typed, it opens the word. */
  letter: string;
  label: string;
  text: (telling: Telling) => string;
  /** The next state up or down by an arrow key, or the same when there is none. */
  stepped: (telling: Telling, by: 1 | -1) => Draft;
};

export const pans: readonly Option[] = [
  { value: "yes", words: "panning with it", note: "the camera follows" },
  { value: "no", words: "holding still", note: "it moves through the frame" },
];
export const limbOptions = (kind: SubjectKind): Option[] => [
  { value: "may-blur", words: `${kind.limbs} may blur`, note: "they may show their speed" },
  {
    value: "freeze",
    words: `${kind.limbs} frozen too`,
    note: `at about ${figures(kind.limb_speed_mps.typical)} m/s of their own`,
  },
];
export const lights: (Option & { ev: number })[] = [
  { value: "15", ev: 15, words: "full sun", note: "EV 15" },
  { value: "14", ev: 14, words: "hazy sun", note: "EV 14" },
  { value: "13", ev: 13, words: "thin cloud", note: "EV 13" },
  { value: "12", ev: 12, words: "overcast", note: "EV 12" },
  { value: "11", ev: 11, words: "heavy cloud", note: "EV 11" },
  { value: "9.5", ev: 9.5, words: "sunset", note: "EV 9.5" },
  { value: "8", ev: 8, words: "floodlights or after sunset", note: "EV 8" },
  { value: "6", ev: 6, words: "dusk", note: "EV 6" },
  { value: "3", ev: 3, words: "deep dusk", note: "EV 3" },
  { value: "-3", ev: -3, words: "moonlight", note: "EV −3" },
];

/** The words for a light value: those of the nearest named light. */
export const lightWords = (ev: number): string => {
  const near = lights.reduce((best, light) => (Math.abs(light.ev - ev) < Math.abs(best.ev - ev) ? light : best));
  return Math.abs(near.ev - ev) < 0.05
    ? near.words
    : Math.abs(near.ev - ev) <= 1.5
      ? `${near.words}, EV ${figures(ev)}`
      : `EV ${figures(ev)}`;
};

/** What stands before the words for a light value: one is under the sun, but at dusk. */
export const lightPreposition = (ev: number): string => {
  const words = lightWords(ev);
  if (/^(EV|sunset|dusk)/.test(words)) return "at";
  return /^(deep dusk|moonlight)/.test(words) ? "in" : "under";
};

export const bearingWords = (degrees: number): string => {
  if (degrees <= 12) return "coming straight at me";
  if (degrees < 60) return `coming on at ${figures(degrees)}°`;
  if (degrees <= 120) return degrees === 90 ? "crossing" : `crossing at ${figures(degrees)}°`;
  return degrees < 168 ? `going away at ${figures(degrees)}°` : "going straight away";
};

const numbers = ["", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];

export const subjectWords = ({ draft, kind, units }: Telling): string => {
  const { count, depth_spread_m, called = kind.words.replace(/^an? /, "") } = draft.rush.subject;
  if (count === 1) return capital(withArticle(called));
  const many = capital(`${numbers[count] ?? count} ${pluralOf(called)}`);
  return depth_spread_m > 0 ? `${many} ${show(depth_spread_m, "length", units)} deep` : many;
};

/** Whether it goes anywhere: what does not has a side it shows and no bearing. */
export const travels = ({ motion }: Rush): boolean =>
  motion.pattern === "sudden" || (motion.pattern !== "still" && motion.speed_mps >= figure("motion.travels"));

/** Which way it looks while it does not travel: as the rush says, or as is usual for its kind. */
export const facingOf = (draft: Draft, kind: SubjectKind): NonNullable<Rush["motion"]["facing"]> =>
  draft.rush.motion.facing ?? (kind.family === "person" ? "towards" : "across");

/** How it moves, as a pattern; what it was doing is said no more. */
export const withPattern = (draft: Draft, pattern: string): Draft =>
  withOptional(draft, "motion", { pattern: pattern as Rush["motion"]["pattern"], act: undefined });

/** What it is doing, with the speeds that belong to that. */
export const withAct = (draft: Draft, kind: SubjectKind, act: NonNullable<Rush["motion"]["act"]>): Draft => {
  const { typical, most } = kind.speed_mps;
  const usual = Math.max(typical, figure("act.hover"));
  const speeds = {
    "taking-off": { speed_mps: 0, burst_mps: undefined, acceleration_mps2: 0 },
    landing: { speed_mps: usual, acceleration_mps2: -Number((usual / figure("act.brake")).toPrecision(2)) },
    diving: { speed_mps: most, acceleration_mps2: figure("act.dive") },
    hovering: { speed_mps: figure("act.hover"), acceleration_mps2: 0 },
  }[act];
  const { pattern } = acts.find((one) => one.value === act)!;
  return withOptional(draft, "motion", { ...speeds, pattern, act });
};

/** Its speed once it goes: as the rush says, or as is usual for its kind. */
export const burstOf = (draft: Draft, kind: SubjectKind): number =>
  draft.rush.motion.burst_mps ?? Math.max(kind.burst_mps.typical, draft.rush.motion.speed_mps);

const speedWords = ({ draft, kind, units }: Telling): string => {
  const { motion } = draft.rush;
  const now = show(motion.speed_mps, "speed", units);
  const burst = burstOf(draft, kind);
  return motion.pattern === "sudden" && burst > motion.speed_mps
    ? `${now}, then off at ${show(burst, "speed", units)}`
    : now;
};

const wordOf = (options: readonly Option[], value: string): string =>
  options.find((option) => option.value === value)?.words ?? value;
const cycled = (options: readonly Option[], value: string, by: number): string => {
  const at = options.findIndex((option) => option.value === value);
  return options[(at + by + options.length) % options.length]?.value ?? value;
};

/** What a number word changes, and the range it may take. */
export type NumberField = {
  quantity: Quantity;
  path: string;
  get: (draft: Draft) => number;
  set: (draft: Draft, value: number) => Draft;
};

export const numberFields = {
  size: {
    quantity: "length",
    path: "subject.length_m",
    get: (d) => d.rush.subject.length_m,
    set: (d, v) => withSubject(d, { length_m: v }),
  },
  count: {
    quantity: "count",
    path: "subject.count",
    get: (d) => d.rush.subject.count,
    set: (d, v) => withSubject(d, { count: Math.round(v) }),
  },
  spread: {
    quantity: "length",
    path: "subject.depth_spread_m",
    get: (d) => d.rush.subject.depth_spread_m,
    set: (d, v) => withSubject(d, { depth_spread_m: v }),
  },
  limb: {
    quantity: "speed",
    path: "subject.limb_speed_mps",
    get: (d) => d.rush.subject.limb_speed_mps,
    set: (d, v) => withSubject(d, { limb_speed_mps: v }),
  },
  speed: {
    quantity: "speed",
    path: "motion.speed_mps",
    get: (d) => d.rush.motion.speed_mps,
    set: (d, v) => withMotion(d, { speed_mps: v }),
  },
  burst: {
    quantity: "speed",
    path: "motion.burst_mps",
    get: (d) => d.rush.motion.burst_mps ?? d.rush.motion.speed_mps,
    set: (d, v) => withMotion(d, { burst_mps: v }),
  },
  bearing: {
    quantity: "angle",
    path: "motion.bearing_deg",
    get: (d) => d.rush.motion.bearing_deg,
    set: (d, v) => withMotion(d, { bearing_deg: v }),
  },
  acceleration: {
    quantity: "acceleration",
    path: "motion.acceleration_mps2",
    get: (d) => d.rush.motion.acceleration_mps2,
    set: (d, v) => withMotion(d, { acceleration_mps2: v }),
  },
  near: {
    quantity: "length",
    path: "distance.near_m",
    get: (d) => d.rush.distance.near_m,
    set: (d, v) => withDistance(d, { near_m: v }),
  },
  work: {
    quantity: "length",
    path: "distance.work_m",
    get: (d) => d.rush.distance.work_m,
    set: (d, v) => withDistance(d, { work_m: v }),
  },
  far: {
    quantity: "length",
    path: "distance.far_m",
    get: (d) => d.rush.distance.far_m,
    set: (d, v) => withDistance(d, { far_m: v }),
  },
  gap: {
    quantity: "length",
    path: "clutter.background_gap_m",
    get: (d) => d.rush.clutter.background_gap_m,
    set: (d, v) => withClutter(d, { background_gap_m: v }),
  },
  obstacle: {
    quantity: "length",
    path: "clutter.obstacle_width_m",
    get: (d) => d.rush.clutter.obstacle_width_m,
    set: (d, v) => withClutter(d, { obstacle_width_m: v }),
  },
  obstacleAt: {
    quantity: "length",
    path: "clutter.obstacle_distance_m",
    get: (d) => obstacleAt(d.rush),
    set: (d, v) => withClutter(d, { obstacle_distance_m: v }),
  },
  manual: {
    quantity: "plain",
    path: "photographer.manual_skill",
    get: (d) => d.rush.photographer.manual_skill,
    set: (d, v) => withPhotographer(d, { manual_skill: v }),
  },
  wind: {
    quantity: "speed",
    path: "air.wind_mps",
    get: (d) => d.rush.air?.wind_mps ?? figure("air.calm"),
    set: (d, v) => withOptional(d, "air", { wind_mps: v }),
  },
  sightHeight: {
    quantity: "length",
    path: "air.height_m",
    get: (d) => d.rush.air?.height_m ?? figure("air.height"),
    set: (d, v) => withOptional(d, "air", { height_m: v }),
  },
  visibility: {
    quantity: "length",
    path: "air.visibility_m",
    get: (d) => d.rush.air?.visibility_m ?? 20_000,
    set: (d, v) => withOptional(d, "air", { visibility_m: v }),
  },
  light: {
    quantity: "ev",
    path: "light.ev100",
    get: (d) => d.rush.light.ev100,
    set: (d, v) => withLight(d, { ev100: v }),
  },
  iso: {
    quantity: "iso",
    path: "iso_ceiling",
    get: (d) => d.rush.iso_ceiling,
    set: (d, v) => ({ ...d, rush: { ...d.rush, iso_ceiling: v } }),
  },
} satisfies Record<string, NumberField>;

export type FieldName = keyof typeof numberFields;

const stepper =
  (
    name: FieldName,
    next: (value: number, by: 1 | -1, quantity: Quantity, units: Units) => number,
    ranges: Record<string, [number, number]>,
  ) =>
  ({ draft, units }: Telling, by: 1 | -1): Draft => {
    const field: NumberField = numberFields[name];
    const [least, most] = ranges[field.path] ?? [-Infinity, Infinity];
    return field.set(draft, Math.min(most, Math.max(least, next(field.get(draft), by, field.quantity, units))));
  };

/** Every changeable word in the order of the sentence. */
export const makeWords = (
  next: (value: number, by: 1 | -1, quantity: Quantity, units: Units) => number,
  ranges: Record<string, [number, number]>,
): Word[] => [
  { id: "subject", letter: "s", label: "what moves", text: subjectWords, stepped: ({ draft }) => draft },
  {
    id: "size",
    letter: "l",
    label: "its length",
    text: (t) => show(t.draft.rush.subject.length_m, "length", t.units),
    stepped: stepper("size", next, ranges),
  },
  {
    id: "bearing",
    letter: "b",
    label: "its bearing",
    text: (t) =>
      travels(t.draft.rush)
        ? bearingWords(t.draft.rush.motion.bearing_deg)
        : wordOf(facings, facingOf(t.draft, t.kind)),
    stepped: (t, by) =>
      travels(t.draft.rush)
        ? stepper("bearing", next, ranges)(t, by)
        : withMotion(t.draft, {
            facing: cycled(facings, facingOf(t.draft, t.kind), by) as NonNullable<Rush["motion"]["facing"]>,
          }),
  },
  {
    id: "speed",
    letter: "v",
    label: "its speed",
    text: speedWords,
    stepped: stepper("speed", next, ranges),
  },
  {
    id: "distance",
    letter: "d",
    label: "its distance",
    text: (t) => show(t.draft.rush.distance.work_m, "length", t.units),
    stepped: stepper("work", next, ranges),
  },
  {
    id: "pattern",
    letter: "m",
    label: "how it moves",
    text: (t) => {
      const { act, pattern, route } = t.draft.rush.motion;
      return (
        (act === undefined ? wordOf(patterns, pattern) : wordOf(acts, act)) +
        (route === "known" ? " on a known way" : "")
      );
    },
    stepped: ({ draft }, by) => withPattern(draft, cycled(patterns, draft.rush.motion.pattern, -by)),
  },
  {
    id: "front",
    letter: "o",
    label: "what is in front",
    text: (t) => frontWords(t.draft, t.units),
    stepped: ({ draft }, by) =>
      withClutter(draft, {
        foreground: cycled(foregrounds, draft.rush.clutter.foreground, by) as Rush["clutter"]["foreground"],
      }),
  },
  {
    id: "behind",
    letter: "r",
    label: "what is behind",
    text: (t) => behindWords(t.draft, t.units),
    stepped: ({ draft }, by) =>
      withClutter(draft, {
        background: cycled(backgrounds, draft.rush.clutter.background, by) as Rush["clutter"]["background"],
      }),
  },
  {
    id: "light",
    letter: "e",
    label: "the light",
    text: (t) =>
      lightWords(t.draft.rush.light.ev100) +
      { front: "", side: " from the side", back: " from behind it" }[t.draft.rush.light.direction],
    stepped: stepper("light", next, ranges),
  },
  {
    id: "air",
    letter: "a",
    label: "the air on the way",
    text: (t) => airWords(t.draft, t.units),
    stepped: ({ draft }, by) => withGround(draft, cycled(groundOptions, draft.rush.air?.ground ?? "", by)),
  },
  {
    id: "support",
    letter: "h",
    label: "what carries the camera",
    text: (t) =>
      wordOf(supports, t.draft.rush.photographer.support) +
      (t.draft.rush.intent.frame === undefined ? "" : `, camera ${wordOf(orientations, t.draft.rush.intent.frame)}`),
    stepped: ({ draft }, by) =>
      withPhotographer(draft, {
        support: cycled(supports, draft.rush.photographer.support, -by) as Rush["photographer"]["support"],
      }),
  },
  {
    id: "panning",
    letter: "p",
    label: "whether you pan",
    text: (t) => wordOf(pans, t.draft.rush.photographer.panning ? "yes" : "no"),
    stepped: ({ draft }) => withPhotographer(draft, { panning: !draft.rush.photographer.panning }),
  },
  {
    id: "skill",
    letter: "y",
    label: "how practised you are",
    text: (t) => wordOf(skills, t.draft.rush.photographer.skill),
    stepped: ({ draft }, by) =>
      withPhotographer(draft, {
        skill: cycled(skills, draft.rush.photographer.skill, by) as Rush["photographer"]["skill"],
      }),
  },
  {
    id: "follow",
    letter: "t",
    label: "whom to follow",
    text: (t) => followWords(t.draft),
    stepped: ({ draft }, by) =>
      withIntent(draft, { follow: cycled(follows, draft.rush.intent.follow, by) as Rush["intent"]["follow"] }),
  },
  {
    id: "style",
    letter: "f",
    label: "what you want of the motion",
    text: ({ draft }) =>
      draft.rush.intent.style === "pan-blur"
        ? `frozen before ${wordOf(streaks, draft.rush.intent.streak ?? "plain")}`
        : wordOf(styles, draft.rush.intent.style),
    stepped: ({ draft }, by) =>
      withIntent(draft, { style: cycled(styles, draft.rush.intent.style, by) as Rush["intent"]["style"] }),
  },
  {
    id: "limbs",
    letter: "w",
    label: "wing tips, hands or hooves",
    text: (t) => wordOf(limbOptions(t.kind), t.draft.rush.intent.limbs),
    stepped: ({ draft }) => withIntent(draft, { limbs: draft.rush.intent.limbs === "freeze" ? "may-blur" : "freeze" }),
  },
  {
    id: "standard",
    letter: "q",
    label: "how sharp is sharp",
    text: ({ draft }) =>
      wordOf(standards, draft.rush.standard) +
      (draft.rush.sure === undefined ? "" : ` ${wordOf(sures, draft.rush.sure)}`),
    stepped: ({ draft }, by) => ({
      ...draft,
      rush: { ...draft.rush, standard: cycled(standards, draft.rush.standard, by) as Rush["standard"] },
    }),
  },
  {
    id: "iso",
    letter: "i",
    label: "your ISO ceiling",
    text: (t) => show(t.draft.rush.iso_ceiling, "iso", t.units),
    stepped: stepper("iso", next, ranges),
  },
  {
    id: "schools",
    letter: "c",
    label: "your schools of practice",
    text: (t) => schoolWords(t.draft),
    stepped: ({ draft }) => draft,
  },
  { id: "kit", letter: "k", label: "the kit in use", text: kitWords, stepped: ({ draft }) => draft },
];

/** The kit in the sentence; a zoom tells where it is set. */
export function kitWords({ draft, kit }: Telling): string {
  if (kit === null) return "no kit";
  const { lens } = kit.kit;
  const set = lens.zoom && draft.focal_mm !== null ? ` at ${figures(draft.focal_mm)} mm` : "";
  return `${kit.name}${set}`;
}
