import type { Rush } from "../api/types";
import type { Dials } from "../generated/dials";

/** A rush as it is being written, and what is in use for it. */
export type Draft = {
  rush: Rush;
  kit_id: string;
  focal_mm: number | null;
  /** Dials of the hold taken from a rehearsal. */
  dials: Dials;
};

/** One answer of a word. */
export type Option = { readonly value: string; readonly words: string; readonly note: string };

/** The draft with some fields of one part of the rush changed. */
export const patch = <K extends keyof Rush>(draft: Draft, part: K, change: Partial<Rush[K]>): Draft => ({
  ...draft,
  rush: { ...draft.rush, [part]: { ...(draft.rush[part] as object), ...(change as object) } },
});

/** A change of a part, where what is undefined is left out of it: that is how a rush says that it leaves something to the plan. */
export const withOptional = <K extends "motion" | "intent" | "air">(
  draft: Draft,
  part: K,
  change: { [F in keyof NonNullable<Rush[K]>]?: NonNullable<Rush[K]>[F] | undefined },
): Draft => {
  const said = Object.entries({ ...draft.rush[part], ...change }).filter(([, value]) => value !== undefined);
  const { [part]: _, ...others } = draft.rush;
  const next = said.length === 0 ? others : { ...others, [part]: Object.fromEntries(said) };
  return { ...draft, rush: next as Rush };
};

/** In how many frames the standard is to hold; left out where spare light may decide. */
export const withSure = (draft: Draft, sure: Rush["sure"]): Draft => {
  const { sure: _, ...rest } = draft.rush;
  return { ...draft, rush: sure === undefined ? rest : { ...rest, sure } };
};

export const withSubject = (draft: Draft, change: Partial<Rush["subject"]>): Draft => patch(draft, "subject", change);
export const withMotion = (draft: Draft, change: Partial<Rush["motion"]>): Draft => patch(draft, "motion", change);
export const withLight = (draft: Draft, change: Partial<Rush["light"]>): Draft => patch(draft, "light", change);
export const withIntent = (draft: Draft, change: Partial<Rush["intent"]>): Draft => patch(draft, "intent", change);
export const withPhotographer = (draft: Draft, change: Partial<Rush["photographer"]>): Draft =>
  patch(draft, "photographer", change);

type Range = Pick<Rush["distance"], "near_m" | "far_m">;

/** A range that reaches to where it is photographed. */
export const reaching = ({ near_m, far_m }: Range, work_m: number): Range => ({
  near_m: Math.min(near_m, work_m),
  far_m: Math.max(far_m, work_m),
});

/** Sets the working distance, or the range it may be in, which reaches to the working distance in any case. */
export const withDistance = (draft: Draft, change: Partial<Rush["distance"]>): Draft => {
  const next = { ...draft.rush.distance, ...change };
  return patch(draft, "distance", { ...next, ...reaching(next, next.work_m) });
};

/**
 * A change as it was meant for the range it may be in: where it is photographed stretches the range only for as long as it lies
 * outside of what was said.
 *
 * @param said the range as it was last said itself
 */
export const withRangeAsSaid = (before: Draft, next: Draft, said: { current: Rush["distance"] }): Draft => {
  const [was, is] = [before.rush.distance, next.rush.distance];
  const follows = reaching(said.current, was.work_m);
  // undone, or changed elsewhere
  if (follows.near_m !== was.near_m || follows.far_m !== was.far_m) said.current = was;
  const isMoved = is.work_m !== was.work_m;
  const stretched = reaching(was, is.work_m);
  if (isMoved && is.near_m === stretched.near_m && is.far_m === stretched.far_m)
    return patch(next, "distance", reaching(said.current, is.work_m));
  if (is.near_m !== was.near_m || is.far_m !== was.far_m) said.current = is;
  return next;
};
