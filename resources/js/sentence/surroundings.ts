import type { Rush, Units } from "../api/types";
import { figure } from "../session/figures";
import { show } from "../units/quantity";
import { patch, withPhotographer, type Draft, type Option } from "./draft";

export const withClutter = (draft: Draft, change: Partial<Rush["clutter"]>): Draft => patch(draft, "clutter", change);

/** Where obstacles are taken to stand: as the rush says, else by the figure the plan assumes. */
export const obstacleAt = ({ clutter, distance }: Rush): number =>
  clutter.obstacle_distance_m ?? distance.work_m * figure("obstacle.place");
export const hasObstacles = ({ clutter }: Rush): boolean =>
  clutter.foreground !== "none" || clutter.crossers !== "none";

export const foregrounds: Option[] = [
  { value: "none", words: "nothing", note: "a clear view" },
  { value: "sparse", words: "a few things", note: "posts, stems, single people" },
  { value: "dense", words: "dense clutter", note: "twigs, reeds, a crowd" },
];
export const crossers: Option[] = [
  { value: "none", words: "nobody", note: "" },
  { value: "occasional", words: "now and then", note: "" },
  { value: "frequent", words: "all the time", note: "" },
];
export const backgrounds: Option[] = [
  { value: "clean", words: "plain", note: "sky, water, a far blur" },
  { value: "moderate", words: "some shapes", note: "banks, far trees" },
  { value: "busy", words: "busy", note: "strong shapes and edges" },
];
export const separations: Option[] = [
  { value: "clear", words: "it stands out", note: "" },
  { value: "similar", words: "it melts in", note: "" },
];
export const foliage: Option[] = [
  { value: "no", words: "at rest", note: "" },
  { value: "yes", words: "moving in the wind", note: "" },
];
export const follows: Option[] = [
  { value: "this-one", words: "this one", note: "the one I have chosen" },
  { value: "nearest", words: "whoever leads", note: "the nearest of them" },
  { value: "whoever-enters", words: "whoever comes in", note: "not there yet" },
];
export const entries: Option[] = [
  { value: "any", words: "any side", note: "" },
  { value: "left", words: "the left", note: "" },
  { value: "right", words: "the right", note: "" },
  { value: "below", words: "below", note: "" },
];
export const routes: Option[] = [
  { value: "unknown", words: "not known", note: "" },
  { value: "known", words: "known", note: "" },
];
export const directions: Option[] = [
  { value: "front", words: "behind me", note: "" },
  { value: "side", words: "from the side", note: "" },
  { value: "back", words: "behind it", note: "" },
];
export const details: Option[] = [
  { value: "low", words: "plain", note: "" },
  { value: "medium", words: "some markings", note: "" },
  { value: "high", words: "strong markings", note: "" },
];
export const detections: Option[] = [
  { value: "none", words: "off", note: "" },
  { value: "bird", words: "bird", note: "" },
  { value: "animal", words: "animal", note: "" },
  { value: "person", words: "person", note: "" },
  { value: "vehicle", words: "vehicle", note: "" },
];

type School = { question: keyof Rush["photographer"]["schools"]; words: string; answers: Option[] };
const answer = (value: string, words: string): Option => ({ value, words, note: "" });

/** Questions on which practitioners disagree, and their answers; none picked is the product's default. */
export const schools: School[] = [
  {
    question: "clutter",
    words: "In clutter",
    answers: [
      answer("smallest-area", "smallest area"),
      answer("lock-on", "lock-on with detection"),
      answer("manual", "by hand"),
    ],
  },
  {
    question: "flight",
    words: "For flight",
    answers: [
      answer("long-box", "long zone"),
      answer("large-zone", "large zone"),
      answer("lock-on", "lock-on"),
      answer("single-point", "one point"),
    ],
  },
  {
    question: "sport",
    words: "For sport",
    answers: [answer("single-centre", "one centre point"), answer("zone", "a zone")],
  },
  {
    question: "tuning",
    words: "Tuning",
    answers: [
      answer("general", "left general"),
      answer("sticky", "sticky"),
      answer("per-scene", "per scene"),
      answer("responsive", "responsive"),
    ],
  },
  {
    question: "button",
    words: "Focus button",
    answers: [
      answer("shutter", "shutter"),
      answer("thumb", "thumb"),
      answer("two-thumbs", "two thumbs"),
      answer("three-buttons", "three buttons"),
    ],
  },
  { question: "people", words: "On people", answers: [answer("chest", "chest"), answer("face", "face")] },
  {
    question: "stabiliser",
    words: "Stabiliser in action",
    answers: [answer("off", "off"), answer("panning", "panning mode")],
  },
  {
    question: "aperture",
    words: "Aperture",
    answers: [answer("wide-open", "wide open"), answer("one-stop-down", "one stop down")],
  },
  {
    question: "auto_switch",
    words: "Auto-switch mode",
    answers: [answer("net", "a safety net"), answer("never", "never")],
  },
];

/** Picks a school for this rush; null leaves the question to the product's default. */
export const withSchool = (draft: Draft, question: string, picked: string | null): Draft => {
  const { [question as "flight"]: _, ...others } = draft.rush.photographer.schools;
  return withPhotographer(draft, { schools: picked === null ? others : { ...others, [question]: picked } });
};

const words = (options: Option[], value: string): string => options.find((one) => one.value === value)?.words ?? value;

export const frontWords = ({ rush }: Draft): string => {
  const { foreground, crossers: passing } = rush.clutter;
  const front = `${words(foregrounds, foreground)} in front`;
  if (passing === "none") return front;
  const others = `others passing ${words(crossers, passing)}`;
  return foreground === "none" ? others : `${front}, ${others}`;
};

export const behindWords = ({ rush }: Draft, units: Units): string => {
  const { background, background_gap_m, foliage_moving, separation } = rush.clutter;
  const far = background_gap_m >= 100 ? "far behind" : `${show(background_gap_m, "length", units)} behind`;
  const base = { clean: "plain ground", moderate: "some shapes", busy: "a busy ground" }[background];
  const tone = separation === "similar" ? " of its own tone" : "";
  return `${base}${tone} ${far}${foliage_moving ? ", leaves moving" : ""}`;
};

export const followWords = ({ rush }: Draft): string => {
  const whom = words(follows, rush.intent.follow);
  const from = { any: "", left: " from the left", right: " from the right", below: " rising" }[rush.intent.entry];
  return `${whom}${from}`;
};

export const schoolWords = ({ rush }: Draft): string => {
  const picked = schools.filter((school) => rush.photographer.schools[school.question] !== undefined);
  if (picked.length === 0) return "the usual schools";
  const [only] = picked;
  if (picked.length > 1 || only === undefined) return `${picked.length} schools of my own`;
  return `my school on ${only.words.toLowerCase().replace(/^(in|for|on) /, "")}`;
};
