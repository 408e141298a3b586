import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { Choice } from "../../ui/Choice";
import { NumberField, TakeOut } from "../../ui/inputs";
import { clockAt, dayAt, said, type Change, type Day, type Kept, type Place } from "./outing";
import { TimeInput } from "./TimeInput";

type Props = {
  kept: Kept;
  place: Place;
  units: Units;
  day: Day | null;
  onChange: (next: Partial<Kept>, gesture: string) => void;
};

const kinds = [
  { value: "high", words: "high water" },
  { value: "low", words: "low water" },
] as const;

const rules = [
  { value: "cosine", words: "half a cosine" },
  { value: "twelfths", words: "the rule of twelfths" },
] as const;

const beyond = [
  { value: "unknown", words: "nothing is known: taken as cut off" },
  { value: "on", words: "they go on as tides usually do (reckoned, with wider margins)" },
] as const;

type Turn = Kept["waters"][number];

/** The days a water may be of; first that which it has by itself, the next time after the one before it. */
const daysOf = (day: Day | null, at: string | null): { value: string; words: string }[] => [
  { value: "", words: day === null || at === null ? "by itself" : dayAt(at, day) || "on the day" },
  { value: "-1", words: "said: the day before" },
  { value: "0", words: "said: on the day" },
  { value: "1", words: "said: next day" },
];

/** What is reckoned for the begin of the day, within what a meter can say: what a new reading says until its own is typed. */
const evAtFirst = (day: Day | null): number => {
  const ev = day?.moments[0]?.ev100;
  return ev === undefined ? 12 : Math.min(20, Math.max(-6, Math.round(ev * 10) / 10));
};

/** Six hours and twelve minutes on: when the water has turned. */
const turned = (time: string): string => {
  const [hours, minutes] = time.split(":").map(Number) as [number, number];
  const at = (hours * 60 + minutes + 372) % 1440;
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
};

/** High and low waters of the day, and what meters have said: both are typed, from a table and from a camera. */
export function WaterPart({ kept, place, units, day, onChange }: Props) {
  const { waters, metered } = kept;
  const spots = place.spots.map((one) => ({ value: one.id, words: one.name }));
  const putWater = (at: number, change: Change<Turn>): void =>
    onChange(
      { waters: waters.map((one, index) => (index === at ? said<Turn>({ ...one, ...change }) : one)) },
      newGesture(`water-${at}`),
    );
  const putReading = (at: number, change: Partial<(typeof metered)[number]>): void =>
    onChange(
      { metered: metered.map((one, index) => (index === at ? { ...one, ...change } : one)) },
      newGesture(`metered-${at}`),
    );
  const lastWater = waters.at(-1);
  // the waters that are typed, as the day has them; not while they are being typed
  const dated = (day?.waters ?? []).filter((one) => !one.reckoned);
  const datedAt = (at: number): string | null => {
    const found = dated[at];
    return dated.length === waters.length && found !== undefined && clockAt(found.at) === waters[at]!.at
      ? found.at
      : null;
  };
  const meteredAt = (at: number): string | null => {
    const found = day?.metered[at];
    return found !== undefined && clockAt(found) === metered[at]!.at ? found : null;
  };
  const needsWater = place.spots.some((spot) => spot.cut_off_m !== undefined);
  return (
    <>
      <section className="told" aria-label="Water">
        <h2>Water that comes in</h2>
        {waters.map((one, at) => (
          <p key={at} className="row-fields">
            <Choice
              label={`Water ${at + 1}`}
              value={one.kind}
              options={kinds}
              onChange={(kind) => putWater(at, { kind })}
            />
            at{" "}
            <TimeInput
              label={`Time of water ${at + 1}`}
              value={one.at}
              onChange={(time) => putWater(at, { at: time })}
            />
            <Choice
              label={`Day of water ${at + 1}`}
              value={String(one.day ?? "")}
              options={daysOf(day, datedAt(at))}
              onChange={(next) => putWater(at, { day: next === "" ? undefined : Number(next) })}
            />
            <NumberField
              bare
              label={`Height of water ${at + 1}`}
              quantity="length"
              units={units}
              value={one.height_m}
              range={[-20, 20]}
              onChange={(height_m) => putWater(at, { height_m })}
            />
            <TakeOut
              what={`water ${at + 1}`}
              onClick={() => onChange({ waters: waters.filter((_, index) => index !== at) }, newGesture("water-out"))}
            />
          </p>
        ))}
        <p>
          {waters.length < 12 && (
            <button
              type="button"
              className="text-button"
              onClick={() =>
                onChange(
                  {
                    waters: [
                      ...waters,
                      {
                        at: lastWater === undefined ? kept.from : turned(lastWater.at),
                        kind: lastWater?.kind === "high" ? "low" : "high",
                        height_m: lastWater === undefined || lastWater.kind === "low" ? 4 : 1,
                      },
                    ],
                  },
                  newGesture("water-new"),
                )
              }
            >
              Add a high or low water
            </button>
          )}
          {waters.length > 1 && (
            <>
              between them by{" "}
              <Choice
                label="How the water goes"
                value={kept.tide ?? "cosine"}
                options={rules}
                onChange={(tide) => onChange({ tide }, newGesture("tide"))}
              />
            </>
          )}
        </p>
        {waters.length > 1 && (
          <p>
            Before the first and after the last{" "}
            <Choice
              label="Before the first and after the last water"
              value={kept.waters_go_on === true ? "on" : "unknown"}
              options={beyond}
              onChange={(next) => onChange({ waters_go_on: next === "on" }, newGesture("waters-go-on"))}
            />
          </p>
        )}
        <p className="note">
          Take them from the official table; it and local rules go before anything here.{" "}
          {needsWater
            ? "Between two of them one can reckon; where none are typed a spot that water can take counts as cut off."
            : "No spot of this place is cut off by water: say at which height, with the spot."}
        </p>
      </section>
      <section className="told" aria-label="Metered">
        <h2>What the meter said</h2>
        {metered.map((one, at) => (
          <p key={at} className="row-fields">
            at{" "}
            <TimeInput
              label={`Time of reading ${at + 1}`}
              value={one.at}
              onChange={(time) => putReading(at, { at: time })}
            />
            {meteredAt(at) !== null && <span className="next-day">{dayAt(meteredAt(at)!, day!)}</span>}
            <NumberField
              bare
              label={`EV of reading ${at + 1}`}
              quantity="ev"
              units={units}
              value={one.ev100}
              range={[-6, 20]}
              onChange={(ev100) => putReading(at, { ev100 })}
            />
            from{" "}
            <Choice
              label={`Spot of reading ${at + 1}`}
              value={one.spot}
              options={spots}
              onChange={(spot) => putReading(at, { spot })}
            />
            <TakeOut
              what={`reading ${at + 1}`}
              onClick={() =>
                onChange({ metered: metered.filter((_, index) => index !== at) }, newGesture("metered-out"))
              }
            />
          </p>
        ))}
        {metered.length < 48 && (
          <button
            type="button"
            className="text-button"
            onClick={() =>
              onChange(
                { metered: [...metered, { at: kept.from, ev100: evAtFirst(day), spot: place.spots[0]!.id }] },
                newGesture("metered-new"),
              )
            }
          >
            Add a reading
          </button>
        )}
        <p className="note">A reading shifts the day’s light by what it says; the shift fades over three hours.</p>
      </section>
    </>
  );
}
