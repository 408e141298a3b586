import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { figures } from "../../units/quantity";
import { Choice, NumberField, TakeOut, TextInput } from "../../ui/inputs";
import { sliderSteps, type Body, type Scale, type Tuning } from "./kit";
import { WhereEditor } from "./WhereEditor";

type Props = { body: Body; units: Units; onChange: (body: Body, gesture: string) => void };
type Preset = NonNullable<Tuning["presets"]>[number];

const kinds: { value: Tuning["kind"]; words: string; note: string }[] = [
  { value: "none", words: "not at all", note: "nothing to set" },
  { value: "scales", words: "by dials or sliders", note: "one for each axis" },
  { value: "presets", words: "by numbered presets", note: "one number for everything" },
  { value: "cases", words: "by named cases", note: "one name for everything" },
];

const menu = { menu: ["Menu", "Focus"] } as Scale["where"];
const standard = [0, 0.1, 0.3, 0.6, 1.2];

/** The five points stock presets stand for. */
const stock: Omit<Preset, "word">[] = [
  { stay: 2, pace: 1, pick: "auto" },
  { stay: 3, pace: 0, pick: "auto" },
  { stay: 2, pace: 2, pick: "auto" },
  { stay: 0, pace: 1, pick: "nearest" },
  { stay: 3, pace: 2, pick: "auto" },
];
const stockNames = ["General", "Past obstacles", "Changing speed", "Sudden", "Erratic"];

/** The body with another way of tuning, filled in so far as can be. */
export const withTuning = (body: Body, kind: Tuning["kind"]): Body => {
  const levels = body.stay_levels_s.length > 0 ? body.stay_levels_s : standard;
  const last = levels.length - 1;
  const tuning: Tuning =
    kind === "none"
      ? { kind }
      : kind === "scales"
        ? {
            kind,
            stay: { name: "Stay", where: menu, steps: sliderSteps(-2, 2, last, true) },
            pace: { name: "Pace", where: menu, steps: sliderSteps(-2, 2, 2, true) },
            pick: { name: "Pick", where: menu, words: {} },
          }
        : {
            kind,
            name: kind === "cases" ? "Case" : "Preset",
            where: menu,
            presets: stock.map((point, at) => ({
              word: kind === "cases" ? stockNames[at]! : String(at + 1),
              ...point,
              stay: Math.min(point.stay, last),
            })),
          };
  const tunes = kind !== "none";
  return {
    ...body,
    stay_levels_s: tunes ? levels : [],
    has_pace: tunes,
    has_pick: tunes,
    dialect: { ...body.dialect, tuning },
  };
};

/** How the body lets its tracking be tuned, and what its values stand for on our axes. */
export function TuningEditor({ body, units, onChange }: Props) {
  const tuning: Tuning = body.dialect?.tuning ?? { kind: "none" };
  const tell = (change: Partial<Tuning>, gesture: string): void =>
    onChange({ ...body, dialect: { ...body.dialect, tuning: { ...tuning, ...change } } }, gesture);
  const last = Math.max(0, body.stay_levels_s.length - 1);

  return (
    <div className="tuning">
      <fieldset className="pick">
        <legend>Its tracking is tuned</legend>
        {kinds.map((kind) => (
          <label key={kind.value}>
            <input
              type="radio"
              name="tuning-kind"
              checked={tuning.kind === kind.value}
              onChange={() => onChange(withTuning(body, kind.value), newGesture("tuning"))}
            />
            <span className="pick-words">{kind.words}</span> <span className="pick-note">{kind.note}</span>
          </label>
        ))}
      </fieldset>
      {tuning.kind === "scales" && (
        <>
          {(["stay", "pace"] as const).map((axis) => {
            const scale = tuning[axis];
            return scale === undefined ? null : (
              <ScaleRow
                key={axis}
                axis={axis}
                scale={scale}
                most={axis === "stay" ? last : 2}
                body={body}
                onChange={(next, gesture) => tell({ [axis]: next }, gesture)}
              />
            );
          })}
          {tuning.pick !== undefined && (
            <section className="setting-block">
              <div className="setting-head">
                <TextInput
                  label="What it calls pick"
                  className="setting-own"
                  value={tuning.pick.name}
                  onChange={(name, gesture) => tell({ pick: { ...tuning.pick!, name } }, gesture)}
                />
                <span className="note">pick: which thing in a zone wins</span>
                <WhereEditor
                  of="pick"
                  where={tuning.pick.where}
                  controls={body.controls ?? []}
                  onChange={(where, gesture) => tell({ pick: { ...tuning.pick!, where } }, gesture)}
                />
              </div>
              <ul className="word-list">
                {(["auto", "centre", "nearest"] as const).map((value) => (
                  <li key={value}>
                    <span className="has">
                      {value === "auto" ? "stays with the first" : value === "centre" ? "the middle" : "the nearest"}
                    </span>
                    <TextInput
                      label={`Its word for pick ${value}`}
                      value={tuning.pick!.words[value] ?? ""}
                      emptiable
                      most={40}
                      placeholder={value}
                      onChange={(text, gesture) => {
                        const { [value]: _old, ...rest } = tuning.pick!.words;
                        tell(
                          { pick: { ...tuning.pick!, words: text === "" ? rest : { ...rest, [value]: text } } },
                          gesture,
                        );
                      }}
                    />
                  </li>
                ))}
              </ul>
            </section>
          )}
        </>
      )}
      {(tuning.kind === "presets" || tuning.kind === "cases") && (
        <section className="setting-block">
          <div className="setting-head">
            <TextInput
              label="What it calls the choice"
              className="setting-own"
              value={tuning.name ?? "Preset"}
              onChange={(name, gesture) => tell({ name }, gesture)}
            />
            <span className="note">each stands for a point of stay, pace and pick</span>
            <WhereEditor
              of="the preset"
              where={tuning.where ?? menu}
              controls={body.controls ?? []}
              onChange={(where, gesture) => tell({ where }, gesture)}
            />
          </div>
          <Presets
            presets={tuning.presets ?? []}
            last={last}
            units={units}
            onChange={(presets, gesture) => tell({ presets }, gesture)}
          />
        </section>
      )}
      {tuning.kind !== "none" && (
        <section className="setting-block">
          <h3>How long each level of stay waits</h3>
          <p className="note">Assumed until you have timed it; the plan chooses the level by these.</p>
          <div className="levels">
            {body.stay_levels_s.map((seconds, level) => (
              <span key={level} className="level">
                <span className="note">{level}</span>
                <NumberField
                  bare
                  label={`Waiting at level ${level}`}
                  quantity="time"
                  units={units}
                  value={seconds}
                  range={[0, 10]}
                  onChange={(value) =>
                    onChange(
                      { ...body, stay_levels_s: body.stay_levels_s.with(level, value) },
                      newGesture(`level-${level}`),
                    )
                  }
                />
              </span>
            ))}
          </div>
        </section>
      )}
    </div>
  );
}

