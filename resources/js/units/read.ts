import type { Units } from "../api/types";
import { preferred, unitsOf, type Quantity } from "./quantity";

export type Read = { value: number } | { fault: string };
export type ReadRange = { range: [number, number] } | { fault: string };

/** What a number is read as, beside its text. */
export type Reading = {
  quantity: Quantity;
  units: Units;
  /** The value shown now: a number alone is in the unit this is shown in. */
  shown: number;
  /** What may be taken: of two ways to read a number, one that lies outside is not meant. */
  range?: [number, number];
};

const HALVES: Record<string, number> = { "½": 0.5, "¼": 0.25, "¾": 0.75 };

/** What stands before a number of its kind, as it is engraved or printed. */
const PREFIXES: Partial<Record<Quantity, RegExp>> = {
  fNumber: /^(f\s*\/?|1\s*:)\s*/,
  iso: /^iso\s*/,
  ev: /^ev\s*/,
  factor: /^[×x]\s*/,
};

/** One spelling for what typewriters, telephones and books write in several. */
const plainly = (typed: string): string =>
  typed
    .trim()
    .toLowerCase()
    .replace(/[\u00a0\u2009\u202f]/g, " ")
    .replace(/^[−‒–—]\s*(?=[\d.,½¼¾])/, "-")
    .replace(/[’‘′ʹ´]/g, "'")
    .replace(/[”“″]|''/g, '"')
    .replace(/[⁄∕]/g, "/")
    .replace(/º/g, "°")
    .replace(/m\/s2|m\/s\^2/g, "m/s²")
    .replace(/(\d*)\s?([½¼¾])/g, (_, whole: string, half: string) => String(Number(whole || 0) + HALVES[half]!));

const isWhole = (quantity: Quantity): boolean => quantity === "iso" || quantity === "count";

/**
 * What a number without its unit may mean; none when it is no number. A point is a decimal mark, and so is a comma, but: both together,
 * or one of them twice, or spaces, part thousands; so do both where nothing but whole numbers is asked for. One comma before
 * exactly three digits may be either.
 */
const numbers = (text: string, whole: boolean): number[] => {
  if (/^\d{1,3}( \d{3})+([.,]\d+)?$/.test(text)) return [Number(text.replace(/ /g, "").replace(",", "."))];
  if (text.includes(" ")) return [];
  const marks = text.replace(/\d/g, "");
  if (marks === "") return [Number(text)];
  if (marks.length === 1) {
    const decimal = Number(text.replace(",", "."));
    const parts = /^[1-9]\d{0,2}[.,]\d{3}$/.test(text);
    const thousands = Number(text.replace(/[.,]/, ""));
    if (!parts) return [decimal];
    if (whole) return [thousands];
    return marks === "," ? [thousands, decimal] : [decimal];
  }
  const mark = marks[0]!;
  const last = marks.at(-1)!;
  const grouped = new RegExp(`^\\d{1,3}(\\${mark}\\d{3})+${last === mark ? "" : `\\${last}\\d+`}$`);
  if (!grouped.test(text)) return [];
  return [Number(text.replaceAll(mark, "").replace(",", "."))];
};

type Unit = { name: string; words: string[]; factor: number };
type Part = { number: string; word: string };

const unitOf = (word: string, quantity: Quantity): Unit | undefined => {
  const plain = word.replace(/\.$/, "");
  return unitsOf[quantity].find((one) => one.words.includes(plain) || one.name.toLowerCase() === plain);
};

/** Numbers and the words after them, or null when something else stands between. */
const partsOf = (text: string): Part[] | null => {
  const parts = [...text.matchAll(/(\d[\d., ]*\d|\d|[.,]\d+)\s*([^\d.,\s-][^\d]*?)?\s*(?=[.,]?\d|$)/g)];
  const read = parts.map((part) => part[0]).join("");
  if (parts.length === 0 || read.replace(/\s/g, "") !== text.replace(/\s/g, "")) return null;
  return parts.map((part) => ({ number: part[1]!, word: (part[2] ?? "").replace(/\s+/g, " ").trim() }));
};

/** The unit of a number alone: that shown for the first, the next smaller one of usage for one that follows. */
const unsaid = (
  before: Unit | undefined,
  number: string,
  { quantity, units, shown }: Reading,
): Unit | null | undefined => {
  if (before === undefined) return preferred(quantity, units, shown);
  if (before.name === "ft" && Number(number.replace(",", ".")) < 12) return unitOf("in", quantity);
  if (before.name === "m" && /^\d\d$/.test(number)) return unitOf("cm", quantity);
  return undefined;
};

