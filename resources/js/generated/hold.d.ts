// Made from schemas/ by `npm run types`; do not edit.


/**
 * The camera set-up that answers a rush. A dial that the body lacks is null.
 */
export interface Hold {
format: "hold/1"
/**
 * How the camera focuses.
 */
focus_mode: ("single" | "continuous" | "auto-switch" | "manual" | "single-with-override")
/**
 * How the hand focuses.
 */
manual_technique: ("trap" | "pull" | "follow" | null)
/**
 * Where the camera looks.
 */
area: {
/**
 * AF area.
 */
pattern: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * Centre of the area in the frame.
 */
place: {
/**
 * From the left, 0 to 1.
 */
x: number
/**
 * From the top, 0 to 1.
 */
y: number
}
}
/**
 * Subject detection.
 */
detection: {
/**
 * Kind it looks for.
 */
subject: ("none" | "animal" | "bird" | "person" | "vehicle")
/**
 * Whether eye detection is on.
 */
eye: boolean
}
/**
 * Tracking tuning; null for a dial the body lacks.
 */
tuning: {
/**
 * Level of the body's own dial for how long it waits after losing the subject.
 */
stay: (number | null)
/**
 * How it follows changes of speed.
 */
pace: (number | null)
/**
 * Which thing in a zone wins.
 */
pick: ("auto" | "centre" | "nearest" | null)
}
/**
 * Where on the subject to aim.
 */
aim: ("eye" | "head" | "chest" | "back-number" | "face" | "helmet" | "body" | "edge" | "leading-edge")
/**
 * How the camera is held.
 */
frame: ("landscape" | "portrait")
/**
 * Frames and bursts.
 */
drive: {
/**
 * Frames per second.
 */
fps: number
/**
 * Length of the burst.
 */
burst: ("single" | "short" | "long")
}
/**
 * What the stabiliser does.
 */
stabiliser: ("off" | "on" | "panning")
/**
 * Range of the limiter, m, null at infinity; null when the lens has no limiter or no range fits.
 * 
 * @minItems 2
 * @maxItems 2
 */
limiter_m: ([(number | null), (number | null), ...((number | null))[]] | null)
/**
 * Focal length set on the lens, mm, before any converter.
 */
focal_mm: number
/**
 * Shutter, s.
 */
shutter_s: number
/**
 * f-number, with the converter.
 */
f_number: number
/**
 * ISO.
 */
iso: number
/**
 * Button scheme.
 */
scheme: ("shutter" | "thumb" | "two-thumbs" | "three-buttons")
}
