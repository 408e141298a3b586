// Made from schemas/ by `npm run types`; do not edit.


/**
 * A day out: a place, its weather and water, and the rushes expected.
 */
export interface Outing {
format: "outing/1"
/**
 * What it is called.
 */
name: string
/**
 * The day, 2026-05-16.
 */
date: string
/**
 * When it begins.
 */
from: string
/**
 * When it ends; not after the beginning, on the next day.
 */
until: string
place: import("./place").Place
kit?: import("./kit").Kit
/**
 * What is said of the sky by hours; an hour left out is as the one before.
 * 
 * @maxItems 48
 */
sky?: Hour[]
/**
 * From an official table, in order.
 * 
 * @maxItems 12
 */
waters?: Water[]
/**
 * How the water goes between them; absent, cosine.
 */
tide?: ("cosine" | "twelfths")
/**
 * Whether the water is taken to go on as tides usually do before the first and after the last that is typed; absent, nothing is known there.
 */
waters_go_on?: boolean
/**
 * Those whose minutes are known; others by the crow.
 * 
 * @maxItems 300
 */
walks?: Walk[]
/**
 * What meters said.
 * 
 * @maxItems 48
 */
metered?: Reading[]
/**
 * What may happen.
 * 
 * @maxItems 24
 * 
 * Items: A rush expected.
 */
rushes: {
/**
 * By which the day names it.
 */
id: string
rush: import("./rush").Rush
kit?: import("./kit").Kit
/**
 * Where.
 */
spot: string
/**
 * First hour.
 */
from: string
/**
 * Last hour.
 */
until: string
/**
 * Chances an hour.
 */
per_hour: number
/**
 * How much a sharp frame counts.
 */
importance: number
/**
 * Whether it stands in light of its own.
 */
own_light?: boolean
}[]
day?: Day
}
/**
 * An hour.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "hour".
 */
export interface Hour {
/**
 * Hour of the day; from 24 on of the next.
 */
hour: number
/**
 * The sky.
 */
sky: ("clear" | "hazy" | "bright" | "overcast" | "heavy")
/**
 * Air.
 */
temperature_c?: number
/**
 * Wind.
 */
wind_mps?: number
/**
 * How far one sees.
 */
visibility_m?: number
/**
 * Whether it comes from the weather stand-in, and not from anybody who knows.
 */
made_up?: boolean
}
/**
 * A high or low water.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "water".
 */
export interface Water {
/**
 * When.
 */
at: string
/**
 * Which.
 */
kind: ("high" | "low")
/**
 * How high.
 */
height_m: number
/**
 * How many days after the date of the outing; absent, the next time the clocks show it after the water before.
 */
day?: number
}
/**
 * A walk.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "walk".
 */
export interface Walk {
/**
 * A spot.
 */
from: string
/**
 * Another.
 */
to: string
/**
 * Walking.
 */
minutes: number
}
/**
 * A reading.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "reading".
 */
export interface Reading {
/**
 * When.
 */
at: string
/**
 * What the meter said.
 */
ev100: number
/**
 * Where.
 */
spot: string
}
/**
 * What is reckoned; nobody writes it.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "day".
 */
