import { request } from "../../api/client";
import { listQuery } from "../../api/queries";
import { Autosave } from "../../autosave/Autosave";
import type { OutingDay, OutingWhole, PlaceList, PlaceWhole } from "../../generated/answers";
import type { Day, Hour, Kept } from "../../generated/outing";
import type { Place } from "../../generated/place";
import { dayStepMinutes } from "../../generated/vocabulary";

export type { Day, Hour, Kept, OutingDay, OutingWhole, Place, PlaceList, PlaceWhole };
export type Spot = Place["spots"][number];

/** What of something changes; what is undefined is left out of it. */
export type Change<T> = { [K in keyof T]?: T[K] | undefined };

/** Something without the fields nobody has said. */
export const said = <T>(of: Change<T>): T =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;

export type Expected = Kept["rushes"][number];
export type Along = Day["rushes"][number];
export type Band = Along["bands"][number];
export type Moment = Day["moments"][number];

export const placesQuery = listQuery(["places"], () => request("GET", "places"));

export type OutingDraft = { name: string; place_id: string; outing: Kept };

/** Keeps one outing. */
export class OutingAutosave extends Autosave<OutingDraft, OutingWhole> {
  constructor(server: OutingWhole) {
    super(server, {
      path: `outings/${server.id}`,
      draftOf: ({ name, place_id, outing }) => ({ name, place_id, outing }),
    });
  }
}

/** Keeps one place. */
export class PlaceAutosave extends Autosave<{ place: Place }, PlaceWhole> {
  constructor(server: PlaceWhole) {
    super(server, { path: `places/${server.id}`, draftOf: ({ place }) => ({ place }) });
  }
}

export type OrderOf = Day["order"];
export type Stay = OrderOf["stays"][number];
export type SpotWater = Day["spots"][number];

/** What the clocks of the place show at a moment that is told by them: 07:40. */
export const clockAt = (iso: string): string => iso.slice(11, 16);

const dateAt = (iso: string): string => iso.slice(0, 10);

/** Of which day a moment is, where it is not of the date the day begins on: "next day". */
export const dayAt = (iso: string, day: Day): string =>
  dateAt(iso) === dateAt(day.from) ? "" : dateAt(iso) > dateAt(day.from) ? "next day" : "the day before";

/** A moment by the clocks, with its day where that is another. */
export const momentAt = (iso: string, day: Day): string => `${clockAt(iso)} ${dayAt(iso, day)}`.trim();

/** From one moment to another: 23:40 – 01:10 next day. */
export const between = (of: { from: string; until: string }, day: Day): string =>
  `${dateAt(of.from) === dateAt(of.until) ? clockAt(of.from) : momentAt(of.from, day)} – ${momentAt(of.until, day)}`;

/** Whether a moment lies in a stretch. */
export const isWithin = (iso: string, of: { from: string; until: string }): boolean =>
  Date.parse(iso) >= Date.parse(of.from) && Date.parse(iso) < Date.parse(of.until);

/** Which moment of the day this is, as a share of steps since its first; moments are told by clocks, which may change their hour. */
export const stepOf = (day: Day, iso: string): number =>
  (Date.parse(iso) - Date.parse(day.from)) / 60_000 / dayStepMinutes;

/** What the water does to a spot at a moment, its last one included; not known where nothing is told of it. */
export const stateAt = (water: SpotWater, iso: string): SpotWater["states"][number]["state"] =>
  water.states.findLast((one) => Date.parse(one.from) <= Date.parse(iso))?.state ?? "unknown";

/** The step of a rush at a moment; null while it cannot happen. */
export const alongAt = (rush: Along, moment: number): Along["along"][number] | null =>
  rush.first === null ? null : (rush.along[moment - rush.first] ?? null);

/** The band of a rush at a moment. */
export const bandAt = (day: Day, rush: Along, moment: number): Band | null =>
  alongAt(rush, moment) === null
    ? null
    : (rush.bands.find((band) => moment >= stepOf(day, band.from) - 1e-6 && moment < stepOf(day, band.until) - 1e-6) ??
      null);

/** A letter and a word for each thing that gives way, in a band and in its key. */
export const gives: Record<string, { letter: string; words: string }> = {
  aperture: { letter: "a", words: "a stop of aperture" },
  standard: { letter: "s", words: "sharpness" },
  shutter: { letter: "t", words: "the shutter" },
  light: { letter: "d", words: "too dark" },
  depth: { letter: "e", words: "depth" },
  limit: { letter: "b", words: "blur over the limit" },
  overexposure: { letter: "o", words: "too bright" },
  air: { letter: "f", words: "haze" },
};

/** Directions a person names: 8 of them. */
const winds = ["north", "north-east", "east", "south-east", "south", "south-west", "west", "north-west"];
export const towards = (degrees: number): string => winds[Math.round(degrees / 45) % 8]!;

/** As from which side light falls is said. */
export const sides = {
  front: "from behind you",
  side: "from the side",
  back: "from behind it",
  even: "even, from no side",
} as const;

/** An id that no other entry of a list has. */
export const freeId = (taken: readonly string[], begin: string): string => {
  const base =
    begin
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-|-$/g, "")
      .slice(0, 20) || "one";
  let id = base;
  for (let number = 2; taken.includes(id); number++) id = `${base}-${number}`;
  return id;
};

/** Tomorrow, as a date is written: most outings are planned the evening before. */
export const tomorrow = (): string => {
  const at = new Date(Date.now() + 86_400_000);
  return [at.getFullYear(), at.getMonth() + 1, at.getDate()].map((part) => String(part).padStart(2, "0")).join("-");
};
