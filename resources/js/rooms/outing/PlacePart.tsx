import { Link } from "react-router-dom";
import type { Units } from "../../api/types";
import type { Autosaved } from "../../autosave/Autosave";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { placeRanges } from "../../generated/ranges";
import { grounds } from "../../generated/vocabulary";
import { useAccount } from "../../session/boot";
import { Choice } from "../../ui/Choice";
import { NumberField, TakeOut, TextInput } from "../../ui/inputs";
import { figures } from "../../units/quantity";
import { PlaceOfFields } from "../../units/unread";
import type { SunStands } from "./Compass";
import { FilePoints } from "./FilePoints";
import {
  freeId,
  said,
  type Change,
  type OutingDay,
  type Place,
  type PlaceAutosave,
  type PlaceWhole,
  type Spot,
  type SpotWater,
} from "./outing";
import { PositionField } from "./PositionField";
import { SpotFields } from "./SpotFields";
import type { Position } from "./position";

type Props = {
  record: Autosaved<{ place: Place }, PlaceWhole>;
  autosave: PlaceAutosave;
  sun: SunStands | null;
  units: Units;
  waters: SpotWater[];
  /** What the meter has said there over all outings. */
  learnt: OutingDay["learnt"];
};

const zones = (now: string): { value: string; words: string }[] => {
  const all = Intl.supportedValuesOf("timeZone");
  return [...new Set([now, "UTC", ...all])].map((value) => ({ value, words: value.replaceAll("_", " ") }));
};

/** The place of the outing: where it is, what stands around it, its spots and which way one shoots from each. */
export function PlacePart({ record, autosave, sun, units, waters, learnt }: Props) {
  const { place } = record.draft;
  const edit = (next: Partial<Place>, gesture: string): void =>
    autosave.edit({ place: { ...place, ...next } }, gesture);
  const putSpot = (id: string, change: Change<Spot>, gesture: string): void =>
    edit(
      { spots: place.spots.map((one) => (one.id === id ? said<Spot>({ ...one, ...change }) : one)) as Place["spots"] },
      gesture,
    );
  const takeOffset = (offset_stops: number): void => edit({ offset_stops }, newGesture("offset"));
  return (
    <section className="told place-part" aria-label="The place">
      <div className="told-head">
        <h2>{place.name}</h2>
        <SaveLine record={record} autosave={autosave} what="this place" />
      </div>
      <PlaceOfFields value={`places/${record.server.id}`}>
        <div className="place-fields">
          <div className="field">
            <span>Name</span>
            <TextInput
              label="Name of the place"
              value={place.name}
              most={120}
              onChange={(name, gesture) => edit({ name }, gesture)}
            />
          </div>
          <div className="field">
            <span>Position</span>
            <PositionField
              label="Position of the place"
              value={place}
              onChange={(to) => edit(to, newGesture("position"))}
            />
          </div>
          <div className="field">
            <span>Time zone</span>
            <Choice
              label="Time zone"
              value={place.zone}
              options={zones(place.zone)}
              onChange={(zone) => edit({ zone }, newGesture("zone"))}
            />
          </div>
          <div className="field">
            <span>It lies on</span>
            <Choice
              label="Ground"
              value={place.ground}
              options={grounds}
              onChange={(ground) => edit({ ground: ground as Place["ground"] }, newGesture("ground"))}
            />
          </div>
          <div>
            <NumberField
              label="Brighter there than reckoned"
              note="in stops, as your meter has shown; empty: just as reckoned"
              quantity="stops"
              units={units}
              value={place.offset_stops ?? null}
              range={[-6, 6]}
              onChange={(offset_stops) => edit({ offset_stops }, newGesture("offset"))}
              onEmpty={() => {
                const { offset_stops: _, ...rest } = place;
                autosave.edit({ place: rest }, newGesture("offset"));
              }}
            />
            <OwnLight place={record.server.id} />
            {learnt !== null && <Learnt learnt={learnt} now={place.offset_stops ?? 0} onTake={takeOffset} />}
          </div>
        </div>
        <h3>Spots</h3>
        {place.spots.map((spot) => (
          <SpotFields
            key={spot.id}
            spot={spot}
            sun={sun}
            units={units}
            water={waters.find((one) => one.spot === spot.id) ?? null}
            onPut={(change, gesture) => putSpot(spot.id, change, gesture)}
            onTakeOut={
              place.spots.length > 1
                ? () =>
                    edit(
                      { spots: place.spots.filter((one) => one.id !== spot.id) as Place["spots"] },
                      newGesture("spot-out"),
                    )
                : null
            }
          />
        ))}
        <p className="spot-acts">
          {place.spots.length < 24 && (
            <button
              type="button"
              className="text-button"
              onClick={() =>
                edit(
                  {
                    spots: [...place.spots, newSpot(place, `Spot ${place.spots.length + 1}`, place)] as Place["spots"],
                  },
                  newGesture("spot-new"),
                )
              }
            >
              Add a spot
            </button>
          )}
          <a href={`/api/places/${record.server.id}/gpx`} download>
            spots as GPX
          </a>
        </p>
        <FilePoints
          words="Add spots from a GPX or KML file"
          onPoints={(points) => {
            let next = place;
            for (const point of points.slice(0, 24 - place.spots.length))
              next = { ...next, spots: [...next.spots, newSpot(next, point.name, point)] as Place["spots"] };
            edit({ spots: next.spots }, newGesture("spots-file"));
          }}
        />
        <h3>What stands around</h3>
        <p className="note">
          How high a cliff or trees reach, by direction; straight between the points, and nothing where none is given.
        </p>
        {place.horizon.map((point, index) => (
          <p key={index} className="row-fields">
            towards
            <NumberField
              bare
              label={`Direction of horizon point ${index + 1}`}
              quantity="angle"
              units={units}
              value={point.azimuth_deg}
              range={placeRanges["horizon.azimuth_deg"] ?? [0, 360]}
              onChange={(azimuth_deg) =>
                edit(
                  { horizon: place.horizon.map((one, other) => (other === index ? { ...one, azimuth_deg } : one)) },
                  newGesture(`horizon-${index}`),
                )
              }
            />
            it reaches
            <NumberField
              bare
              label={`Height of horizon point ${index + 1}`}
              quantity="angle"
              units={units}
              value={point.altitude_deg}
              range={[0, 90]}
              onChange={(altitude_deg) =>
                edit(
                  { horizon: place.horizon.map((one, other) => (other === index ? { ...one, altitude_deg } : one)) },
                  newGesture(`horizon-${index}`),
                )
              }
            />
            up
            <TakeOut
              what={`horizon point ${index + 1}`}
              onClick={() =>
                edit({ horizon: place.horizon.filter((_, other) => other !== index) }, newGesture("horizon-out"))
              }
            />
          </p>
        ))}
        {place.horizon.length < 72 && (
          <button
            type="button"
            className="text-button"
            onClick={() =>
              edit(
                {
                  horizon: [
                    ...place.horizon,
                    { azimuth_deg: ((place.horizon.at(-1)?.azimuth_deg ?? 150) + 30) % 360, altitude_deg: 10 },
                  ],
                },
                newGesture("horizon-new"),
              )
            }
          >
            Add a point of the horizon
          </button>
        )}
        <div className="field place-notes">
          <label htmlFor="place-notes">Notes and cautions of the place</label>
          <textarea
            id="place-notes"
            rows={3}
            maxLength={4000}
            value={place.notes ?? ""}
            onChange={(event) => edit({ notes: event.target.value }, "place-notes")}
          />
        </div>
      </PlaceOfFields>
    </section>
  );
}