export interface Day {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * Time zone.
 */
zone: string
/**
 * Whether anything was said of the sky; else it is taken as clear.
 */
sky_said: boolean
/**
 * The sun while one is out.
 */
sun: {
/**
 * In order.
 * 
 * Items: One.
 */
events: {
/**
 * What.
 */
kind: ("dawn" | "rise" | "transit" | "set" | "dusk" | "lowest" | "over" | "behind")
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
at: string
}[]
/**
 * Highest altitude in these hours.
 */
highest_deg: number
/**
 * Lowest.
 */
lowest_deg: number
/**
 * Of sun and moon, in words.
 */
says: string
}
/**
 * The moon while one is out.
 */
moon: {
/**
 * Share that is lit.
 */
lit: number
/**
 * In order.
 * 
 * Items: One.
 */
events: {
/**
 * What.
 */
kind: ("rise" | "set")
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
at: string
}[]
}
/**
 * One every five minutes.
 * 
 * Items: A moment.
 */
moments: {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
at: string
/**
 * Of the sun, geometric.
 */
altitude_deg: number
/**
 * As it is seen.
 */
apparent_deg: number
/**
 * From true north.
 */
azimuth_deg: number
/**
 * Light under the open sky.
 */
ev100: number
/**
 * Whether the horizon line hides the sun.
 */
shaded: boolean
/**
 * The sky.
 */
sky: ("clear" | "hazy" | "bright" | "overcast" | "heavy")
/**
 * Air.
 */
temperature_c: (number | null)
/**
 * Wind.
 */
wind_mps: (number | null)
/**
 * How far one sees; null where nobody has said.
 */
visibility_m: (number | null)
/**
 * How far the longest lens may shoot for fine detail; null where shimmer sets no limit.
 */
reach_m: (number | null)
/**
 * Height of the water; null where nothing is known.
 */
water_m: (number | null)
/**
 * Whether that rests on a water that nobody has typed.
 */
water_reckoned: boolean
}[]
/**
 * As expected.
 * 
 * Items: A rush along its hours.
 */
rushes: {
/**
 * Which.
 */
id: string
/**
 * Its name.
 */
name: string
/**
 * Where.
 */
spot: string
/**
 * When it may happen, of what touches these hours; none where all its hours lie outside.
 * 
 * Items: A stretch.
 */
hours: {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
}[]
/**
 * Which moment its first step stands for; null when its hours lie outside.
 */
first: (number | null)
/**
 * One every five minutes.
 * 
 * Items: A step; null where it is not expected.
 */
along: ({
/**
 * Share that comes out.
 */
share: number
/**
 * Light at its spot.
 */
ev100: number
/**
 * From which side.
 */
light: ("front" | "side" | "back" | "even")
/**
 * Sharp frames an hour, by how much they matter.
 */
worth_per_hour: number
/**
 * Whether one may stand at its spot then.
 */
stands: boolean
/**
 * Of its hold; null without one.
 */
iso: (number | null)
} | null)[]
/**
 * In order.
 * 
 * Items: A stretch with one hold.
 */
bands: {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * The hold; null where the lens cannot focus so near.
 */
hold: (import("./hold").Hold | null)
/**
 * Shutter, aperture, ISO and area of it in words; null without a hold.
 */
words: (string | null)
/**
 * Least ISO.
 */
iso_least: number
/**
 * Most.
 */
iso_most: number
/**
 * Least share that comes out.
 */
share_least: number
/**
 * Most.
 */
share_most: number
/**
 * What has given way.
 * 
 * Items: One.
 */
gave_way: {
/**
 * What gave way.
 */
step: string
/**
 * In words.
 */
what: string
/**
 * Why.
 */
why: string
/**
 * Stops.
 */
cost_stops: number
/**
 * Blur.
 */
cost_mm: number
}[]
/**
 * Fields of the hold that are other than before.
 * 
 * Items: A field.
 */
changed: string[]
/**
 * What has given way that had not before.
 * 
 * Items: A step.
 */
entered: string[]
}[]
/**
 * The hours in which its hold keeps its promise; null when nothing comes out.
 */
promise: ({
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
best: string
/**
 * Null where it lasts as long as the rush.
 */
until: (string | null)
} | null)
/**
 * A moment whose hold is set for it beforehand, and the hours that is for; null where nothing can be set.
 */
set: ({
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
at: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * Whether the order of the day gives it a turn; else these are hours in which its hold keeps its promise.
 */
has_turn: boolean
} | null)
/**
 * What the water does to its spot, in words; null where it does nothing.
 */
water: (string | null)
/**
 * What the day adds to what is looked at before going out.
 * 
 * Items: A check.
 */
checks: {
/**
 * Which.
 */
id: string
/**
 * What to do.
 */
message: string
/**
 * Why.
 */
why: string
}[]
/**
 * That in words.
 */
says: string
/**
 * Why it is not in the order, or there in other hours than its best; null where neither is so.
 */
why: (string | null)
}[]
/**
 * Every spot of the place, and what the water lets one do there.
 * 
 * Items: A spot.
 */
spots: {
/**
 * Which.
 */
spot: string
/**
 * What the water does to it, in words; null where it does nothing.
 */
says: (string | null)
/**
 * One after the other; none of a spot that no water cuts off.
 * 
 * Items: A stretch.
 */
states: {
/**
 * Whether the water is lower than what cuts it off, or nobody knows.
 */
state: ("open" | "shut" | "unknown")
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
}[]
/**
 * When one may stand there: time to spare for the water and for the way is left.
 * 
 * Items: A stretch.
 */
stands: {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
}[]
/**
 * On foot to ground that stays dry.
 */
way_off_minutes: (number | null)
/**
 * How that is known.
 */
way_off_known: ("typed" | "reckoned" | "assumed" | null)
}[]
/**
 * The waters with their days, in order.
 * 
 * Items: A high or low water.
 */
waters: {
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
at: string
/**
 * Which.
 */
kind: ("high" | "low")
/**
 * How high.
 */
height_m: number
/**
 * Whether nobody has typed it.
 */
reckoned: boolean
}[]
/**
 * The moments of the readings, in the order they are typed.
 * 
 * Items: A moment, ISO 8601 by the clocks of the place.
 */
metered: string[]
/**
 * Between any two spots that rushes are expected at.
 * 
 * Items: A walk.
 */
walks: {
/**
 * A spot.
 */
from: string
/**
 * Another.
 */
to: string
/**
 * On foot.
 */
minutes: number
/**
 * Whether somebody has typed them.
 */
typed: boolean
}[]
/**
 * What to work one after the other.
 */
order: {
/**
 * Sharp frames, each counted as much as it matters.
 */
worth: number
/**
 * In order of time.
 * 
 * Items: A stay.
 */
stays: {
/**
 * Which.
 */
rush: string
/**
 * Where.
 */
spot: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * What it brings.
 */
worth: number
/**
 * What turning to it brings over staying with the one before.
 */
gain: (number | null)
/**
 * Minutes on foot to the next; null after the last.
 */
walk_minutes: (number | null)
/**
 * When one must be off its spot; null where no water ends it.
 */
be_off: (string | null)
/**
 * What the water does to its spot, in words.
 */
water: (string | null)
/**
 * The longest wait before the next; null without one.
 */
wait: ({
/**
 * How many times five minutes.
 */
steps: number
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * Where; null on dry ground that is no spot.
 */
spot: (string | null)
/**
 * For what.
 */
for: ("water" | "light" | "hours")
/**
 * Sharp frames more than a day without waiting brings, by how much they matter.
 */
gain: (number | null)
} | null)
}[]
/**
 * Every way on foot; over ground that the water takes also on to the first spot and off the last, which may lie before and after the day.
 * 
 * Items: A way.
 */
ways: {
/**
 * Null: ground that stays dry.
 */
from_spot: (string | null)
/**
 * Null: ground that stays dry.
 */
to_spot: (string | null)
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
leaves: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
arrives: string
}[]
/**
 * In words.
 */
says: string
}
/**
 * The best day without the rush that brings most of the best one.
 */
second: ({
/**
 * Sharp frames, each counted as much as it matters.
 */
worth: number
/**
 * In order of time.
 * 
 * Items: A stay.
 */
stays: {
/**
 * Which.
 */
rush: string
/**
 * Where.
 */
spot: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * What it brings.
 */
worth: number
/**
 * What turning to it brings over staying with the one before.
 */
gain: (number | null)
/**
 * Minutes on foot to the next; null after the last.
 */
walk_minutes: (number | null)
/**
 * When one must be off its spot; null where no water ends it.
 */
be_off: (string | null)
/**
 * What the water does to its spot, in words.
 */
water: (string | null)
/**
 * The longest wait before the next; null without one.
 */
wait: ({
/**
 * How many times five minutes.
 */
steps: number
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
/**
 * Where; null on dry ground that is no spot.
 */
spot: (string | null)
/**
 * For what.
 */
for: ("water" | "light" | "hours")
/**
 * Sharp frames more than a day without waiting brings, by how much they matter.
 */
gain: (number | null)
} | null)
}[]
/**
 * Every way on foot; over ground that the water takes also on to the first spot and off the last, which may lie before and after the day.
 * 
 * Items: A way.
 */
ways: {
/**
 * Null: ground that stays dry.
 */
from_spot: (string | null)
/**
 * Null: ground that stays dry.
 */
to_spot: (string | null)
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
leaves: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
arrives: string
}[]
/**
 * When it is for, in words.
 */
says: string
} | null)
/**
 * When the water is known to cut a spot off, in whole minutes; also half a day before and after.
 * 
 * Items: A stretch.
 */
cut_off: {
/**
 * Where.
 */
spot: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
}[]
/**
 * When the sun stands where one points.
 * 
 * Items: A stretch.
 */
blinding: {
/**
 * Where.
 */
spot: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
from: string
/**
 * A moment, ISO 8601 by the clocks of the place.
 */
until: string
}[]
/**
 * What the day comes to.
 * 
 * Items: A sentence.
 */
says: string[]
/**
 * Cautions.
 * 
 * Items: One.
 */
cautions: string[]
}
/**
 * An outing as an account keeps it: the place stands beside it, rushes are named by their ids.
 * 
 * This interface was referenced by `Outing`'s JSON-Schema
 * via the `definition` "kept".
 */
