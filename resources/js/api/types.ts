import type { Adapter, Body, Converter, Lens, Support } from "../generated/kit";
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
/** What is written of each type of kit. */
export type GearDocuments = { body: Body; lens: Lens; converter: Converter; adapter: Adapter; support: Support };
/** A piece of kit of one type. */
export type GearOf<T extends GearType> = Omit<answers.Gear, "type" | "document"> & {
  type: T;
  document: GearDocuments[T];
};
/** A piece of kit: its type tells what its document holds. */
export type Gear = { [T in GearType]: GearOf<T> }[GearType];
