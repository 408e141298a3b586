import type { Units } from "../api/types";
import { figures } from "./quantity";

/** Coldest and warmest air that can be typed, in °C. */
const RANGE: [number, number] = [-60, 60];

const inFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** A temperature in °C as somebody reads it. */
export const showTemperature = (celsius: number, units: Units): string =>
  units === "metric" ? `${figures(celsius, 4)} °C` : `${figures(inFahrenheit(celsius), 4)} °F`;

/** Reads 12, −3 °C, 54 F or 12,5: a number alone is in the unit it is shown in. Null of an empty text. */
export const readTemperature = (typed: string, units: Units): { value: number | null } | { fault: string } => {
  const text = typed.trim().replace(/[\u2212\u2013]/g, "-");
  if (text === "") return { value: null };
  const found = /^([+-]?\d+(?:[.,]\d+)?)\s*°?\s*([cf])?(?:elsius|ahrenheit)?$/i.exec(text);
  if (found === null) return { fault: `“${typed.trim()}” is no temperature; type degrees, such as 12 °C or 54 °F.` };
  const number = Number(found[1]!.replace(",", "."));
  const isFahrenheit = found[2] === undefined ? units === "imperial" : found[2].toLowerCase() === "f";
  const celsius = Math.round((isFahrenheit ? (number - 32) / 1.8 : number) * 100) / 100;
  const [least, most] = RANGE;
  if (celsius < least || celsius > most)
    return {
      fault: `The air has ${showTemperature(celsius, units)}; it must be ${showTemperature(least, units)} to ${showTemperature(most, units)}.`,
    };
  return { value: celsius };
};