export interface Kept {
/**
 * The day, 2026-05-16.
 */
date: string
/**
 * When it begins.
 */
from: string
/**
 * When it ends; not after the beginning, on the next day.
 */
until: string
/**
 * What is said of the sky by hours; an hour left out is as the one before.
 * 
 * @maxItems 48
 */
sky: Hour[]
/**
 * From an official table, in order.
 * 
 * @maxItems 12
 */
waters: Water[]
/**
 * How the water goes between them; absent, cosine.
 */
tide?: ("cosine" | "twelfths")
/**
 * Whether the water is taken to go on as tides usually do before the first and after the last that is typed; absent, nothing is known there.
 */
waters_go_on?: boolean
/**
 * Those whose minutes are known; others by the crow.
 * 
 * @maxItems 300
 */
walks: Walk[]
/**
 * What meters said.
 * 
 * @maxItems 48
 */
metered: Reading[]
/**
 * What may happen.
 * 
 * @maxItems 24
 * 
 * Items: A rush expected.
 */
rushes: {
/**
 * By which the day names it.
 */
id: string
/**
 * Which rush.
 */
rush_id: string
/**
 * Where.
 */
spot: string
/**
 * First hour.
 */
from: string
/**
 * Last hour.
 */
until: string
/**
 * Chances an hour.
 */
per_hour: number
/**
 * How much a sharp frame counts.
 */
importance: number
/**
 * Whether it stands in light of its own.
 */
own_light?: boolean
}[]
}
