// Made from schemas/ by `npm run types`; do not edit.


/**
 * A place to photograph at, what stands around it, and its spots.
 */
export interface Place {
format: "place/1"
/**
 * What it is called.
 */
name: string
/**
 * Latitude, north positive.
 */
latitude_deg: number
/**
 * Longitude, east positive.
 */
longitude_deg: number
/**
 * Time zone, such as Europe/Dublin.
 */
zone: string
/**
 * What it lies on.
 */
ground: ("water" | "snow" | "marsh" | "grass" | "stone" | "sand" | "tarmac")
/**
 * How much brighter it is there than reckoned.
 */
offset_stops?: number
/**
 * What to know of it.
 */
notes?: string
/**
 * What stands around it; straight between the points.
 * 
 * @maxItems 72
 * 
 * Items: A point.
 */
horizon: {
/**
 * Direction, from true north.
 */
azimuth_deg: number
/**
 * How high it reaches.
 */
altitude_deg: number
}[]
/**
 * Where one stands there.
 * 
 * @minItems 1
 * @maxItems 24
 * 
 * Items: A spot.
 */
spots: [{
/**
 * By which an outing names it.
 */
id: string
/**
 * What it is called.
 */
name: string
/**
 * Latitude.
 */
latitude_deg: number
/**
 * Longitude.
 */
longitude_deg: number
/**
 * Where the lens points, from true north.
 */
bearing_deg: number
/**
 * What the line of sight runs over, where it is other than the place's.
 */
ground?: ("water" | "snow" | "marsh" | "grass" | "stone" | "sand" | "tarmac")
/**
 * Height of the line of sight over it.
 */
height_m?: number
/**
 * What stands between the sun and the spot.
 */
cover?: ("none" | "shade" | "canopy")
/**
 * Height of water at which it is cut off.
 */
cut_off_m?: number
/**
 * Minutes on foot from it to ground that stays dry.
 */
way_off_minutes?: number
/**
 * Usual nearest distance.
 */
near_m?: number
/**
 * Usual farthest distance.
 */
far_m?: number
/**
 * What lies behind.
 */
background?: string
}, ...({
/**
 * By which an outing names it.
 */
id: string
/**
 * What it is called.
 */
name: string
/**
 * Latitude.
 */
latitude_deg: number
/**
 * Longitude.
 */
longitude_deg: number
/**
 * Where the lens points, from true north.
 */
bearing_deg: number
/**
 * What the line of sight runs over, where it is other than the place's.
 */
ground?: ("water" | "snow" | "marsh" | "grass" | "stone" | "sand" | "tarmac")
/**
 * Height of the line of sight over it.
 */
height_m?: number
/**
 * What stands between the sun and the spot.
 */
cover?: ("none" | "shade" | "canopy")
/**
 * Height of water at which it is cut off.
 */
cut_off_m?: number
/**
 * Minutes on foot from it to ground that stays dry.
 */
way_off_minutes?: number
/**
 * Usual nearest distance.
 */
near_m?: number
/**
 * Usual farthest distance.
 */
far_m?: number
/**
 * What lies behind.
 */
background?: string
})[]]
}
