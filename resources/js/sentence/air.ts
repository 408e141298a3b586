import type { Rush, Units } from "../api/types";
import { grounds } from "../generated/vocabulary";
import { withOptional, type Draft, type Option } from "../rush/draft";
import { show } from "../units/quantity";

type Ground = NonNullable<NonNullable<Rush["air"]>["ground"]>;

/** Nobody has to say: then no shimmer is reckoned. */
export const groundOptions: readonly Option[] = [
  { value: "", words: "left out", note: "no shimmer is reckoned" },
  ...grounds,
];

/** How far one sees, where the air is not clear. */
export const hazes: readonly (Option & { metres: number | undefined })[] = [
  { value: "", words: "clear", note: "", metres: undefined },
  { value: "haze", words: "haze", note: "", metres: 4000 },
  { value: "mist", words: "mist", note: "", metres: 1000 },
  { value: "fog", words: "fog", note: "", metres: 200 },
];

/** The haze that comes nearest to how far one sees. */
export const hazeOf = (metres: number | undefined): (typeof hazes)[number] =>
  metres === undefined
    ? hazes[0]!
    : hazes
        .slice(1)
        .reduce((best, one) =>
          Math.abs(Math.log(one.metres! / metres)) < Math.abs(Math.log(best.metres! / metres)) ? one : best,
        );

/** The ground the line of sight runs over; without one, sun, wind and height of the line say nothing and go with it. */
export const withGround = (draft: Draft, ground: string): Draft =>
  withOptional(
    draft,
    "air",
    ground === ""
      ? { ground: undefined, sky: undefined, sun_deg: undefined, wind_mps: undefined, height_m: undefined }
      : { ground: ground as Ground },
  );

/** Winds by name, up to so many m/s. */
const winds: readonly [number, string][] = [
  [0.5, "calm"],
  [3.4, "in a light wind"],
  [8, "in a breeze"],
  [14, "in a strong wind"],
  [Infinity, "in a gale"],
];

export const airWords = ({ rush }: Draft, units: Units): string => {
  const { ground, wind_mps, visibility_m } = rush.air ?? {};
  const over = ground === undefined ? "" : `over ${grounds.find((one) => one.value === ground)!.words}`;
  const wind = wind_mps === undefined ? "" : `, ${winds.find(([most]) => wind_mps < most)![1]}`;
  const haze =
    visibility_m === undefined
      ? ""
      : `${hazeOf(visibility_m).words} that ends at ${show(visibility_m, "length", units)}`;
  if (over !== "") return `${over}${wind}${haze === "" ? "" : `, in ${haze}`}`;
  return haze === "" ? "the air left out" : `in ${haze}`;
};
