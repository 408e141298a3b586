import type { Dials } from "../generated/dials";
import type { Kit } from "../generated/kit";
import type { Plan } from "../generated/plan";
import type { Problem } from "../generated/problem";
import type { Rush } from "../generated/rush";
import type { gearTypes, settingChoices } from "../generated/vocabulary";

export type { Dials, Kit, Plan, Problem, Rush };
export type Settings = { -readonly [K in keyof typeof settingChoices]: (typeof settingChoices)[K][number] };
export type Units = Settings["units"];
export type User = {
  /** Names the account to its own browser. */
  key: string;
  name: string;
  email: string;
  settings: Settings;
  assumptions: Record<string, number>;
  /** When this copy of the demo goes; null for an account of its own. */
  demo_until: string | null;
};

/** How much of what an account may keep is used. */
export type Quota = { used: number; most: number };

export type Span = { least: number; typical: number; most: number; origin: string };
export type SubjectKind = {
  id: Rush["subject"]["kind"];
  words: string;
  family: "bird" | "animal" | "small" | "person" | "vehicle";
  detection: Rush["subject"]["detection"];
  gait: string;
  length_m: Span;
  speed_mps: Span;
  limb_speed_mps: Span;
  limbs: string;
};

export type Boot = { user: User | null; demo: boolean; mail: boolean; catalogue: SubjectKind[] };

/** A rush with everything the Plan room shows. */
export type RushWhole = {
  id: string;
  revision: number;
  /** The id of the last write, as its writer gave it. */
  write_id: string;
  updated_at: string;
  can_undo: boolean;
  can_redo: boolean;
  kit_id: string;
  focal_mm: number | null;
  /** Dials of the hold taken from a rehearsal. */
  dials: Dials;
  rush: Rush;
  plan: Plan | null;
  fault: Problem | null;
  /** What the last rehearsal told; stale when the rush has changed since. */
  rehearsed: Rehearsed | null;
};

/** A figure that is assumed until the person puts in their own. */
export type AssumedFigure = {
  name: string;
  meaning: string;
  unit: string;
  value: number;
  default: number;
  least: number;
  most: number;
};

/** A share with its 95 % interval. */
export type Interval = { share: number; least: number; most: number };

export type Rehearsed = {
  at: string;
  stale: boolean;
  keeper: Interval;
  frames: number;
  sharp_least: number;
  sharp_most: number;
};

export type RushRow = {
  id: string;
  name: string;
  kind: string;
  updated_at: string;
  kit: string;
  settings: { shutter_s: number; f_number: number; iso: number } | null;
};

export type KitWhole = {
  id: string;
  name: string;
  body_id: string;
  lens_id: string;
  converter_id: string | null;
  adapter_id: string | null;
  kit: Kit;
};

export type GearType = (typeof gearTypes)[number];
export type Gear = { id: string; type: GearType; name: string; revision: number; document: Record<string, unknown> };

/** A field of a hold as a body calls it. */
export type Translated = {
  field: string;
  name: string;
  word: string;
  ours: string;
  where: string;
  own: boolean;
  note: string | null;
  lacks: boolean;
};
