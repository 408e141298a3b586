import type { Units } from "../api/types";
import { isoScale } from "../generated/vocabulary";

/** What kind of number it is; decides how it is read, shown and stepped. Values are kept in SI, focal lengths in mm. */
export type Quantity =
  "length" | "speed" | "angle" | "ev" | "iso" | "focal" | "time" | "fNumber" | "plain" | "acceleration" | "count";

type Unit = { name: string; words: string[]; factor: number };

const lengths: Unit[] = [
  { name: "m", words: ["m", "metre", "metres", "meter", "meters"], factor: 1 },
  { name: "cm", words: ["cm", "centimetre", "centimetres"], factor: 0.01 },
  { name: "mm", words: ["mm", "millimetre", "millimetres"], factor: 0.001 },
  { name: "km", words: ["km"], factor: 1000 },
  { name: "ft", words: ["ft", "foot", "feet", "'", "′"], factor: 0.3048 },
  { name: "in", words: ["in", "inch", "inches", '"', "″"], factor: 0.0254 },
  { name: "yd", words: ["yd", "yard", "yards"], factor: 0.9144 },
  { name: "mi", words: ["mi", "mile", "miles"], factor: 1609.344 },
];
const speeds: Unit[] = [
  { name: "m/s", words: ["m/s", "mps", "ms"], factor: 1 },
  { name: "km/h", words: ["km/h", "kmh", "kph"], factor: 1 / 3.6 },
  { name: "mph", words: ["mph", "mi/h"], factor: 0.44704 },
  { name: "kn", words: ["kn", "kt", "kts", "knot", "knots"], factor: 0.514444 },
  { name: "ft/s", words: ["ft/s", "fps"], factor: 0.3048 },
];
const one = (name: string, ...words: string[]): Unit[] => [{ name, words: [name, ...words], factor: 1 }];

const unitsOf: Record<Quantity, Unit[]> = {
  length: lengths,
  speed: speeds,
  angle: one("°", "deg", "degrees"),
  ev: one("EV"),
  iso: one("ISO"),
  focal: one("mm"),
  time: [...one("s", "sec", "seconds"), { name: "ms", words: ["ms"], factor: 0.001 }],
  fNumber: one("f/", "f"),
  plain: [],
  acceleration: one("m/s²", "m/s2"),
  count: [],
};

const preferred = (quantity: Quantity, units: Units, value: number): Unit | null => {
  const named = (list: Unit[], name: string): Unit => list.find((unit) => unit.name === name) ?? lengths[0]!;
  if (quantity === "length") {
    if (units === "imperial") return named(lengths, Math.abs(value) < 0.9144 ? "in" : "ft");
    return named(lengths, Math.abs(value) < 0.01 && value !== 0 ? "mm" : Math.abs(value) < 1 ? "cm" : "m");
  }
  if (quantity === "speed") return named(speeds, units === "imperial" ? "mph" : "m/s");
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
  const rounded = toFigures(value, count);
  return Math.abs(rounded) >= 1e6 || (rounded !== 0 && Math.abs(rounded) < 1e-6)
    ? rounded.toString()
    : rounded.toLocaleString("en-GB", { useGrouping: false, maximumFractionDigits: 8 });
};

/** A shutter as it is engraved: 1/3200, 0.5 s; anything between to three figures. */
export const shutter = (seconds: number): string =>
  seconds < 0.3 ? `1/${figures(1 / seconds)}` : `${figures(seconds)} s`;

/** A value with its unit, in the units the person reads. */
export const show = (value: number | null, quantity: Quantity, units: Units, count = 3): string => {
  if (value === null) return "∞";
  if (quantity === "time")
    return value > 0 && value < 0.02 ? shutter(value) : `${figures(value, Math.min(count, 2))} s`;
  if (quantity === "fNumber") return `f/${figures(value)}`;
  if (quantity === "iso") return `ISO ${Math.round(value)}`;
  if (quantity === "ev") return `EV ${figures(value)}`;
  const unit = preferred(quantity, units, value);
  const text = figures(value / (unit?.factor ?? 1), count);
  return unit === null ? text : unit.name === "°" ? `${text}°` : `${text}\u00a0${unit.name}`;
};

export type Read = { value: number } | { fault: string };

const decimal = (text: string, quantity: Quantity): number => {
  const grouped = (quantity === "iso" || quantity === "count") && /^\d{1,3}([,. ]\d{3})+$/.test(text);
  return Number(grouped ? text.replace(/[,. ]/g, "") : text.replace(",", "."));
};

/**
 * Reads what a person typed: "40 km/h", "60 ft", "5 ft 11 in", "1,5 m", "1/2000", "f/5.6", "ISO 12,800".
 * A number without a unit is in the unit the field shows now.
 */
export const read = (typed: string, quantity: Quantity, units: Units, shown: number): Read => {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/^f\/|^iso\s*|^ev\s*/, "")
    .replace(/\u00a0/g, " ");
  const fraction = /^(\d+)\s*\/\s*(\d+(?:[.,]\d+)?)\s*(s|sec)?$/.exec(text);
  if (fraction) return { value: Number(fraction[1]) / decimal(fraction[2]!, quantity) };
  const known = unitsOf[quantity];
  const parts = [...text.matchAll(/(-?\d[\d ,.]*\d|-?\d|-?[.,]\d+)\s*([^\d\s,.-][^\d\s]*)?/g)];
  const matched = parts
    .map((part) => part[0])
    .join("")
    .replace(/\s/g, "");
  if (parts.length === 0 || matched !== text.replace(/\s/g, "")) return { fault: `“${typed.trim()}” is not a number` };
  let sum = 0;
  for (const part of parts) {
    const number = decimal(part[1]!.trim(), quantity);
    const word = part[2];
    const unit =
      word === undefined
        ? preferred(quantity, units, shown)
        : known.find((entry) => entry.words.includes(word) || entry.name.toLowerCase() === word);
    if (!Number.isFinite(number)) return { fault: `“${typed.trim()}” is not a number` };
    if (word !== undefined && unit === undefined) {
      const names = known.map((entry) => entry.name).join(", ");
      return {
        fault:
          names === ""
            ? `“${word}” is not needed here: type a plain number`
            : `“${word}” is not a unit for this; use ${names}`,
      };
    }
    sum += number * (unit?.factor ?? 1);
  }
  return { value: sum };
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