/**
 * Reads what a person typed: "40 km/h", "60 ft", "5 ft 11", "5′11″", "1,5 m", "1/2000", "f/5.6", "ISO 12,800", "−2". A number without
 * a unit is in the unit the field shows now; where a number could be two, and both may be taken, it asks.
 */
export const read = (typed: string, reading: Reading): Read => {
  const { quantity, range } = reading;
  const said = `“${typed.trim()}”`;
  const nothing: Read = { fault: `${said} is not a number` };
  const text = plainly(typed).replace(PREFIXES[quantity] ?? /^$/, "");
  const negative = text.startsWith("-");
  const parts = partsOf(negative ? text.slice(1).trim() : text);

  const fraction = parts?.length === 2 && parts[0]!.word === "/" && quantity !== "fNumber";
  if (fraction) {
    const [above] = numbers(parts[0]!.number, true);
    const [below] = numbers(parts[1]!.number, !/^\d*[.,]\d{1,2}$/.test(parts[1]!.number));
    const unit = parts[1]!.word === "" ? unsaid(undefined, "", reading) : unitOf(parts[1]!.word, quantity);
    if (above === undefined || below === undefined || below === 0 || unit === undefined) return nothing;
    return { value: ((negative ? -1 : 1) * above * (unit?.factor ?? 1)) / below };
  }
  if (parts === null)
    return /\d\s*\D*\s*[–—-]\s*\D*\d/.test(text) ? { fault: `${said} is a range; this takes one number` } : nothing;

  let sums = [0];
  let before: Unit | undefined;
  for (const { number, word } of parts) {
    const found = numbers(number, isWhole(quantity));
    const unit = word === "" ? unsaid(before, number, reading) : unitOf(word, quantity);
    if (found.length === 0) return nothing;
    if (word !== "" && unit === undefined) {
      const names = unitsOf[quantity].map((entry) => entry.name).join(", ");
      return {
        fault:
          names === ""
            ? `“${word}” is not needed here: type a plain number`
            : `“${word}” is not a unit for this; use ${names}`,
      };
    }
    // what follows is smaller than what it follows: feet and inches, metres and centimetres
    if (unit === undefined || (before !== undefined && (unit?.factor ?? 1) >= before.factor)) return nothing;
    before = unit ?? before;
    sums = sums.flatMap((sum) => found.map((one) => sum + one * (unit?.factor ?? 1)));
  }
  const values = sums.map((sum) => (negative ? -sum : sum));
  const meant = values.filter((value) => range === undefined || (value >= range[0] && value <= range[1]));
  if (meant.length < 2) return { value: meant[0] ?? values[0]! };
  const digits = parts[0]!.number;
  return {
    fault: `${said} may be ${digits.replace(",", "")} or ${digits.replace(",", ".")}: type it without the comma, or with a point`,
  };
};

/** Reads one number, or two with a dash or "to" between: "12–40 m", "f/5–6.3"; the first has the unit of the second where it says none. */
export const readRange = (typed: string, reading: Reading): ReadRange => {
  const ends = /^(.*\d[^–—-]*?)\s*(?:[–—-]|\bto\b)\s*((?:f\/?)?\s*[.,]?\d.*)$/i.exec(typed.trim());
  if (ends === null) {
    const one = read(typed, reading);
    return "fault" in one ? one : { range: [one.value, one.value] };
  }
  const [, from, to] = ends as unknown as [string, string, string];
  const unit = /[^\d.,\s]*$/.exec(to)?.[0] ?? "";
  const least = read(/[\d.,]$/.test(from) ? `${from} ${unit}` : from, reading);
  const most = read(to, reading);
  if ("fault" in least) return least;
  if ("fault" in most) return most;
  if (least.value > most.value) return { fault: `“${typed.trim()}” runs from more to less` };
  return { range: [least.value, most.value] };
};

/** What a number alone is in, where there is more than one unit to choose from. */
export const unitAlone = (quantity: Quantity, units: Units, shown: number): string | null =>
  unitsOf[quantity].length > 1 ? (preferred(quantity, units, shown)?.name ?? null) : null;
