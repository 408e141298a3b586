// Made from schemas/ by `npm run types`; do not edit.


/**
 * How a camera was left: what is known of its settings, in our terms. What is not known is missing.
 */
export interface CameraState {
format: "camera-state/1"
/**
 * Focus mode.
 */
focus_mode?: ("single" | "continuous" | "auto-switch" | "manual" | "single-with-override")
/**
 * AF area.
 */
area?: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * Kind that detection looks for.
 */
detection?: ("none" | "animal" | "bird" | "person" | "vehicle")
/**
 * Whether eye detection is on.
 */
eye?: boolean
/**
 * Level of the body's own dial.
 */
stay?: number
/**
 * Pace.
 */
pace?: number
/**
 * Pick.
 */
pick?: ("auto" | "centre" | "nearest")
/**
 * Frames a second.
 */
fps?: number
/**
 * Length of bursts.
 */
burst?: ("single" | "short" | "long")
/**
 * Stabiliser.
 */
stabiliser?: ("off" | "on" | "panning")
/**
 * Range of the limiter, m, null at infinity; empty when it is off.
 * 
 * @maxItems 2
 * 
 * Items: An end of the range, m.
 */
limiter_m?: (number | null)[]
/**
 * Shutter, s.
 */
shutter_s?: number
/**
 * f-number.
 */
f_number?: number
/**
 * ISO.
 */
iso?: number
/**
 * Exposure compensation, stops.
 */
compensation_ev?: number
}
