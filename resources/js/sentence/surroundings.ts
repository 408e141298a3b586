import type { Rush, Units } from "../api/types";
import { crossers, follows, foregrounds, schools } from "../generated/vocabulary";
import { figure } from "../session/figures";
import { show } from "../units/quantity";
import { patch, withPhotographer, type Draft, type Option } from "../rush/draft";

export const withClutter = (draft: Draft, change: Partial<Rush["clutter"]>): Draft => patch(draft, "clutter", change);

/** Where obstacles are taken to stand: as the rush says, else by the figure the plan assumes. */
export const obstacleAt = ({ clutter, distance }: Rush): number =>
  clutter.obstacle_distance_m ?? distance.work_m * figure("obstacle.place");
/** Whether what was said to stand in front stands behind it, or beside it, where it is photographed: it hides nothing then. */
export const isBehind = ({ clutter, distance }: Rush): boolean =>
  clutter.foreground !== "none" && (clutter.obstacle_distance_m ?? 0) >= distance.work_m;

/** What competes with it where it is photographed (Clutter::from). */
export const clutterSeen = (rush: Rush): Rush["clutter"] => {
  const { clutter } = rush;
  if (!isBehind(rush)) return clutter;
  const least = clutter.background === "clean" ? "moderate" : clutter.background;
  return { ...clutter, foreground: "none", background: clutter.foreground === "dense" ? "busy" : least };
};

export const hasObstacles = ({ clutter }: Rush): boolean =>
  clutter.foreground !== "none" || clutter.crossers !== "none";

export const foliage: readonly Option[] = [
  { value: "no", words: "at rest", note: "" },
  { value: "yes", words: "moving in the wind", note: "" },
];
/** Picks a school for this rush; null leaves the question to the product's default. */
export const withSchool = (draft: Draft, question: string, picked: string | null): Draft => {
  const { [question as "flight"]: _, ...others } = draft.rush.photographer.schools;
  return withPhotographer(draft, { schools: picked === null ? others : { ...others, [question]: picked } });
};

const words = (options: readonly Option[], value: string): string =>
  options.find((one) => one.value === value)?.words ?? value;

export const frontWords = ({ rush }: Draft, units: Units): string => {
  const { foreground, crossers: passing } = rush.clutter;
  const place = isBehind(rush) ? `at ${show(obstacleAt(rush), "length", units)}, behind it,` : "in front";
  const front = `${words(foregrounds, foreground)} ${place}`;
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
