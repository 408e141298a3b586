import { same } from "../../autosave/same";
import { starterBody } from "../../generated/vocabulary";
import type { Body } from "./kit";

export type Part = NonNullable<Body["assumed"]>[number];

/** What each part that may be assumed is made of. */
const fields: Record<Part, (keyof Body)[]> = {
  sensor: ["sensor_width_mm", "sensor_height_mm"],
  pixels: ["pixels_wide"],
  fps: ["fps"],
  shutter: ["shortest_shutter_s"],
  af_sensor: ["af_sensor"],
  modes: ["modes"],
  areas: ["areas", "eye_detection_areas"],
  detects: ["detects"],
  tuning: ["stay_levels_s", "has_pace", "has_pick"],
  controls: ["controls"],
};

export const everyPart = Object.keys(fields) as Part[];

export const isAssumed = (body: Body, part: Part): boolean => body.assumed?.includes(part) ?? false;

const without = (body: Body, parts: readonly Part[]): Body => {
  const { assumed = [], ...rest } = body;
  const left = assumed.filter((part) => !parts.includes(part));
  return left.length === 0 ? rest : { ...rest, assumed: left };
};

/** A body after a change: what was changed is said now, and assumed no more. */
export const withSaid = (before: Body, after: Body): Body => {
  const changed = everyPart.filter(
    (part) =>
      isAssumed(before, part) &&
      (fields[part].some((field) => !same(before[field], after[field])) ||
        (part === "tuning" && !same(before.dialect?.tuning, after.dialect?.tuning))),
  );
  return changed.length === 0 ? after : without(after, changed);
};

/** A part said to be just as it was assumed. */
export const confirmed = (body: Body, part: Part): Body => without(body, [part]);

/** A body of which only what was said is filled in: lists that are assumed are empty, so that nothing is ticked that nobody said. */
export const onlySaid = (body: Body): Body => ({
  ...body,
  ...(isAssumed(body, "modes") && { modes: [] as unknown as Body["modes"] }),
  ...(isAssumed(body, "areas") && { areas: [] as unknown as Body["areas"], eye_detection_areas: [] }),
  ...(isAssumed(body, "detects") && { detects: [] }),
  ...(isAssumed(body, "controls") && { controls: [] }),
});

/** What was changed in a body that showed only what is said, laid over the whole one. */
export const laidOver = (whole: Body, shown: Body, changed: Body): Body => {
  const next: Record<string, unknown> = { ...whole };
  for (const field of new Set([...Object.keys(shown), ...Object.keys(changed)]) as Set<keyof Body>) {
    if (!same(shown[field], changed[field])) next[field] = changed[field];
  }
  return withSaid(whole, next as unknown as Body);
};

/** A typical body of which nothing is said yet. */
export const unsaid = (controls: Body["controls"]): Body => ({
  ...starterBody,
  ...(controls !== undefined && { controls }),
  assumed: everyPart,
});
