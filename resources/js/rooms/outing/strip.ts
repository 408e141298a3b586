import { stepOf, type Day, type Place } from "./outing";

export const SKY_H = 20;
export const SUN_H = 88;
const AXIS_H = 22;
/** Names stand beside their bands where there is room, else above them. */
const NAMES = 196;
/** Narrower than this, in pixels, the strip is wider than its place and slides under the hand. */
const NARROW = 560;
export const PX_A_STEP = 8;

/** Where everything of a day strip stands, in pixels. */
export type StripScale = {
  narrow: boolean;
  width: number;
  height: number;
  /** Where the hours begin. */
  left: number;
  rowH: number;
  /** From the top of a row to its band. */
  bandTop: number;
  sunTop: number;
  last: number;
  hasReach: boolean;
  /** A row of water for each spot that it can cut off; one without a spot where it is typed and none can be. */
  waters: { top: number; spot: string | null }[];
  reachTop: number;
  orderTop: number;
  /** Of a moment by its number, and by its time. */
  x: (moment: number) => number;
  xOf: (iso: string) => number;
  /** Of the sun by its altitude. */
  y: (altitude: number) => number;
  /** Every row: a rush with its spot, or what else is told along the hours. */
  rows: { top: number; name: string; spot?: string | undefined; rush?: string }[];
};

/** Lays a day out over so many pixels. */
export function scaleOf(day: Day, place: Place, room: number): StripScale {
  const last = day.moments.length - 1;
  const narrow = room > 0 && room < NARROW;
  const width = narrow ? last * PX_A_STEP : room;
  const left = narrow ? 0 : NAMES;
  const [rowH, bandTop] = narrow ? [40, 16] : [26, 3];
  const x = (moment: number): number => left + (moment / Math.max(1, last)) * (width - left - 2) + 1;
  const hasReach = day.moments.some((one) => one.reach_m !== null);
  const wet = day.spots.filter(
    (one) => one.says !== null && (day.rushes.length === 0 || day.rushes.some((rush) => rush.spot === one.spot)),
  );
  const highest = Math.max(30, day.sun.highest_deg);
  const lowest = Math.min(-8, ...day.moments.map((one) => one.altitude_deg));
  const sunTop = SKY_H + 4;
  let top = SKY_H + SUN_H + AXIS_H + 6;
  const next = (): number => (top += rowH) - rowH;
  const rows: StripScale["rows"] = day.rushes.map((rush) => ({
    top: next(),
    name: rush.name,
    spot: place.spots.find((one) => one.id === rush.spot)?.name,
    rush: rush.id,
  }));
  const row = (name: string, there: boolean): number => {
    if (!there) return top;
    const at = next();
    rows.push({ top: at, name });
    return at;
  };
  const reachTop = row("how far before shimmer", hasReach);
  const nameOf = (spot: string): string => place.spots.find((one) => one.id === spot)?.name ?? spot;
  const isTyped = day.moments.some((one) => one.water_m !== null);
  const waters: StripScale["waters"] =
    wet.length > 0
      ? wet.map((one) => ({ top: row(`water at ${nameOf(one.spot)}`, true), spot: one.spot }))
      : isTyped
        ? [{ top: row("water", true), spot: null }]
        : [];
  return {
    narrow,
    width,
    left,
    rowH,
    bandTop,
    sunTop,
    last,
    hasReach,
    waters,
    reachTop,
    orderTop: row("the day in order", day.order.stays.length > 0),
    height: top + 4,
    x,
    xOf: (iso) => x(stepOf(day, iso)),
    y: (altitude) => sunTop + ((highest - altitude) / (highest - lowest)) * (SUN_H - 8) + 4,
    rows,
  };
}
