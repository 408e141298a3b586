// Made from schemas/ by `npm run types`; do not edit.


/**
 * How the API tells what went wrong (application/problem+json).
 */
export interface Problem {
/**
 * A short name of the kind of problem.
 */
type: string
title: string
status: number
detail: string
/**
 * One entry a field.
 */
faults: {
/**
 * JSON pointer into what was sent.
 */
pointer: string
value: unknown
range: string
message: string
}[]
}
