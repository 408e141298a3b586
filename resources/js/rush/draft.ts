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

export const withSubject = (draft: Draft, change: Partial<Rush["subject"]>): Draft => patch(draft, "subject", change);
export const withMotion = (draft: Draft, change: Partial<Rush["motion"]>): Draft => patch(draft, "motion", change);
export const withLight = (draft: Draft, change: Partial<Rush["light"]>): Draft => patch(draft, "light", change);
export const withIntent = (draft: Draft, change: Partial<Rush["intent"]>): Draft => patch(draft, "intent", change);
export const withPhotographer = (draft: Draft, change: Partial<Rush["photographer"]>): Draft =>
  patch(draft, "photographer", change);

/** Sets the working distance and stretches the range it may be in when it has to. */
export const withDistance = (draft: Draft, change: Partial<Rush["distance"]>): Draft => {
  const { near_m, work_m, far_m } = { ...draft.rush.distance, ...change };
  return change.work_m === undefined
    ? patch(draft, "distance", { near_m: Math.min(near_m, work_m), far_m: Math.max(far_m, work_m) })
    : patch(draft, "distance", { near_m: Math.min(near_m, work_m), work_m, far_m: Math.max(far_m, work_m) });
};
