import { request } from "../../api/client";
import type { Dials, Plan } from "../../api/types";
import type { Grid, Remedies, Take } from "../../generated/answers";

export type { Estimate, Grid, Margin, Remedies, Sweep, Take, Tried as TriedEstimate } from "../../generated/answers";
export type Hold = Plan["hold"];

/** One hold on one pass. */
export type Tried = NonNullable<Take["tried"]>;
export type Frame = Tried["frames"][number];
export type Verdict = Frame["verdict"];

/** What the focus holds, by its number in the vocabulary. */
export type FocusTarget = Tried["held"][number];

export type Remedy = Remedies["best"][number];
export type Cell = Grid["rows"][number]["cells"][number];

/** The step of a pass at this time. */
export const stepAt = (take: Take, seconds: number): number =>
  Math.max(0, Math.min(take.pass.distance_m.length - 1, Math.round(seconds / take.scene.step_s)));

const nearest = (tried: Tried, seconds: number): Frame | null =>
  tried.frames.reduce<Frame | null>(
    (best, frame) => (best === null || Math.abs(frame.at_s - seconds) < Math.abs(best.at_s - seconds) ? frame : best),
    null,
  );

/** The frame taken at this time, to half a beat of the drive; null between frames. */
export const frameAt = (tried: Tried, seconds: number): Frame | null => {
  const near = nearest(tried, seconds);
  return near !== null && Math.abs(near.at_s - seconds) < 0.5 / tried.hold.drive.fps ? near : null;
};

/** When the frame nearest to this time was taken; the time itself where there is none. */
export const nearestFrame = (tried: Tried, seconds: number): number => nearest(tried, seconds)?.at_s ?? seconds;

/** The time of the next frame in this direction, or the end of the pass. */
export const besideFrame = (tried: Tried, seconds: number, by: 1 | -1, duration: number): number => {
  const times = tried.frames.map((frame) => frame.at_s);
  const found = by > 0 ? times.find((time) => time > seconds + 1e-4) : times.findLast((time) => time < seconds - 1e-4);
  return found ?? (by > 0 ? duration : 0);
};

/** From where to where it is sharp for a plane at this distance, in metres; the far end may be infinite. */
export const sharpRange = (focusM: number, dioptres: number): [number, number] => [
  1 / (1 / focusM + dioptres),
  1 / focusM > dioptres ? 1 / (1 / focusM - dioptres) : Infinity,
];

export const fetchTake = (id: string, seed: number, dials: Dials): Promise<Take> =>
  request("POST", `rushes/${id}/rehearsal/take`, { seed, dials });
