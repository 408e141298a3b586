import type { Gear, Units } from "../../api/types";
import type { Lens } from "../../generated/kit";
import { lensRanges } from "../../generated/ranges";
import { newGesture } from "../../autosave/gesture";
import { NumberField, TakeOut } from "../../ui/inputs";
import { Choice } from "../../ui/Choice";

type Range = [number, number | null];
type Tuned = NonNullable<Lens["tuned"]>[number];
type Props = {
  document: Lens;
  bodies: Gear[];
  units: Units;
  onChange: (document: Lens, gesture: string) => void;
};

/** Today's day in this place, as 2026-11-24. */
const today = (): string => new Date().toLocaleDateString("sv-SE");

/** What a lens has besides its numbers: limiter, stabiliser modes, sharpest stop, values found by fine-tuning. */
export function LensParts({ document, bodies, units, onChange }: Props) {
  const ranges = document.limiter_m as Range[];
  const stabilised = document.stabiliser_modes ?? ["on", "panning"];
  const tuned = document.tuned ?? [];
  const closest = document.closest_m;
  const set = (change: Partial<Lens>, what: string): void => onChange({ ...document, ...change }, newGesture(what));
  const setTuned = (at: number, change: Partial<Tuned>): void =>
    set({ tuned: tuned.with(at, { ...tuned[at]!, ...change }) }, "tuned");

  return (
    <>
      <section className="setting-block">
        <h3>Ranges of the limiter switch</h3>
        {ranges.length === 0 && <p className="note">None: the lens always runs through its whole range.</p>}
        {ranges.map(([near, far], at) => (
          <p key={at} className="range-row">
            <NumberField
              bare
              label={`Near end of range ${at + 1}`}
              quantity="length"
              units={units}
              value={near}
              range={[0.01, far === null ? 20000 : far * 0.99]}
              onChange={(value) => set({ limiter_m: ranges.with(at, [value, far]) }, "range")}
              onRange={(from, to) => set({ limiter_m: ranges.with(at, [from, to]) }, "range")}
            />
            <span>to</span>
            {far === null ? (
              <button
                type="button"
                className="text-button"
                onClick={() => set({ limiter_m: ranges.with(at, [near, near * 3]) }, "range")}
              >
                infinity
              </button>
            ) : (
              <>
                <NumberField
                  bare
                  label={`Far end of range ${at + 1}`}
                  quantity="length"
                  units={units}
                  value={far}
                  range={[near * 1.01, 20000]}
                  onChange={(value) => set({ limiter_m: ranges.with(at, [near, value]) }, "range")}
                />
                <button
                  type="button"
                  className="quiet"
                  onClick={() => set({ limiter_m: ranges.with(at, [near, null]) }, "range")}
                >
                  to infinity
                </button>
              </>
            )}
            <TakeOut what={`range ${at + 1}`} onClick={() => set({ limiter_m: ranges.toSpliced(at, 1) }, "range")} />
          </p>
        ))}
        <button
          type="button"
          className="quiet add"
          disabled={ranges.length >= 6}
          onClick={() =>
            set(
              {
                limiter_m: [...ranges, [ranges.length === 0 ? closest : Number((closest * 2.5).toPrecision(2)), null]],
              },
              "range",
            )
          }
        >
          Add a range
        </button>
      </section>
      {document.stabiliser_stops > 0 && (
        <section className="setting-block">
          <h3>Modes of its stabiliser</h3>
          {(
            [
              ["on", "steadies every direction"],
              ["panning", "leaves the pan alone"],
            ] as const
          ).map(([mode, words]) => (
            <label key={mode} className="has">
              <input
                type="checkbox"
                checked={stabilised.includes(mode)}
                onChange={(event) =>
                  set(
                    {
                      stabiliser_modes: event.target.checked
                        ? [...stabilised, mode]
                        : stabilised.filter((one) => one !== mode),
                    },
                    "stabiliser",
                  )
                }
              />
              {words}
            </label>
          ))}
        </section>
      )}
      <div className="gear-fields">
        <NumberField
          label="Sharpest at"
          note="by your own tests"
          placeholder="not known"
          quantity="fNumber"
          units={units}
          value={document.sharpest_f ?? null}
          onEmpty={() => {
            const { sharpest_f: _, ...rest } = document;
            onChange(rest, newGesture("sharpest"));
          }}
          range={lensRanges["sharpest_f"] ?? [0.7, 32]}
          onChange={(value) => set({ sharpest_f: value }, "sharpest")}
        />
      </div>
      <section className="setting-block">
        <h3>Fine-tuning found for it</h3>
        {tuned.map((found, at) => (
          <p key={at} className="range-row">
            <Choice
              label={`Body of value ${at + 1}`}
              value={found.body}
              options={[...new Set([found.body, ...bodies.map((one) => one.name)])].map((value) => ({
                value,
                words: value,
              }))}
              onChange={(body) => setTuned(at, { body })}
            />
            <span>at</span>
            <NumberField
              bare
              label={`Focal length of value ${at + 1}`}
              quantity="focal"
              units={units}
              value={found.at_mm}
              range={[2, 2500]}
              onChange={(at_mm) => setTuned(at, { at_mm })}
            />
            <span>value</span>
            <NumberField
              bare
              label={`Value ${at + 1}`}
              quantity="plain"
              units={units}
              value={found.value}
              range={[-50, 50]}
              onChange={(value) => setTuned(at, { value })}
            />
            <input
              type="date"
              className="plain-input"
              aria-label={`Day of value ${at + 1}`}
              value={found.on ?? ""}
              onChange={(event) => event.target.value !== "" && setTuned(at, { on: event.target.value })}
            />
            <TakeOut what={`value ${at + 1}`} onClick={() => set({ tuned: tuned.toSpliced(at, 1) }, "tuned")} />
          </p>
        ))}
        <button
          type="button"
          className="quiet add"
          disabled={tuned.length >= 12}
          onClick={() =>
            set(
              {
                tuned: [
                  ...tuned,
                  {
                    body: bodies[0]?.name ?? "my body",
                    at_mm: document.focal_max_mm,
                    value: 0,
                    on: today(),
                  },
                ],
              },
              "tuned",
            )
          }
        >
          Note a value
        </button>
      </section>
    </>
  );
}
