import type { Units } from "../api/types";
import { isoScale } from "../generated/vocabulary";

/** What kind of number it is; decides how it is read, shown and stepped. Values are kept in SI, focal lengths in mm. */
export type Quantity =
  | "length"
  | "speed"
  | "angle"
  | "ev"
  | "iso"
  | "focal"
  | "time"
  | "fNumber"
  | "acceleration"
  | "mass"
  | "rate"
  | "stops"
  | "factor"
  | "share"
  | "plain"
  | "count";

type Unit = { name: string; words: string[]; factor: number };

const lengths: Unit[] = [
  { name: "m", words: ["m", "metre", "metres", "meter", "meters"], factor: 1 },
  { name: "cm", words: ["cm", "centimetre", "centimetres", "centimeter", "centimeters"], factor: 0.01 },
  { name: "mm", words: ["mm", "millimetre", "millimetres", "millimeter", "millimeters"], factor: 0.001 },
  { name: "km", words: ["km", "kilometre", "kilometres", "kilometer", "kilometers"], factor: 1000 },
  { name: "ft", words: ["ft", "foot", "feet", "'"], factor: 0.3048 },
  { name: "in", words: ["in", "inch", "inches", '"'], factor: 0.0254 },
  { name: "yd", words: ["yd", "yard", "yards"], factor: 0.9144 },
  { name: "mi", words: ["mi", "mile", "miles"], factor: 1609.344 },
];
const speeds: Unit[] = [
  { name: "m/s", words: ["m/s", "mps", "ms", "metres a second", "metres per second", "meters per second"], factor: 1 },
  {
    name: "km/h",
    words: ["km/h", "kmh", "kph", "km/hr", "kilometres an hour", "kilometers per hour"],
    factor: 1 / 3.6,
  },
  { name: "mph", words: ["mph", "mi/h", "miles an hour", "miles per hour"], factor: 0.44704 },
  { name: "kn", words: ["kn", "kt", "kts", "knot", "knots"], factor: 0.514444 },
  { name: "ft/s", words: ["ft/s", "fps"], factor: 0.3048 },
];
const one = (name: string, ...words: string[]): Unit[] => [{ name, words: [name, ...words], factor: 1 }];

const masses: Unit[] = [
  { name: "kg", words: ["kg", "kilo", "kilos"], factor: 1 },
  { name: "g", words: ["g", "gram", "grams"], factor: 0.001 },
  { name: "lb", words: ["lb", "lbs", "pound", "pounds"], factor: 0.45359237 },
  { name: "oz", words: ["oz", "ounce", "ounces"], factor: 0.028349523125 },
];

/** The units each may be typed in, the first being the one it is kept in. */
export const unitsOf: Record<Quantity, Unit[]> = {
  length: lengths,
  speed: speeds,
  angle: one("°", "deg", "degree", "degrees"),
  ev: one("EV"),
  iso: one("ISO"),
  focal: one("mm"),
  time: [...one("s", "sec", "second", "seconds", '"'), { name: "ms", words: ["ms"], factor: 0.001 }],
  fNumber: [],
  acceleration: one("m/s²"),
  mass: masses,
  rate: one("fps", "/s", "/ s", "f/s", "frames/s", "frames", "frames a second", "frames per second"),
  stops: one("stops", "stop", "ev"),
  factor: one("×", "x", "times"),
  share: [{ name: "%", words: ["%", "percent", "per cent"], factor: 0.01 }],
  plain: [],
  count: [],
};

/** The unit a value is shown in, and so the one that a number alone is read in. */
export const preferred = (quantity: Quantity, units: Units, value: number): Unit | null => {
  const named = (list: Unit[], name: string): Unit => list.find((unit) => unit.name === name) ?? lengths[0]!;
  if (quantity === "length") {
    if (units === "imperial") return named(lengths, Math.abs(value) < 0.9144 ? "in" : "ft");
    return named(lengths, Math.abs(value) < 0.01 && value !== 0 ? "mm" : Math.abs(value) < 1 ? "cm" : "m");
  }
  if (quantity === "speed") return named(speeds, units === "imperial" ? "mph" : "m/s");
  if (quantity === "mass") return named(masses, units === "imperial" ? "lb" : "kg");
  return unitsOf[quantity][0] ?? null;
};

