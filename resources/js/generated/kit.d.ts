// Made from schemas/ by `npm run types`; do not edit.


/**
 * A body, a lens and a converter in use together.
 */
export interface Kit {
format: "kit/1"
body: Body
lens: Lens
/**
 * Factor of the converter, 1 without one.
 */
converter: number
}
/**
 * The camera body.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "body".
 */
export interface Body {
/**
 * Width of the sensor, mm.
 */
sensor_width_mm: number
/**
 * Height of the sensor, mm.
 */
sensor_height_mm: number
/**
 * Pixels across its width.
 */
pixels_wide: number
/**
 * Frames per second with focus following.
 */
fps: number
/**
 * From the last focus measurement to the exposure, s.
 */
af_lag_s: number
/**
 * Shortest shutter, s.
 */
shortest_shutter_s: number
/**
 * What measures focus; line and cross are reflex bodies.
 */
af_sensor: ("on-image" | "line" | "cross")
/**
 * AF areas it offers.
 * 
 * @minItems 1
 * @maxItems 9
 * 
 * Items: An AF area.
 */
areas: [("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on"), ...(("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on"))[]]
/**
 * Focus modes it offers.
 * 
 * @minItems 1
 * @maxItems 5
 * 
 * Items: A focus mode.
 */
modes: [("single" | "continuous" | "auto-switch" | "manual" | "single-with-override"), ...(("single" | "continuous" | "auto-switch" | "manual" | "single-with-override"))[]]
/**
 * Kinds its subject detection knows.
 * 
 * @maxItems 4
 * 
 * Items: A kind.
 */
detects: ("animal" | "bird" | "person" | "vehicle")[]
/**
 * AF areas on which eye detection works.
 * 
 * @maxItems 9
 * 
 * Items: An AF area.
 */
eye_detection_areas: ("spot" | "single-point" | "point-plus" | "zone-small" | "zone-wide" | "zone-tall" | "zone-large" | "whole-frame" | "lock-on")[]
/**
 * Waiting time of each level of the stay dial, s; empty without such a dial.
 * 
 * @maxItems 9
 * 
 * Items: Waiting time, s.
 */
stay_levels_s: number[]
/**
 * Whether it has a pace dial.
 */
has_pace: boolean
/**
 * Whether it has a pick setting.
 */
has_pick: boolean
/**
 * What its owner calls it.
 */
name?: string
/**
 * Reflex bodies: dimmest f-number at which the outer AF points still work.
 */
outer_points_f?: number
/**
 * Dimmest f-number at which it focuses at all.
 */
centre_points_f?: number
/**
 * Its AF points as its sheet counts them; missing when nobody has said.
 */
points?: {
/**
 * How many there are.
 */
count: number
/**
 * How much of the frame they cover from side to side, as a share.
 */
width: number
/**
 * How much of it from top to bottom.
 */
height: number
/**
 * How many points an AF area takes, by area.
 */
areas?: {
/**
 * Points of an AF area.
 */
[k: string]: number
}
}
/**
 * Frames it takes in one go before it slows; missing when nobody has said.
 */
buffer_frames?: number
/**
 * Parts its owner has not said and that are taken to be as usual.
 * 
 * @maxItems 10
 * 
 * Items: A part.
 */
assumed?: ("sensor" | "pixels" | "fps" | "shutter" | "af_sensor" | "modes" | "areas" | "detects" | "tuning" | "controls")[]
/**
 * What it shows to help the hand focus; missing when nobody has said.
 * 
 * @maxItems 3
 * 
 * Items: An aid.
 */
aids?: ("peaking" | "magnified" | "depth-preview")[]
dialect?: Dialect
/**
 * Its controls.
 * 
 * @maxItems 24
 */
controls?: Control[]
care?: Care
}
/**
 * The body's own words, and where each setting lives.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "dialect".
 */
export interface Dialect {
/**
 * Focus mode.
 */
focus_mode?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
single?: string
/**
 * Its word.
 */
continuous?: string
/**
 * Its word.
 */
"auto-switch"?: string
/**
 * Its word.
 */
manual?: string
/**
 * Its word.
 */
"single-with-override"?: string
}
}
/**
 * AF area.
 */
area?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
spot?: string
/**
 * Its word.
 */
"single-point"?: string
/**
 * Its word.
 */
