import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { skies } from "../../generated/vocabulary";
import { Choice } from "../../ui/Choice";
import { NumberField } from "../../ui/inputs";
import { ReadInput } from "../../ui/ReadInput";
import { readTemperature, showTemperature } from "../../units/temperature";
import { said, type Change, type Hour, type Kept } from "./outing";

type Props = { kept: Kept; sky: Hour[]; units: Units; onChange: (sky: Hour[], gesture: string) => void };

const hourOf = (time: string): number => Number(time.slice(0, 2));

/** The weather by its hours: what is typed, and what is made up for the others and says so. */
export function SkyPart({ kept, sky, units, onChange }: Props) {
  const from = hourOf(kept.from);
  const until = hourOf(kept.until) + (kept.until <= kept.from ? 24 : 0);
  const typed = new Map(kept.sky.map((one) => [one.hour, one]));
  const put = (hour: number, change: Change<Hour>, what: string): void => {
    const { made_up: _, ...now } = typed.get(hour) ?? sky.find((one) => one.hour === hour) ?? { hour, sky: "clear" };
    onChange(
      [...kept.sky.filter((one) => one.hour !== hour), said<Hour>({ ...now, ...change, hour })].toSorted(
        (a, b) => a.hour - b.hour,
      ),
      newGesture(`sky-${what}-${hour}`),
    );
  };
  return (
    <section className="told" aria-label="Weather">
      <h2>The sky, hour by hour</h2>
      <p className="note">
        There is no weather service here: hours you have not typed are made up, and always the same for this place and
        day.
      </p>
      <table className="sky-table">
        <thead>
          <tr>
            <th scope="col">from</th>
            <th scope="col">sky</th>
            <th scope="col">wind</th>
            <th scope="col">one sees</th>
            <th scope="col">air</th>
            <th scope="col">
              <span className="unseen">whose it is</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: until - from + 1 }, (_, at) => from + at).map((hour) => {
            const own = typed.get(hour);
            const one = own ?? sky.find((each) => each.hour === hour) ?? { hour, sky: "clear" as const };
            const clock = `${String(hour % 24).padStart(2, "0")}:00${hour < 24 ? "" : " next day"}`;
            return (
              <tr key={hour} className={own === undefined ? "made-up" : undefined}>
                <th scope="row">{clock}</th>
                <td>
                  <Choice
                    label={`Sky at ${clock}`}
                    value={one.sky}
                    options={skies}
                    onChange={(next) => put(hour, { sky: next as Hour["sky"] }, "sky")}
                  />
                </td>
                <td>
                  <NumberField
                    bare
                    label={`Wind at ${clock}`}
                    placeholder="wind"
                    quantity="speed"
                    units={units}
                    value={one.wind_mps ?? null}
                    range={[0, 60]}
                    onChange={(wind_mps) => put(hour, { wind_mps }, "wind")}
                  />
                </td>
                <td>
                  <NumberField
                    bare
                    label={`How far one sees at ${clock}`}
                    placeholder="sees"
                    quantity="length"
                    units={units}
                    value={one.visibility_m ?? null}
                    range={[10, 200_000]}
                    onChange={(visibility_m) => put(hour, { visibility_m }, "sees")}
                  />
                </td>
                <td>
                  <ReadInput
                    label={`Air at ${clock}`}
                    placeholder="air"
                    className="plain-input number-input"
                    most={16}
                    shown={one.temperature_c === undefined ? "" : showTemperature(one.temperature_c, units)}
                    read={(text) => readTemperature(text, units)}
                    onTake={(celsius) =>
                      celsius !== (one.temperature_c ?? null) &&
                      put(hour, { temperature_c: celsius ?? undefined }, "air")
                    }
                  />
                </td>
                <td>
                  {own === undefined ? (
                    <span className="note">made up</span>
                  ) : (
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`give back ${clock}`}
                      onClick={() =>
                        onChange(
                          kept.sky.filter((each) => each.hour !== hour),
                          newGesture(`sky-back-${hour}`),
                        )
                      }
                    >
                      give back
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
