import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { Choice } from "../../ui/Choice";
import { NumberField, TakeOut } from "../../ui/inputs";
import type { Kept, Place } from "./outing";
import { TimeInput } from "./TimeInput";

type Props = {
  kept: Kept;
  place: Place;
  units: Units;
  /** What is reckoned for a time of the day: what a new reading says until its own is typed. */
  evAt: (time: string) => number;
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

/** Six hours and twelve minutes on: when the water has turned. */
const turned = (time: string): string => {
  const [hours, minutes] = time.split(":").map(Number) as [number, number];
  const at = (hours * 60 + minutes + 372) % 1440;
  return `${String(Math.floor(at / 60)).padStart(2, "0")}:${String(at % 60).padStart(2, "0")}`;
};

/** High and low waters of the day, and what meters have said: both are typed, from a table and from a camera. */
export function WaterPart({ kept, place, units, evAt, onChange }: Props) {
  const { waters, metered } = kept;
  const spots = place.spots.map((one) => ({ value: one.id, words: one.name }));
  const putWater = (at: number, change: Partial<(typeof waters)[number]>): void =>
    onChange(
      { waters: waters.map((one, index) => (index === at ? { ...one, ...change } : one)) },
      newGesture(`water-${at}`),
    );
  const putReading = (at: number, change: Partial<(typeof metered)[number]>): void =>
    onChange(
      { metered: metered.map((one, index) => (index === at ? { ...one, ...change } : one)) },
      newGesture(`metered-${at}`),
    );
  const lastWater = waters.at(-1);
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
        <p className="note">Take them from the official table; it and local rules go before anything here.</p>
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
                { metered: [...metered, { at: kept.from, ev100: evAt(kept.from), spot: place.spots[0]!.id }] },
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