"point-plus"?: string
/**
 * Its word.
 */
"zone-small"?: string
/**
 * Its word.
 */
"zone-wide"?: string
/**
 * Its word.
 */
"zone-tall"?: string
/**
 * Its word.
 */
"zone-large"?: string
/**
 * Its word.
 */
"whole-frame"?: string
/**
 * Its word.
 */
"lock-on"?: string
}
}
/**
 * Kind that subject detection looks for.
 */
detection?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
none?: string
/**
 * Its word.
 */
animal?: string
/**
 * Its word.
 */
bird?: string
/**
 * Its word.
 */
person?: string
/**
 * Its word.
 */
vehicle?: string
}
}
/**
 * Eye detection.
 */
eye?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
on?: string
/**
 * Its word.
 */
off?: string
}
}
/**
 * Stabiliser.
 */
stabiliser?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
off?: string
/**
 * Its word.
 */
on?: string
/**
 * Its word.
 */
panning?: string
}
}
drive?: Scale
tuning?: Tuning
/**
 * Focus limiter of the lens.
 */
limiter?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {

}
}
/**
 * Shutter.
 */
shutter?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {

}
}
/**
 * Aperture.
 */
aperture?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {

}
}
/**
 * ISO.
 */
iso?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {

}
}
/**
 * Exposure compensation.
 */
compensation?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {

}
}
/**
 * Assigning controls.
 */
buttons?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
focus?: string
/**
 * Its word.
 */
recall?: string
/**
 * Its word.
 */
stop?: string
/**
 * Its word.
 */
point?: string
/**
 * Its word.
 */
nothing?: string
}
}
/**
 * Focusing before anything is pressed.
 */
prefocus?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
on?: string
/**
 * Its word.
 */
off?: string
}
}
/**
 * What it shows to help the hand focus.
 */
aids?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
peaking?: string
/**
 * Its word.
 */
magnified?: string
/**
 * Its word.
 */
"depth-preview"?: string
}
}
}
/**
 * Where a setting lives: a path through the menu, a control held while a dial is turned, a dial alone, or a lever.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "where".
 */
export interface Where {
/**
 * Steps through the menu, outermost first.
 * 
 * @minItems 1
 * @maxItems 8
 * 
 * Items: A step of the way.
 */
menu?: [string, ...(string)[]]
/**
 * Id or name of the control held down meanwhile.
 */
press?: string
/**
 * Dial that is turned.
 */
turn?: string
/**
 * Lever or switch, and where it is.
 */
lever?: string
}
/**
 * A dial or slider: its own values, each with the point of our axis it stands for.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "scale".
 */
export interface Scale {
/**
 * What the body calls it.
 */
name: string
where: Where
/**
 * Its values in the body's own order.
 * 
 * @minItems 1
 * @maxItems 24
 * 
 * Items: One value.
 */
steps: [{
/**
 * As the body shows it.
 */
word: string
/**
 * Point of our axis: level of stay, pace 0 to 2, or frames a second.
 */
at: number
}, ...({
/**
 * As the body shows it.
 */
word: string
/**
 * Point of our axis: level of stay, pace 0 to 2, or frames a second.
 */
at: number
})[]]
}
/**
 * How the body tunes its tracking.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "tuning".
 */
export interface Tuning {
/**
 * No tuning at all, dials or sliders, numbered presets, or named cases.
 */
kind: ("none" | "scales" | "presets" | "cases")
/**
 * What the body calls the choice of preset.
 */
name?: string
where?: Where
stay?: Scale
pace?: Scale
/**
 * Which thing in a zone wins.
 */
pick?: {
/**
 * What the body calls the setting.
 */
name: string
where: Where
/**
 * What the body calls each value; what is missing has no word.
 */
words: {
/**
 * Its word.
 */
auto?: string
/**
 * Its word.
 */
centre?: string
/**
 * Its word.
 */
nearest?: string
}
}
/**
 * Presets or cases.
 * 
 * @maxItems 16
 */
presets?: Preset[]
}
/**
 * A numbered preset or named case.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "preset".
 */
export interface Preset {
/**
 * Its number or name.
 */
word: string
/**
 * Level of stay it stands for.
 */
stay: number
/**
 * Pace it stands for.
 */
pace: number
/**
 * Pick it stands for.
 */
pick: ("auto" | "centre" | "nearest")
}
/**
 * A control of the body or lens.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "control".
 */
