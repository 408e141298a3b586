import { control, type Body, type Control } from "./kit";
import { unsaid } from "./said";

export type Start = { step: number; name: string; body: Body };

/** What was answered before a reload, or the beginning. */
export const begin = (key: string): Start => {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? "null") as Start | null;
    if (kept !== null) return kept;
  } catch {
    // what cannot be read is begun again
  }
  return { step: 0, name: "", body: unsaid(usual.slice(0, 3)) };
};

const full: Control["carries"] = ["start", "focus-mode", "area", "detection", "tuning"];
/** Keys most bodies have in one form or other. */
export const usual: Control[] = [
  control("thumb", "thumb key", {}),
  control("thumb-2", "second thumb key", { x: 0.86, y: 0.38 }),
  control("stick", "stick or pad", { x: 0.8, y: 0.56, may: ["point"], carries: [] }),
  control("front-1", "upper front key", {
    face: "front",
    x: 0.235,
    y: 0.42,
    finger: "middle",
    may: ["recall", "stop"],
    carries: full,
  }),
  control("front-2", "lower front key", {
    face: "front",
    x: 0.235,
    y: 0.64,
    finger: "ring",
    may: ["recall", "stop"],
    carries: full,
  }),
  control("front-left", "key at the left of the lens mount", {
    face: "front",
    x: 0.62,
    y: 0.6,
    finger: "left-hand",
    may: ["recall", "stop"],
    carries: full,
  }),
  control("lens", "key on the lens", {
    face: "lens",
    x: 0.34,
    y: 0.3,
    finger: "left-hand",
    may: ["recall", "stop"],
    carries: full.slice(0, 4),
  }),
];
export const sizes: { words: string; note: string; w: number; h: number }[] = [
  { words: "full frame", note: "36 × 24 mm", w: 36, h: 24 },
  { words: "one size below full frame", note: "23.5 × 15.6 mm", w: 23.5, h: 15.6 },
  { words: "half of full frame", note: "17.3 × 13 mm", w: 17.3, h: 13 },
];
