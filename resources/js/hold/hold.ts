import type { Plan, Units } from "../api/types";
import { same } from "../autosave/same";
import {
  aims,
  areas,
  bursts,
  focusModes,
  holdFields,
  orientations,
  schemes,
  stabiliserUses,
} from "../generated/vocabulary";
import { figures, show, shutter } from "../units/quantity";
import { capital, wordsOf } from "../units/wording";

export type Hold = Plan["hold"];

export { holdFields };
export type HoldField = (typeof holdFields)[number]["id"];

type Area = Hold["area"]["pattern"];
export const areaNames = Object.fromEntries(areas.map((one) => [one.value, capital(one.words)])) as Record<
  Area,
  string
>;
/** One letter for each area, for the map. */
export const areaLetters = Object.fromEntries(areas.map((one) => [one.value, one.letter])) as Record<Area, string>;

/** A field of a hold as a person reads it. */
export const holdText = (hold: Hold, field: HoldField, units: Units): string => {
  switch (field) {
    case "shutter_s":
      return shutter(hold.shutter_s);
    case "f_number":
      return `f/${figures(hold.f_number)}`;
    case "iso":
      return String(hold.iso);
    case "focus_mode":
      return capital(wordsOf(focusModes, hold.focus_mode));
    case "manual_technique":
      return hold.manual_technique === null ? "—" : capital(hold.manual_technique);
    case "area.pattern":
      return areaNames[hold.area.pattern];
    case "area.place":
      return `${Math.round(hold.area.place.x * 100)} % across, ${Math.round(hold.area.place.y * 100)} % down`;
    case "aim":
      return capital(wordsOf(aims, hold.aim));
    case "frame":
      return capital(wordsOf(orientations, hold.frame));
    case "detection.subject":
      return hold.detection.subject === "none" ? "Off" : capital(hold.detection.subject);
    case "detection.eye":
      return hold.detection.eye ? "On" : "Off";
    case "tuning.stay":
      return hold.tuning.stay === null ? "no dial" : String(hold.tuning.stay);
    case "tuning.pace":
      return hold.tuning.pace === null ? "no dial" : String(hold.tuning.pace);
    case "tuning.pick":
      return hold.tuning.pick === null ? "no dial" : capital(hold.tuning.pick);
    case "drive.fps":
      return `${figures(hold.drive.fps)} a second`;
    case "drive.burst":
      return capital(wordsOf(bursts, hold.drive.burst));
    case "stabiliser":
      return capital(wordsOf(stabiliserUses, hold.stabiliser));
    case "limiter_m":
      return limiterText(hold.limiter_m as [number, number | null] | null, units);
    case "focal_mm":
      return `${figures(hold.focal_mm)} mm`;
    case "scheme":
      return capital(wordsOf(schemes, hold.scheme));
  }
};

export const limiterText = (range: [number, number | null] | null, units: Units): string =>
  range === null ? "none" : `${show(range[0], "length", units)} – ${show(range[1], "length", units)}`;

/** Fields that change with every small step of the rush; a tipping point of these alone would tell nothing. */
const gradual: ReadonlySet<string> = new Set(holdFields.filter((field) => field.gradual).map((field) => field.id));

/** Whether a tipping point changes more than a step of light or zoom. */
export const isTelling = (tip: Plan["tipping"][number]): boolean => tip.fields.some((field) => !gradual.has(field));

/** The value of a field, by its path. */
const valueAt = (hold: Hold, field: string): unknown =>
  field.split(".").reduce<unknown>((part, name) => (part as Record<string, unknown>)[name], hold);

/** Fields in which two holds differ. */
export const differences = (a: Hold, b: Hold): HoldField[] =>
  holdFields.map((field) => field.id).filter((id) => !same(valueAt(a, id), valueAt(b, id)));
