import type { verdicts } from "../../generated/vocabulary";
import { request } from "../../api/client";
import type { AssumedFigure, Dials, Interval, Plan } from "../../api/types";

export type Hold = Plan["hold"];

export type Verdict = (typeof verdicts)[number]["value"];

/** What the focus holds, by its number in the vocabulary. */
export type FocusTarget = 0 | 1 | 2 | 3 | 4 | 5;

export type Frame = {
  at_s: number;
  distance_m: number;
  focus_m: number;
  motion_mm: number;
  shake_mm: number;
  defocus_mm: number;
  total_mm: number;
  verdict: Verdict;
};

/** One hold on one pass. */
export type Tried = {
  hold: Hold;
  focus_m: number[];
  held: FocusTarget[];
  lag_s: number;
  sharp_dioptres: number;
  limit_mm: number;
  area: { width: number; height: number };
  frames: Frame[];
};

/** One pass, step by step; the aim beside the target in shares of the frame, y upwards. */
export type Take = Tried & {
  seed: number;
  choices: {
    areas: Hold["area"]["pattern"][];
    stays: number[];
    paces: number[];
    shutters_s: number[];
    f_numbers: number[];
  };
  pass: {
    distance_m: number[];
    azimuth: number[];
    aside: number[];
    above: number[];
    obstacles: { azimuth: number; per_s: number; at_s: number }[];
  };
  scene: {
    step_s: number;
    duration_s: number;
    meet_s: number;
    arrives_s: number;
    work_m: number;
    posture: Plan["pane"]["posture"];
    way: 1 | -1;
    subject: { width: number; height: number };
    place: { x: number; y: number };
    obstacle_m: number | null;
    obstacle_width: number;
    behind_m: number;
  };
  tried: Tried | null;
};

export type Margin = { mean: number; half: number | null; telling: boolean };

export type Estimate = {
  at: string;
  passes: number;
  frames: number;
  sharp: number;
  sharp_least: number;
  sharp_most: number;
  keeper: Interval;
  at_least_one: Interval;
  losses: { verdict: Verdict; frames: number; dies: string; treated_by: string }[];
  assumed: AssumedFigure[];
};

/** Dials turned, and what came of it. */
export type TriedEstimate = Omit<Estimate, "at" | "assumed"> & {
  words: string;
  gain: Margin;
  iso: number;
  dark_stops: number;
};

export type Help = { dials: Dials; words: string; gain: Margin; sharp: number; iso: number; dark_stops: number };
export type Remedies = { losses: (Help & { verdict: Verdict; saves: number })[]; best: Help[] };

export type Cell = {
  words: string;
  dials: Dials;
  sharp: number;
  iso: number;
  keeper: Interval;
  frames: number;
  passes: number;
  given_up: boolean;
  dark_stops: number;
  present: boolean;
  best: boolean;
};
type Named = Pick<Cell, "words" | "dials" | "sharp" | "iso">;
export type Grid = {
  kind: "tracking" | "exposure";
  rows_are: string;
  columns_are: string;
  columns: string[];
  rows: { words: string; cells: Cell[] }[];
  passes: number;
  done: number;
  present_iso: number;
  best:
    | (Named & {
        over_present: Margin | null;
        is_present: boolean;
        because: { dies: string; saved: number } | null;
        runner_up: (Named & { margin: Margin }) | null;
      })
    | null;
};
export type Sweep = {
  id: string;
  kind: Grid["kind"];
  status: "running" | "done" | "cancelled" | "overtaken" | "failed";
  passes: number;
  done: number;
  waiting: boolean;
  stale: boolean;
  at: string;
  grid: Grid;
};

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
  request<Take>("POST", `rushes/${id}/rehearsal/take`, { seed, dials });
