import type { Gear, GearDocuments, GearType } from "../../api/types";
import type { Body, Control, Dialect, Lens, Scale, Tuning, Where } from "../../generated/kit";
import { starterBody } from "../../generated/vocabulary";
import { Autosave, type UndoState } from "../../autosave/Autosave";
import type { Quantity } from "../../units/quantity";

export type { Body, Control, Dialect, Scale, Tuning, Where };
export type Area = Body["areas"][number];

export type GearDraft = { name: string; document: GearDocuments[GearType] };
export type GearWhole = Gear & UndoState;

/** Keeps one piece of kit. */
export class GearAutosave extends Autosave<GearDraft, GearWhole> {
  constructor(server: GearWhole) {
    super(server, { path: `gear/${server.id}`, draftOf: ({ name, document }) => ({ name, document }) });
  }
}

export const titles: Record<GearType, string> = {
  body: "Bodies",
  lens: "Lenses",
  converter: "Converters",
  adapter: "Adapters",
  support: "Supports",
};

export type GearField = { name: string; label: string; quantity: Quantity; note: string; optional?: boolean };

/** The numbers of each kind of piece, in the order a person would look them up. */
export const gearFields: Record<GearType, GearField[]> = {
  body: [
    {
      name: "sensor_width_mm",
      label: "Sensor width",
      quantity: "focal",
      note: "36 for full frame, 23.5 or 22.3 for one size below",
    },
    { name: "sensor_height_mm", label: "Sensor height", quantity: "focal", note: "24 full frame" },
    {
      name: "pixels_wide",
      label: "Pixels across",
      quantity: "count",
      note: "the longer side of a picture; or as on the sheet: 24 MP, 6000 × 4000",
    },
    { name: "fps", label: "Frames a second", quantity: "rate", note: "with focus following" },
    {
      name: "buffer_frames",
      label: "Frames in one go",
      quantity: "count",
      note: "until the buffer is full; 60 assumed while you do not say",
      optional: true,
    },
    { name: "shortest_shutter_s", label: "Shortest shutter", quantity: "time", note: "1/8000 or so" },
    {
      name: "af_lag_s",
      label: "Focus to exposure",
      quantity: "time",
      note: "assumed 0.06 s unless you have measured it",
    },
  ],
  lens: [
    { name: "focal_min_mm", label: "Shortest focal length", quantity: "focal", note: "" },
    {
      name: "focal_max_mm",
      label: "Longest focal length",
      quantity: "focal",
      note: "the same for a lens that does not zoom; or both at once: 150–600",
    },
    {
      name: "widest_f",
      label: "Widest aperture",
      quantity: "fNumber",
      note: "at the longest focal length; or from shortest to longest: f/5–6.3",
    },
    {
      name: "widest_f_short",
      label: "Widest at the shortest",
      quantity: "fNumber",
      note: "empty where it is the same",
      optional: true,
    },
    { name: "closest_m", label: "Closest focus", quantity: "length", note: "engraved near the ring" },
    { name: "stabiliser_stops", label: "Stabiliser, stops", quantity: "stops", note: "0 without one" },
  ],
  converter: [{ name: "factor", label: "Factor", quantity: "factor", note: "1.4, 2, or whatever it is" }],
  adapter: [{ name: "slows", label: "Focusing takes", quantity: "factor", note: "times as long; 1 for no longer" }],
  support: [],
};

/** Reflex bodies besides: how dim a lens they focus through. */
export const reflexFields: GearField[] = [
  { name: "outer_points_f", label: "All points work to", quantity: "fNumber", note: "beyond it only the centre" },
  { name: "centre_points_f", label: "The centre works to", quantity: "fNumber", note: "beyond it the hand focuses" },
];

/** A typical control near the thumb or round the grip, to begin with. */
export const control = (id: string, name: string, own: Partial<Control>): Control => ({
  id,
  name,
  face: "back",
  x: 0.74,
  y: 0.39,
  finger: "thumb",
  with_shutter: true,
  gloves: true,
  may: ["focus", "recall", "stop"],
  carries: ["start", "focus-mode", "area", "detection", "tuning"],
  ...own,
});

export const fresh: { [T in GearType]: { name: string; document: GearDocuments[T] } } = {
  body: { name: "Another body", document: starterBody },
  lens: {
    name: "Another lens",
    document: {
      focal_mm: 400,
      focal_min_mm: 400,
      focal_max_mm: 400,
      widest_f: 5.6,
      closest_m: 3.5,
      stabiliser_stops: 4,
      limiter_m: [],
      zoom: false,
    },
  },
  converter: { name: "Another converter", document: { factor: 1.4 } },
  adapter: { name: "Another adapter", document: { af: "full", slows: 1, stabiliser: true } },
  support: { name: "Another support", document: { kind: "gimbal" } },
};

/** A lens zooms when its ends differ, and is set inside them; one that does not has one widest aperture. */
export const consistent = (document: Lens, changed: string): Lens => {
  const [least, most] = [document.focal_min_mm, document.focal_max_mm];
  const set = Math.min(most, Math.max(least, document.focal_mm));
  return {
    ...document,
    focal_mm: changed === "focal_max_mm" ? most : set,
    zoom: least !== most,
  };
};

export type WhereKind = "unsaid" | "menu" | "turn" | "press" | "lever";
export const whereKinds: Record<WhereKind, string> = {
  unsaid: "not said",
  menu: "in the menu",
  turn: "on a dial",
  press: "a key held, a dial turned",
  lever: "on a lever",
};
export const whereKind = (where: Where): WhereKind =>
  where.menu !== undefined
    ? "menu"
    : where.press !== undefined
      ? "press"
      : where.lever !== undefined
        ? "lever"
        : where.turn !== undefined
          ? "turn"
          : "unsaid";

/** A menu path as it is typed: steps between › or >. */
export const menuOf = (text: string): string[] =>
  text
    .split(/[›>]/)
    .map((step) => step.trim())
    .filter((step) => step !== "")
    .slice(0, 8);

/** Steps of a slider from one end to the other, laid over an axis of ours that goes from 0 to `most`. */
export const sliderSteps = (from: number, to: number, most: number, upward: boolean): Scale["steps"] => {
  const count = Math.abs(to - from);
  const sign = to >= from ? 1 : -1;
  return Array.from({ length: count + 1 }, (_, at) => {
    const value = from + at * sign;
    const share = count === 0 ? 0 : at / count;
    return { word: signed(value, from < 0 || to < 0), at: Number(((upward ? share : 1 - share) * most).toFixed(3)) };
  }) as Scale["steps"];
};

const signed = (value: number, withSign: boolean): string =>
  value < 0 ? `−${-value}` : withSign && value > 0 ? `+${value}` : String(value);
