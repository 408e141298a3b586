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
 * How far one may shoot until shimmer alone takes the whole limit; null where the air does not tremble, or nobody has said over what.
 */
shimmer_reach_m: (number | null)
/**
 * Share of contrast that haze and shimmer leave autofocus at the working distance.
 */
contrast: number
/**
 * Pixel pitch, mm.
 */
pixel_mm: number
}
/**
 * How many frames to expect sharp.
 */
odds: {
/**
 * Share of frames that are on the right thing and sharp.
 */
share: number
/**
 * Share in which the focus is on the right thing.
 */
kept: number
/**
 * Share of those whose blur stays within what counts as sharp.
 */
still: number
/**
 * Whether that is too little to plan on.
 */
poor: boolean
/**
 * The same in words.
 */
words: string
/**
 * What the share is of: frames, or passes with at least one sharp frame where a plane is set by hand.
 */
of: ("frames" | "passes")
}
/**
 * Each length of streak with its shutter and its share of sharp frames; empty where nothing is to streak.
 */
streaks: {
/**
 * How far the background streaks.
 */
streak: ("hint" | "plain" | "long")
/**
 * Streak as a share of the frame's width.
 */
share: number
/**
 * Shutter that streaks so far, s.
 */
shutter_s: number
/**
 * Share of frames in which the subject reads as sharp.
 */
sharp: number
}[]
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
/**
 * Chance that the aim is on the target.
 */
on_target: number
/**
 * Share of the frame's width.
 */
width: number
/**
 * Share of the frame's height.
 */
height: number
}[]
/**
 * Why each field of the hold is what it is.
 */
reasons: {
field: string
/**
 * Which of the reasons there are for the field; with its numbers a client can say it in words of its own.
 */
code: string
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
step: ("aperture" | "standard" | "shutter" | "light" | "depth" | "limit" | "overexposure" | "frame" | "air")
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
/**
 * The frame at true proportions.
 */
pane: {
/**
 * How the body is stretched out.
 */
posture: string
/**
 * Whether it shows its front or its back rather than its side.
 */
end_on: boolean
/**
 * 1 when it travels to the right, -1 to the left.
 */
way: (-1 | 1)
/**
 * What the frame takes in at the subject, m.
 */
frame_width_m: number
/**
 * The same upwards, m.
 */
frame_height_m: number
/**
 * The subject.
 */
subject: {
/**
 * Centre, share of the width from the left.
 */
x: number
/**
 * Centre, share of the height from the top.
 */
y: number
/**
 * Share of the width.
 */
width: number
/**
 * Share of the height.
 */
height: number
}
/**
 * The AF area.
 */
area: {
/**
 * Centre, share of the width from the left.
 */
x: number
/**
 * Centre, share of the height from the top.
 */
y: number
/**
 * Share of the width.
 */
width: number
/**
 * Share of the height.
 */
height: number
}
/**
 * The aim point.
 */
aim: {
/**
 * Share of the width, from the left.
 */
x: number
/**
 * Share of the height, from the top.
 */
y: number
}
/**
 * Whether the aim is on the head or the front, where a drawing of the subject has a point of its own for it.
 */
on_head: boolean
/**
 * Where the area is, in a word or two; empty in the middle.
 */
place: string
/**
 * One sigma of the aim.
 */
wander: {
/**
 * Share of the width.
 */
x: number
/**
 * Share of the height.
 */
y: number
}
/**
 * Room ahead of it, share of the width.
 */
room: number
/**
 * Time it takes to use that room in a still frame, s; null when it does not cross.
 */
room_s: (number | null)
/**
 * Where obstacles stand, m; null when there are none.
 */
obstacle_m: (number | null)
}
/**
 * What the hand could do.
 */
hand: ({
/**
 * Technique with the most sharp frames.
 */
best: ("trap" | "pull" | "follow")
/**
 * How often a first try hits.
 */
hit: number
/**
 * AF hit rate above which autofocus starts sooner; below 0 always, above 1 never.
 */
break_even_af_hit: number
/**
 * On a known route.
 */
trap: ({
/**
 * Where to set the plane, m.
 */
distance_m: number
/**
 * How it goes there, °.
 */
bearing_deg: number
/**
 * Depth that is sharp there, m; null at infinity.
 */
depth_m: (number | null)
/**
 * Time in focus, s; null without end.
 */
time_s: (number | null)
/**
 * Frames in focus; null without end.
 */
frames: (number | null)
/**
 * Chance of at least one.
 */
p_one: number
/**
 * Frames of a trap at the working distance; null without end.
 */
here_frames: (number | null)
/**
 * How far before the plane to press, m.
 */
lead_m: number
/**
 * How long before, s.
 */
lead_s: number
} | null)
/**
 * One sweep of the ring.
 */
pull: {
/**
 * Sharp frames.
 */
frames: number
/**
 * Speed of the plane through the scene, m/s.
 */
sweep_mps: number
}
/**
 * The ring stays on it.
 */
follow: {
/**
 * Share of frames in focus.
 */
share: number
/**
 * Sharp frames.
 */
frames: number
/**
 * Frames of the moment.
 */
window_frames: number
}
} | null)
/**
 * Ways out for a group deeper than the depth of field.
 * 
 * Items: One way.
 */
ways_out: {
/**
 * Which.
 */
way: ("stop-down" | "shorter" | "step-back" | "fewer" | "line-up")
what: string
why: string
numbers: {
[k: string]: number
}
}[]
/**
 * The nearest changes of the rush that change the hold.
 */
tipping: Tip[]
/**
 * What to do, in order.
 */
routine: {
/**
 * Before it comes.
 * 
 * Items: A line.
 */
before: string[]
/**
 * While it happens.
 * 
 * Items: A line.
 */
during: string[]
/**
 * Afterwards.
 * 
 * Items: A line.
 */
after: string[]
}
}
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
/**
 * One.
 * 
 * This interface was referenced by `Plan`'s JSON-Schema
 * via the `definition` "tip".
 */
export interface Tip {
/**
 * What changes.
 */
dimension: ("speed" | "distance" | "light" | "front" | "behind" | "crossers" | "skill" | "support" | "sky")
/**
 * Which way.
 */
direction: ("below" | "above" | "to")
/**
 * m/s, m, EV, or the word.
 */
value: (number | string)
condition: string
change: string
fields: string[]
}