export interface Control {
/**
 * Short name, used by layouts.
 */
id: string
/**
 * What the person calls it.
 */
name: string
/**
 * Where it is.
 */
face: ("back" | "top" | "front" | "lens")
/**
 * From the left of that face, 0 to 1.
 */
x: number
/**
 * From the top of that face, 0 to 1.
 */
y: number
/**
 * Finger that works it.
 */
finger: ("index" | "middle" | "ring" | "thumb" | "left-hand")
/**
 * Whether it can be held while the shutter is pressed.
 */
with_shutter: boolean
/**
 * Whether it can be worked in gloves.
 */
gloves: boolean
/**
 * What it may be assigned.
 * 
 * @maxItems 4
 * 
 * Items: A function.
 */
may: ("focus" | "recall" | "stop" | "point")[]
/**
 * Settings a bundle recalled by it may contain.
 * 
 * @maxItems 12
 * 
 * Items: A setting.
 */
carries: ("start" | "focus-mode" | "area" | "detection" | "tuning" | "drive" | "stabiliser" | "shutter" | "aperture" | "iso" | "compensation" | "metering")[]
}
/**
 * When it was last looked after; dates as 2026-11-24.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "care".
 */
export interface Care {
/**
 * Firmware checked.
 */
firmware_on?: string
/**
 * Contacts cleaned.
 */
contacts_on?: string
/**
 * Fine-tuned.
 */
tuned_on?: string
/**
 * A note.
 */
note?: string
}
/**
 * The lens, by its markings.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "lens".
 */
export interface Lens {
/**
 * Focal length it is set to, mm.
 */
focal_mm: number
/**
 * Shortest focal length, mm.
 */
focal_min_mm: number
/**
 * Longest focal length, mm.
 */
focal_max_mm: number
/**
 * Widest f-number, at the longest focal length.
 */
widest_f: number
/**
 * Widest f-number at the shortest focal length; missing where it is the same.
 */
widest_f_short?: number
/**
 * Closest focus, m.
 */
closest_m: number
/**
 * Stops its stabiliser gains; 0 without one.
 */
stabiliser_stops: number
/**
 * Ranges of the limiter switch, m; null at infinity.
 * 
 * @maxItems 6
 */
limiter_m: [(number | null), (number | null), ...((number | null))[]][]
/**
 * Whether it zooms.
 */
zoom: boolean
/**
 * What its owner calls it.
 */
name?: string
/**
 * Modes of its stabiliser besides off.
 * 
 * @maxItems 2
 * 
 * Items: A mode.
 */
stabiliser_modes?: ("on" | "panning")[]
/**
 * f-number at which it is sharpest.
 */
sharpest_f?: number
/**
 * Fine-tuning values found for it.
 * 
 * @maxItems 12
 * 
 * Items: A fine-tuning value.
 */
tuned?: {
/**
 * Body it was found on.
 */
body: string
/**
 * Focal length it was found at, mm.
 */
at_mm: number
/**
 * The value.
 */
value: number
/**
 * Date, as 2026-11-24.
 */
on?: string
}[]
care?: Care
}
/**
 * A converter.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "converter".
 */
export interface Converter {
/**
 * What its owner calls it.
 */
name?: string
/**
 * Its factor.
 */
factor: number
care?: Care
}
/**
 * An adapter between mounts.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "adapter".
 */
export interface Adapter {
/**
 * What its owner calls it.
 */
name?: string
/**
 * What autofocus is left.
 */
af: ("full" | "none")
/**
 * Whether the lens's stabiliser still works.
 */
stabiliser: boolean
care?: Care
/**
 * How many times as long focusing takes through it, 1 for no longer.
 */
slows: number
}
/**
 * Something to rest on.
 * 
 * This interface was referenced by `Kit`'s JSON-Schema
 * via the `definition` "support".
 */
export interface Support {
/**
 * What its owner calls it.
 */
name?: string
/**
 * How it holds the camera.
 */
kind: ("braced" | "monopod" | "gimbal" | "locked")
/**
 * Weight it is made for, kg.
 */
carries_kg?: number
/**
 * Its own weight, kg.
 */
weight_kg?: number
care?: Care
}
