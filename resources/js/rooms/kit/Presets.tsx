import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { NumberField, TakeOut, TextInput } from "../../ui/inputs";
import { Choice } from "../../ui/Choice";

import type { Preset } from "./tuning";

type PresetProps = {
  presets: Preset[];
  last: number;
  units: Units;
  onChange: (presets: Preset[], gesture: string) => void;
};

/** Presets as a list, and as points in the plane of stay and pace. */
export function Presets({ presets, last, units, onChange }: PresetProps) {
  const set = (at: number, change: Partial<Preset>, gesture: string): void =>
    onChange(presets.with(at, { ...presets[at]!, ...change }), gesture);
  return (
    <div className="presets">
      <div className="side-scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">its word</th>
              <th scope="col">stay</th>
              <th scope="col">pace</th>
              <th scope="col">pick</th>
              <th scope="col">
                <span className="unseen">take out</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {presets.map((preset, at) => (
              <tr key={at}>
                <td>
                  <TextInput
                    label={`Word of preset ${at + 1}`}
                    value={preset.word}
                    most={40}
                    onChange={(word, gesture) => set(at, { word }, gesture)}
                  />
                </td>
                {(["stay", "pace"] as const).map((axis) => (
                  <td key={axis}>
                    <NumberField
                      bare
                      label={`${axis} of ${preset.word}`}
                      quantity="plain"
                      units={units}
                      value={preset[axis]}
                      range={[0, axis === "stay" ? last : 2]}
                      onChange={(value) => set(at, { [axis]: value }, newGesture("preset"))}
                    />
                  </td>
                ))}
                <td>
                  <Choice
                    label={`pick of ${preset.word}`}
                    value={preset.pick}
                    options={[
                      { value: "auto", words: "auto" },
                      { value: "centre", words: "centre" },
                      { value: "nearest", words: "nearest" },
                    ]}
                    onChange={(pick) => set(at, { pick }, newGesture("preset"))}
                  />
                </td>
                <td>
                  <TakeOut
                    what={preset.word}
                    onClick={() => onChange(presets.toSpliced(at, 1), newGesture("preset"))}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <PresetPlane presets={presets} last={last} />
      <button
        type="button"
        className="quiet add"
        disabled={presets.length >= 16}
        onClick={() =>
          onChange(
            [...presets, { word: `${presets.length + 1}`, stay: Math.min(2, last), pace: 1, pick: "auto" }],
            newGesture("preset"),
          )
        }
      >
        Add a preset
      </button>
    </div>
  );
}

const WIDE = 300;
const HIGH = 150;

function PresetPlane({ presets, last }: { presets: Preset[]; last: number }) {
  const x = (stay: number): number => 40 + (last === 0 ? 0 : stay / last) * (WIDE - 80);
  const y = (pace: number): number => HIGH - 34 - (pace / 2) * (HIGH - 68);
  const places = new Map<string, Preset[]>();
  for (const preset of presets)
    places.set(`${preset.stay},${preset.pace}`, [...(places.get(`${preset.stay},${preset.pace}`) ?? []), preset]);
  return (
    <svg
      className="plane"
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      width={WIDE}
      height={HIGH}
      role="img"
      aria-label={`Presets in the plane of stay and pace: ${presets.map((one) => `${one.word} at stay ${one.stay}, pace ${one.pace}`).join("; ")}`}
    >
      {Array.from({ length: last + 1 }, (_, stay) => (
        <line key={`h${stay}`} x1={x(stay)} x2={x(stay)} y1={y(2)} y2={y(0)} className="plane-line" />
      ))}
      {[0, 1, 2].map((pace) => (
        <line key={`p${pace}`} x1={x(0)} x2={x(last)} y1={y(pace)} y2={y(pace)} className="plane-line" />
      ))}
      <text x={x(0)} y={HIGH - 4}>
        lets go
      </text>
      <text x={x(last)} y={HIGH - 4} textAnchor="end">
        stay: hangs on
      </text>
      <text x={4} y={12}>
        pace: any change
      </text>
      {[...places.values()].map((here) => {
        const one = here[0]!;
        return (
          <g key={one.word}>
            {one.pick === "nearest" ? (
              <path d={`M${x(one.stay)} ${y(one.pace) - 7}l7 12h-14Z`} className="plane-point" />
            ) : one.pick === "centre" ? (
              <rect x={x(one.stay) - 5} y={y(one.pace) - 5} width="10" height="10" className="plane-point" />
            ) : (
              <circle cx={x(one.stay)} cy={y(one.pace)} r="6" className="plane-point" />
            )}
            <text
              x={one.stay === 0 ? 4 : x(one.stay)}
              y={y(one.pace) - 10}
              textAnchor={one.stay === 0 ? "start" : one.stay === last ? "end" : "middle"}
              dx={one.stay === last && last > 0 ? 30 : 0}
              className="plane-word"
            >
              {here.map((each) => each.word).join(", ")}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
