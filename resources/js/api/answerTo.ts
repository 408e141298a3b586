import type { Operations } from "../generated/operations";

/** An address without what follows "?". */
type Bare<Path extends string> = Path extends `${infer Before}?${string}` ? Before : Path;

type Parts<Path extends string> = Path extends `${infer First}/${infer Rest}` ? [First, ...Parts<Rest>] : [Path];

/** Whether a part of an address is that of an operation, where {…} stands for anything. */
type Fits<Asked, Part> = Part extends `{${string}}` ? true : [Asked, Part] extends [Part, Asked] ? true : false;

type AllFit<Asked extends unknown[], Of extends unknown[]> = [Asked, Of] extends [[], []]
  ? true
  : [Asked, Of] extends [[infer One, ...infer Others], [infer Part, ...infer Rest]]
    ? Fits<One, Part> extends true
      ? AllFit<Others, Rest>
      : false
    : false;

/** The operation that is meant: the one of just this address, else the one whose parts fit. */
type Meant<Verb extends string, Path extends string> = `${Verb} ${Bare<Path>}` extends keyof Operations
  ? `${Verb} ${Bare<Path>}`
  : Fitting<Verb, Path>;

type Fitting<Verb extends string, Path extends string> = {
  [Operation in keyof Operations]: Operation extends `${Verb} ${infer Of}`
    ? AllFit<Parts<Bare<Path>>, Parts<Of>> extends true
      ? Operation
      : never
    : never;
}[keyof Operations];

/**
 * What the API answers to this, as the server's own list of operations says: the address as it is written at the call, its ids left open
 * (`rushes/${id}`). An address that is no operation of the server's has no answer, and does not compile.
 */
export type AnswerTo<Verb extends string, Path extends string> = Path extends Path
  ? Operations[Meant<Verb, Path>]
  : never;

/** What may follow an address: what is sent, and what tells that nobody waits any more; for an address that is no operation nothing fits. */
export type Following<Verb extends string, Path extends string> = [Meant<Verb, Path>] extends [never]
  ? [noSuchOperation: never]
  : [body?: unknown, signal?: AbortSignal | undefined];