/** Digits of a number that can be trusted. */
const TRUSTED = 15;

/** A number to so many significant figures, halves upwards as they are written, not as they are held: 18.15 to three is 18.2. */
const toFigures = (value: number, count: number): number => {
  const [digits, exponent] = Math.abs(value)
    .toExponential(TRUSTED - 1)
    .split("e") as [string, string];
  const step = 10n ** BigInt(TRUSTED - count);
  const kept = (BigInt(digits.replace(".", "")) + step / 2n) / step;
  return Math.sign(value) * Number(`${kept}e${Number(exponent) - count + 1}`);
};

/** A number to so many significant figures, without trailing noughts. */
export const figures = (value: number, count = 3): string => {
  if (!Number.isFinite(value)) return "∞";
  return toFigures(value, count).toString();
};

/** A shutter as it is engraved: 1/3200, 0.5 s; anything between to three figures. */
export const shutter = (seconds: number): string =>
  seconds < 0.3 ? `1/${figures(1 / seconds)}` : `${figures(seconds)} s`;

/** Whether its label says what it is, so that it is shown as a number alone. */
const isBare = (quantity: Quantity): boolean => ["plain", "count", "rate", "stops", "factor"].includes(quantity);

/** A value where it is typed: as it is shown, plain numbers with all they have. */
export const shownToType = (value: number, quantity: Quantity, units: Units, count = 3): string =>
  show(value, quantity, units, isBare(quantity) ? Math.max(6, count) : count);

const quantities: Record<string, Quantity> = {
  s: "time",
  m: "length",
  "m/s": "speed",
  EV: "ev",
  mm: "focal",
  "°": "angle",
};

/** What a figure is a measure of, by the unit it is kept in. */
export const quantityOf = (unit: string): Quantity => quantities[unit] ?? "plain";

/** A value with its unit, in the units the person reads. */
export const show = (value: number | null, quantity: Quantity, units: Units, count = 3): string => {
  if (value === null) return "∞";
  if (quantity === "time")
    return value > 0 && value < 0.02 ? shutter(value) : `${figures(value, Math.min(count, 2))} s`;
  if (quantity === "fNumber") return `f/${figures(value)}`;
  if (quantity === "iso") return `ISO ${Math.round(value)}`;
  if (quantity === "ev") return `EV ${figures(value)}`;
  if (isBare(quantity)) return figures(value, count);
  const unit = preferred(quantity, units, value);
  const text = figures(value / (unit?.factor ?? 1), count);
  return unit === null ? text : unit.name === "°" ? `${text}°` : `${text}\u00a0${unit.name}`;
};

/** The next value up or down in steps that suit its size, in the units shown. */
export const step = (value: number, by: 1 | -1, quantity: Quantity, units: Units): number => {
  if (quantity === "angle") return Math.round((value + by * 5) / 5) * 5;
  if (quantity === "ev") return Math.round((value + by * 0.5) * 2) / 2;
  if (quantity === "count") return value + by;
  if (quantity === "iso") {
    const third = Math.round(Math.log2(value / 100) * 3) + by;
    const exact = 100 * 2 ** (third / 3);
    return isoScale.reduce((best, iso) =>
      Math.abs(Math.log(iso / exact)) < Math.abs(Math.log(best / exact)) ? iso : best,
    );
  }
  const unit = preferred(quantity, units, value);
  const factor = unit?.factor ?? 1;
  const shown = value / factor;
  const size = Math.abs(shown) < 1e-9 ? 1 : Math.abs(shown) * (by < 0 ? 0.999 : 1.001);
  const decade = 10 ** Math.floor(Math.log10(size));
  const increment = size / decade >= 5 ? decade / 2 : size / decade >= 2 ? decade / 5 : decade / 10;
  const next = Math.round((shown + by * increment) / increment) * increment;
  return Number((next * factor).toPrecision(9));
};
