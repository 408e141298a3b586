import { describe, expect, it } from "vitest";
import type { Units } from "../../resources/js/api/types";
import { figures, show, shutter } from "../../resources/js/units/quantity";
import samples from "./samples.json";

const plain = (text: string): string => text.replaceAll("\u00a0", " ");
const both = (rows: unknown[][]) =>
  rows.flatMap(([value, metric, imperial]) => [
    [value as number, "metric" as Units, metric as string] as const,
    [value as number, "imperial" as Units, imperial as string] as const,
  ]);

/** What the server says of a number in a sentence, and what the page shows of it beside that sentence. */
describe("a number", () => {
  it.each(both(samples.length))("as a length: %f in %s is %s", (value, units, text) =>
    expect(plain(show(value, "length", units))).toBe(text),
  );
  it.each(both(samples.speed))("as a speed: %f in %s is %s", (value, units, text) =>
    expect(plain(show(value, "speed", units))).toBe(text),
  );
  it.each(samples.shutter as [number, string, string][])("as a shutter: %f is %s", (value, text) =>
    expect(shutter(value)).toBe(text),
  );
  it.each(samples.figures as [number, string, string][])("by its figures: %f is %s", (value, text) =>
    expect(figures(value)).toBe(text),
  );
});
