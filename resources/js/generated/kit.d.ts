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
 * Waiting time of each level of the hold dial, s; empty without such a dial.
 * 
 * @maxItems 9
 * 
 * Items: Waiting time, s.
 */
hold_levels_s: number[]
/**
 * Whether it has a pace dial.
 */
has_pace: boolean
/**
 * Whether it has a pick setting.
 */
has_pick: boolean
}
/**
 * The lens, by its markings.
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
 * Widest f-number.
 */
widest_f: number
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
}
