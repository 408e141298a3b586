// Made from schemas/ by `npm run types`; do not edit.


/**
 * What the planner returns: the hold, the numbers it rests on, and the reasons.
 */
export interface Plan {
format: "plan/1"
hold: Hold
/**
 * The numbers.
 */
numbers: {
/**
 * Blur on the sensor, mm.
 */
blur_mm: {
/**
 * Largest that counts as sharp, mm.
 */
limit: number
/**
 * Subject's motion, mm.
 */
motion: number
/**
 * Camera's shake, mm.
 */
shake: number
/**
 * Focus lag and depth of a group, mm.
 */
defocus: number
/**
 * Diffraction, mm.
 */
diffraction: number
/**
 * Heat shimmer, mm.
 */
shimmer: number
/**
 * Root of the sum of squares, mm.
 */
total: number
}
/**
 * Depth of field.
 */
depth: {
/**
 * Nearest sharp, m.
 */
near_m: number
/**
 * Farthest sharp, m; null at infinity.
 */
far_m: (number | null)
/**
 * Depth, m; null at infinity.
 */
depth_m: (number | null)
}
/**
 * Focus error over the lag, m.
 */
lag_error_m: number
/**
 * Subject's length over the frame's width.
 */
subject_fraction_of_frame: number
/**
 * Stops of light missing at the ISO ceiling.
 */
light_shortfall_stops: number
/**
 * Hyperfocal distance, m.
 */
hyperfocal_m: number
/**
 * Size on the sensor over size in the world.
 */
magnification: number
/**
 * Subject's length in pixels.
 */
subject_px: number
/**
 * Speed left after the pan, m/s.
 */
residual_speed_mps: number
/**
 * How fast to turn, °/s.
 */
pan_rate_deg_s: number
/**
 * Time to cross the frame, s; null when it does not.
 */
frame_crossing_s: (number | null)
/**
 * Longest shutter the budget allows, s; null when none does.
 */
required_shutter_s: (number | null)
/**
 * ISO the exposure asks for, unrounded.
 */
exact_iso: number
/**
 * Focal length with the converter, mm.
 */
effective_focal_mm: number
/**
 * Pixel pitch, mm.
 */
pixel_mm: number
}
/**
 * AF areas, best first.
 */
areas: {
/**
 * AF area.
 */
pattern: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")
/**
 * Chance it keeps the right thing.
 */
score: number
why: string
}[]
/**
 * Why each field of the hold is what it is.
 */
reasons: {
field: string
school: (string | null)
why: string
numbers: {
[k: string]: number | string | null
}
/**
 * The nearest change that would flip it.
 */
flips: (string | null)
}[]
/**
 * What gave way, in order.
 */
concessions: {
/**
 * What gave way.
 */
step: ("aperture" | "standard" | "shutter" | "light" | "depth" | "limit" | "overexposure")
what: string
why: string
/**
 * Stops of light it gains (or lacks).
 */
cost_stops: number
/**
 * Blur it allows beyond what was asked, mm.
 */
cost_mm: number
}[]
cautions: string[]
/**
 * The assumed figures this plan used.
 */
assumptions: {
name: string
value: number
default: number
unit: string
least: number
most: number
meaning: string
origin: string
}[]
/**
 * How each figure was reached: formula, inputs and source.
 */
workings: {
figure: string
title: string
formula: string
inputs: {
symbol: string
name: string
value: (number | string | null)
unit: string
/**
 * Where the number comes from.
 */
origin: ("rush" | "kit" | "assumed" | "computed" | "chosen")
/**
 * Name of the assumption it may be changed by.
 */
assumption: (string | null)
}[]
result: (number | string | null)
unit: string
source: string
}[]
}
/**
 * The camera set-up that answers a rush. A field that is not chosen is null.
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
area: ({
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
} | null)
/**
 * Subject detection.
 */
detection: ({
/**
 * Kind it looks for.
 */
subject: ("none" | "animal" | "bird" | "person" | "vehicle")
/**
 * Whether eye detection is on.
 */
eye: boolean
} | null)
/**
 * Tracking tuning; null for a dial the body lacks.
 */
tuning: ({
/**
 * How long it waits after losing the subject.
 */
hold: (number | null)
/**
 * How it follows changes of speed.
 */
pace: (number | null)
/**
 * Which thing in a zone wins.
 */
pick: ("auto" | "centre" | "nearest" | null)
} | null)
/**
 * Where on the subject to aim.
 */
aim: ("eye" | "head" | "chest" | "back-number" | "face" | "helmet" | "body" | "edge" | "leading-edge" | null)
/**
 * Frames and bursts.
 */
drive: ({
/**
 * Frames per second.
 */
fps: number
/**
 * Length of the burst.
 */
burst: ("single" | "short" | "long")
} | null)
/**
 * What the stabiliser does.
 */
stabiliser: ("off" | "on" | "panning")
/**
 * Range of the limiter, m.
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
scheme: ("shutter" | "thumb" | "two-thumbs" | "three-buttons" | null)
}
