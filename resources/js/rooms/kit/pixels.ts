import { read, type Read } from "../../units/read";

/** Fewer than this are millions: no sensor is so narrow. */
const MILLIONS = 400;

/**
 * Pixels across the longer side, from what a sheet says: "24 MP", "24.2 million", "6000 × 4000", "6000"; null for anything else.
 *
 * @param ratio width of the sensor by its height
 */
export const readPixels = (typed: string, ratio: number): Read | null => {
  const text = typed.trim().toLowerCase();
  const across = (millions: number): Read => ({ value: Math.round(Math.sqrt(millions * 1e6 * ratio)) });
  const number = (part: string): number => {
    const found = read(part, { quantity: "count", units: "metric", shown: 0 });
    return "value" in found ? found.value : NaN;
  };
  const sides = /^([\d., ]+)\s*[x×*]\s*([\d., ]+)(?:px|pixels?)?$/.exec(text);
  if (sides !== null) {
    const wide = Math.max(number(sides[1]!), number(sides[2]!));
    return Number.isFinite(wide) ? { value: Math.round(wide) } : null;
  }
  const millions = /^([\d.,]+)\s*(?:m|mp|mpx|mpix|megapixels?|mega pixels?|million(?: pixels?)?)$/.exec(text);
  if (millions !== null) {
    const count = Number(millions[1]!.replace(",", "."));
    return Number.isFinite(count) ? across(count) : null;
  }
  const plain = /^([\d., ]+)(?:px|pixels?)?$/.exec(text);
  if (plain === null) return null;
  const found = number(plain[1]!.trim());
  if (!Number.isFinite(found)) return null;
  return found < MILLIONS ? across(found) : { value: Math.round(found) };
};
