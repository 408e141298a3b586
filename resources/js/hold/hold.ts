import type { Plan, Units } from "../api/types";
import { figures, show, shutter } from "../units/quantity";

export type Hold = Plan["hold"];

/** Fields of a hold in the order they are read, with the names they have everywhere. */
export const holdFields = [
  { id: "shutter_s", name: "shutter" },
  { id: "f_number", name: "aperture" },
  { id: "iso", name: "ISO" },
  { id: "focus_mode", name: "focus" },
  { id: "manual_technique", name: "technique" },
  { id: "area.pattern", name: "area" },
  { id: "area.place", name: "place" },
  { id: "aim", name: "aim" },
  { id: "detection.subject", name: "detection" },
  { id: "detection.eye", name: "eyes" },
  { id: "tuning.hold", name: "hold" },
  { id: "tuning.pace", name: "pace" },
  { id: "tuning.pick", name: "pick" },
  { id: "drive.fps", name: "drive" },
  { id: "drive.burst", name: "burst" },
  { id: "stabiliser", name: "stabiliser" },
  { id: "limiter_m", name: "limiter" },
  { id: "focal_mm", name: "focal length" },
  { id: "scheme", name: "buttons" },
] as const;

export type HoldField = (typeof holdFields)[number]["id"];

export const areaNames: Record<Hold["area"]["pattern"], string> = {
  spot: "Pinpoint",
  "single-point": "One point",
  "point-plus": "Point with helpers",
  "zone-small": "Small zone",
  "zone-wide": "Long zone",
  "zone-tall": "Tall zone",
  "zone-large": "Large zone",
  "whole-frame": "Whole frame",
  "lock-on": "Lock-on",
};
/** One letter for each area, for the map. */
export const areaLetters: Record<Hold["area"]["pattern"], string> = {
  spot: "p",
  "single-point": "1",
  "point-plus": "h",
  "zone-small": "s",
  "zone-wide": "l",
  "zone-tall": "t",
  "zone-large": "L",
  "whole-frame": "W",
  "lock-on": "k",
};
const modes: Record<Hold["focus_mode"], string> = {
  single: "Single",
  continuous: "Continuous",
  "auto-switch": "Auto-switch",
  manual: "By hand",
  "single-with-override": "Single + ring",
};
const aims: Record<Hold["aim"], string> = {
  eye: "Eye",
  head: "Head",
  chest: "Chest",
  "back-number": "Back number",
  face: "Face",
  helmet: "Helmet",
  body: "Body",
  edge: "Edge",
  "leading-edge": "Leading edge",
};
const schemes: Record<Hold["scheme"], string> = {
  shutter: "Shutter",
  thumb: "Thumb",
  "two-thumbs": "Two thumbs",
  "three-buttons": "Three buttons",
};
const stabilisers: Record<Hold["stabiliser"], string> = { off: "Off", on: "On", panning: "Panning mode" };
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

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
      return modes[hold.focus_mode];
    case "manual_technique":
      return hold.manual_technique === null ? "—" : capital(hold.manual_technique);
    case "area.pattern":
      return areaNames[hold.area.pattern];
    case "area.place":
      return `${Math.round(hold.area.place.x * 100)} % across, ${Math.round(hold.area.place.y * 100)} % down`;
    case "aim":
      return aims[hold.aim];
    case "detection.subject":
      return hold.detection.subject === "none" ? "Off" : capital(hold.detection.subject);
    case "detection.eye":
      return hold.detection.eye ? "On" : "Off";
    case "tuning.hold":
      return hold.tuning.hold === null ? "no dial" : String(hold.tuning.hold);
    case "tuning.pace":
      return hold.tuning.pace === null ? "no dial" : String(hold.tuning.pace);
    case "tuning.pick":
      return hold.tuning.pick === null ? "no dial" : capital(hold.tuning.pick);
    case "drive.fps":
      return `${figures(hold.drive.fps)} a second`;
    case "drive.burst":
      return hold.drive.burst === "single" ? "Single frames" : `${capital(hold.drive.burst)} bursts`;
    case "stabiliser":
      return stabilisers[hold.stabiliser];
    case "limiter_m":
      return limiterText(hold.limiter_m as [number, number | null] | null, units);
    case "focal_mm":
      return `${figures(hold.focal_mm)} mm`;
    case "scheme":
      return schemes[hold.scheme];
  }
};

export const limiterText = (range: [number, number | null] | null, units: Units): string =>
  range === null ? "none" : `${show(range[0], "length", units)} – ${show(range[1], "length", units)}`;

/** Fields that change with every small step of the rush; a tipping point of these alone would tell nothing. */
const gradual = new Set(["focal_mm", "shutter_s", "f_number", "iso", "area.place"]);

/** Whether a tipping point changes more than a step of light or zoom. */
export const isTelling = (tip: Plan["tipping"][number]): boolean => tip.fields.some((field) => !gradual.has(field));

/** Fields in which two holds differ. */
export const differences = (a: Hold, b: Hold): HoldField[] =>
  holdFields.map((field) => field.id).filter((id) => holdText(a, id, "metric") !== holdText(b, id, "metric"));