type ScaleProps = {
  axis: "stay" | "pace";
  scale: Scale;
  most: number;
  body: Body;
  onChange: (scale: Scale, gesture: string) => void;
};

const ends = {
  stay: ["lets go at once", "hangs on longest"],
  pace: ["expects one speed", "expects any change"],
} as const;

/** A slider drawn as it is: its values in order, under each the point of our axis it stands for. */
function ScaleRow({ axis, scale, most, body, onChange }: ScaleProps) {
  const upward = (scale.steps[0]?.at ?? 0) <= (scale.steps.at(-1)?.at ?? 0);
  return (
    <section className="setting-block">
      <div className="setting-head">
        <TextInput
          label={`What it calls ${axis}`}
          className="setting-own"
          value={scale.name}
          onChange={(name, gesture) => onChange({ ...scale, name }, gesture)}
        />
        <span className="note">{axis}</span>
        <WhereEditor
          of={axis}
          where={scale.where}
          controls={body.controls ?? []}
          onChange={(where, gesture) => onChange({ ...scale, where }, gesture)}
        />
      </div>
      <div className="slider">
        <span className="note">{ends[axis][upward ? 0 : 1]}</span>
        <ol>
          {scale.steps.map((step, at) => (
            <li key={at}>
              <TextInput
                label={`${axis}, value ${at + 1} of ${scale.steps.length}`}
                className="slider-word"
                value={step.word}
                most={40}
                onChange={(word, gesture) =>
                  onChange({ ...scale, steps: scale.steps.with(at, { ...step, word }) as Scale["steps"] }, gesture)
                }
              />
              <span className="note" title={`stands for ${axis} ${figures(step.at)}`}>
                {figures(step.at)}
              </span>
            </li>
          ))}
        </ol>
        <span className="note">{ends[axis][upward ? 1 : 0]}</span>
      </div>
      <p className="slider-make">
        <span className="note">Lay it out as</span>
        {(
          [
            [-2, 2],
            [-1, 1],
            [1, 5],
            [0, 4],
            [1, 3],
          ] as [number, number][]
        ).map(([from, to]) => (
          <button
            key={`${from}${to}`}
            type="button"
            className="text-button"
            onClick={() => onChange({ ...scale, steps: sliderSteps(from, to, most, upward) }, newGesture("slider"))}
          >
            {from < 0 ? `−${-from}` : from} … {from < 0 ? `+${to}` : to}
          </button>
        ))}
        <button
          type="button"
          className="text-button"
          onClick={() =>
            onChange(
              {
                ...scale,
                steps: scale.steps.map((step, at) => ({
                  ...step,
                  at: scale.steps[scale.steps.length - 1 - at]!.at,
                })) as Scale["steps"],
              },
              newGesture("slider"),
            )
          }
        >
          the other way round
        </button>
      </p>
    </section>
  );
}

type PresetProps = {
  presets: Preset[];
  last: number;
  units: Units;
  onChange: (presets: Preset[], gesture: string) => void;
};

/** Presets as a list, and as points in the plane of stay and pace. */
function Presets({ presets, last, units, onChange }: PresetProps) {
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
