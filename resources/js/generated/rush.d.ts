// Made from schemas/ by `npm run types`; do not edit.


/**
 * The moving situation that a hold has to answer.
 */
export interface Rush {
format: "rush/1"
/**
 * What the person calls it.
 */
name: string
/**
 * What moves.
 */
subject: {
/**
 * Catalogue id.
 */
kind: ("small-bird" | "seabird" | "raptor" | "swift" | "wader" | "tall-wader" | "waterfowl" | "owl" | "small-mammal" | "running-mammal" | "large-mammal" | "dog" | "insect" | "flower" | "horse-rider" | "field-player" | "court-player" | "racket-player" | "swing-player" | "runner" | "swimmer" | "diver" | "gymnast" | "skier" | "paddler" | "cyclist" | "motorbike" | "car" | "aircraft" | "boat" | "person")
/**
 * Length that matters in the frame, m.
 */
length_m: number
/**
 * What subject detection should look for.
 */
detection: ("none" | "animal" | "bird" | "person" | "vehicle")
/**
 * Contrast of the target itself.
 */
detail: ("low" | "medium" | "high")
/**
 * Speed of wing tips, hands or hooves against the body, m/s.
 */
limb_speed_mps: number
/**
 * How many that must all be sharp.
 */
count: number
/**
 * From the nearest to the farthest of them, m.
 */
depth_spread_m: number
/**
 * What the photographer calls it, without an article; left out where the kind has the word.
 */
called?: string
}
/**
 * How it moves.
 */
motion: {
/**
 * Own speed, m/s.
 */
speed_mps: number
/**
 * Speed once it goes, m/s; where the pattern is sudden.
 */
burst_mps?: number
/**
 * Travel against the lens axis: 0 straight at the camera, 90 crossing, 180 away.
 */
bearing_deg: number
/**
 * Which way it looks while it does not travel.
 */
facing?: ("towards" | "across" | "away")
/**
 * How predictable it is.
 */
pattern: ("still" | "steady" | "accelerating" | "stop-start" | "erratic" | "sudden")
/**
 * What it is doing, where the pattern and the speeds follow from that.
 */
act?: ("taking-off" | "landing" | "diving" | "hovering")
/**
 * Change of speed along the lens axis, m/s².
 */
acceleration_mps2: number
/**
 * Whether its way is known.
 */
route: ("known" | "unknown")
}
/**
 * How far it is.
 */
distance: {
/**
 * Nearest it may come, m.
 */
near_m: number
/**
 * Where it is photographed, m.
 */
work_m: number
/**
 * Farthest it may be, m.
 */
far_m: number
}
/**
 * What else competes for the focus.
 */
clutter: {
/**
 * What stands between.
 */
foreground: ("none" | "sparse" | "dense")
/**
 * What lies behind.
 */
background: ("clean" | "moderate" | "busy")
/**
 * From the subject to what lies behind, m.
 */
background_gap_m: number
/**
 * Whether wind moves leaves behind or in front.
 */
foliage_moving: boolean
/**
 * Others who pass between.
 */
crossers: ("none" | "occasional" | "frequent")
/**
 * Tone against the background.
 */
separation: ("clear" | "similar")
/**
 * Width of what passes in front, m.
 */
obstacle_width_m: number
/**
 * How far away the obstacles stand, m; left out when it is not known.
 */
obstacle_distance_m?: number
}
/**
 * The air between camera and subject, and what it lies over; what is absent nobody has said.
 */
air?: {
/**
 * What the line of sight runs over; absent, no shimmer is reckoned.
 */
ground?: ("water" | "snow" | "marsh" | "grass" | "stone" | "sand" | "tarmac")
/**
 * What stands between the sun and the ground; absent, clear.
 */
sky?: ("clear" | "hazy" | "bright" | "overcast" | "heavy")
/**
 * Altitude of the sun; absent, as light and sky have it.
 */
sun_deg?: number
/**
 * Wind, m/s.
 */
wind_mps?: number
/**
 * Height of the line of sight over the ground.
 */
height_m?: number
/**
 * How far one sees; absent, the air is clear.
 */
visibility_m?: number
}
/**
 * The light.
 */
light: {
/**
 * Exposure value at ISO 100.
 */
ev100: number
/**
 * Where the light comes from.
 */
direction: ("front" | "side" | "back")
}
/**
 * What the photographer wants.
 */
intent: {
/**
 * Whom to follow.
 */
follow: ("this-one" | "nearest" | "whoever-enters")
/**
 * What wing tips, hands or hooves may do.
 */
limbs: ("freeze" | "may-blur")
/**
 * Whether the background is to streak.
 */
style: ("freeze" | "pan-blur")
/**
 * Where it comes in.
 */
entry: ("any" | "left" | "right" | "below")
/**
 * How far the background is to streak, where the style is pan-blur.
 */
streak?: ("hint" | "plain" | "long")
/**
 * How the camera is to be held; absent, the plan chooses.
 */
frame?: ("landscape" | "portrait")
}
/**
 * Who holds the camera.
 */
photographer: {
/**
 * How practised.
 */
skill: ("new" | "settled" | "expert")
/**
 * What carries the camera.
 */
support: ("handheld" | "braced" | "monopod" | "gimbal" | "locked")
/**
 * Whether the camera follows the subject.
 */
panning: boolean
/**
 * How well the hand focuses, 0 to 1.
 */
manual_skill: number
/**
 * The schools of practice the person has picked; absent means the product's default.
 */
schools: {
/**
 * Focus by hand.
 */
hand?: ("never" | "in-clutter" | "always")
/**
 * How to meet clutter.
 */
clutter?: ("smallest-area" | "lock-on" | "manual")
/**
 * Area for flight.
 */
flight?: ("long-box" | "large-zone" | "lock-on" | "single-point")
/**
 * Area for sport.
 */
sport?: ("single-centre" | "zone")
/**
 * Tracking tuning.
 */
tuning?: ("general" | "sticky" | "per-scene" | "responsive")
/**
 * Focus button.
 */
button?: ("shutter" | "thumb" | "two-thumbs" | "three-buttons")
/**
 * Where to aim on people.
 */
people?: ("chest" | "face")
/**
 * Stabiliser in action.
 */
stabiliser?: ("off" | "panning")
/**
 * Aperture.
 */
aperture?: ("wide-open" | "one-stop-down")
/**
 * Auto-switch mode.
 */
auto_switch?: ("net" | "never")
}
}
/**
 * How sharp is sharp.
 */
standard: ("share" | "detail" | "pixel")
/**
 * In how many frames the standard is to hold; absent, as many as spare light brings.
 */
sure?: ("half" | "most" | "nearly-all")
/**
 * Highest ISO the person accepts.
 */
iso_ceiling: number
}
