// Made from schemas/ by `npm run types`; do not edit.


/**
 * Dials of a hold that a person has turned away from what the plan would set. What is missing is left to the plan.
 */
export interface Dials {
/**
 * AF area.
 */
area?: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * Level of the body's stay dial.
 */
stay?: number
/**
 * Pace dial.
 */
pace?: number
/**
 * Shutter in seconds.
 */
shutter_s?: number
/**
 * Aperture.
 */
f_number?: number
}
