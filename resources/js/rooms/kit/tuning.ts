import { sliderSteps, type Body, type Scale, type Tuning } from "./kit";

export type Preset = NonNullable<Tuning["presets"]>[number];

export const menu = { menu: ["Menu", "Focus"] } as Scale["where"];
const standard = [0, 0.1, 0.3, 0.6, 1.2];

/** The five points stock presets stand for. */
const stock: Omit<Preset, "word">[] = [
  { stay: 2, pace: 1, pick: "auto" },
  { stay: 3, pace: 0, pick: "auto" },
  { stay: 2, pace: 2, pick: "auto" },
  { stay: 0, pace: 1, pick: "nearest" },
  { stay: 3, pace: 2, pick: "auto" },
];
const stockNames = ["General", "Past obstacles", "Changing speed", "Sudden", "Erratic"];

/** The body with another way of tuning, filled in so far as can be. */
export const withTuning = (body: Body, kind: Tuning["kind"]): Body => {
  const levels = body.stay_levels_s.length > 0 ? body.stay_levels_s : standard;
  const last = levels.length - 1;
  const tuning: Tuning =
    kind === "none"
      ? { kind }
      : kind === "scales"
        ? {
            kind,
            stay: { name: "Stay", where: menu, steps: sliderSteps(-2, 2, last, true) },
            pace: { name: "Pace", where: menu, steps: sliderSteps(-2, 2, 2, true) },
            pick: { name: "Pick", where: menu, words: {} },
          }
        : {
            kind,
            name: kind === "cases" ? "Case" : "Preset",
            where: menu,
            presets: stock.map((point, at) => ({
              word: kind === "cases" ? stockNames[at]! : String(at + 1),
              ...point,
              stay: Math.min(point.stay, last),
            })),
          };
  const tunes = kind !== "none";
  return {
    ...body,
    stay_levels_s: tunes ? levels : [],
    has_pace: tunes,
    has_pick: tunes,
    dialect: { ...body.dialect, tuning },
  };
};

/** The body with so many presets: those there are, and more like the usual ones. */
export const withPresets = (body: Body, count: number): Body => {
  const tuning = body.dialect?.tuning;
  if (tuning?.presets === undefined) return body;
  const last = Math.max(0, body.stay_levels_s.length - 1);
  const presets = Array.from({ length: count }, (_, at): Preset => {
    const like = stock[at % stock.length]!;
    return tuning.presets?.[at] ?? { word: String(at + 1), ...like, stay: Math.min(like.stay, last) };
  });
  return {
    ...body,
    dialect: { ...body.dialect, tuning: { ...tuning, presets: presets as NonNullable<Tuning["presets"]> } },
  };
};
