import type * as answers from "../generated/answers";
import type { Dials } from "../generated/dials";
import type { Kit } from "../generated/kit";
import type { Plan } from "../generated/plan";
import type { Problem } from "../generated/problem";
import type { Rush } from "../generated/rush";
import type { gearTypes, settingChoices } from "../generated/vocabulary";

export type { Dials, Kit, Plan, Problem, Rush };
export type Settings = { -readonly [K in keyof typeof settingChoices]: (typeof settingChoices)[K][number] };
export type Units = Settings["units"];
export type User = answers.User;

/** How much of what an account may keep is used. */
export type Quota = answers.QuotaOf;
export type SubjectKind = answers.Kind;

export type Boot = { user: User | null; demo: boolean; mail: boolean; catalogue: SubjectKind[] };

export type {
  AssumedFigure,
  Interval,
  KitWhole,
  Rehearsed,
  RushRow,
  RushWhole,
  Span,
  Translated,
} from "../generated/answers";

export type GearType = (typeof gearTypes)[number];
/** A piece of kit; what its document holds is for its type to say. */
export type Gear = Omit<answers.Gear, "document"> & { document: Record<string, unknown> };
