import type { Dials } from "../generated/dials";

/** Whether the hold is left as the plan has it. */
export const noDials = (dials: Dials): boolean => Object.keys(dials).length === 0;

/** These dials with some turned; one that is undefined is given back. */
export const turned = (dials: Dials, change: { [name in keyof Dials]: Dials[name] | undefined }): Dials =>
  Object.fromEntries(Object.entries({ ...dials, ...change }).filter(([, value]) => value !== undefined)) as Dials;