/** Says that the day is reckoned with what the person's own frames have told of the place. */
function OwnLight({ place }: { place: string }) {
  const own = useAccount().user.learnt[`light.${place}`];
  return own === undefined ? null : (
    <p className="note yours-note" data-testid="own-light">
      The day is reckoned with {figures(Math.abs(own.value), 2)} stops {own.value < 0 ? "darker" : "brighter"} instead:
      yours, from {own.frames} frames. <Link to="/log/yours">Which</Link>
    </p>
  );
}

type LearntProps = { learnt: NonNullable<Props["learnt"]>; now: number; onTake: (stops: number) => void };

/** What the readings of all outings to a place have shown, and a button to take it. */
function Learnt({ learnt, now, onTake }: LearntProps) {
  const stops = Math.min(6, Math.max(-6, Math.round(learnt.stops * 10) / 10));
  return (
    <p className="note place-learnt">
      {learnt.readings === 1 ? "One reading says" : `${learnt.readings} readings say`}{" "}
      {stops === 0
        ? "it is just as reckoned"
        : `${figures(Math.abs(stops))} stops ${stops > 0 ? "brighter" : "darker"}`}
      {learnt.readings > 1 && `, give or take ${figures(learnt.spread_stops, 2)} each`}.{" "}
      {stops === now ? (
        "That is what is typed."
      ) : (
        <button type="button" className="text-button" onClick={() => onTake(stops)}>
          Take {figures(stops)}
        </button>
      )}
    </p>
  );
}

const newSpot = (place: Place, name: string, at: Position): Spot => ({
  id: freeId(
    place.spots.map((one) => one.id),
    name,
  ),
  name,
  latitude_deg: at.latitude_deg,
  longitude_deg: at.longitude_deg,
  bearing_deg: 0,
});
