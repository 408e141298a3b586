import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { NumberField, TextInput } from "../../ui/inputs";
import { type Body, type Tuning } from "./kit";
import { AssumedNote } from "./AssumedNote";
import { confirmed, isAssumed } from "./said";
import { WhereEditor } from "./WhereEditor";

import { Presets } from "./Presets";
import { ScaleRow } from "./ScaleRow";
import { menu, withTuning } from "./tuning";

type Props = { body: Body; units: Units; onChange: (body: Body, gesture: string) => void };

const kinds: { value: Tuning["kind"]; words: string; note: string }[] = [
  { value: "none", words: "not at all", note: "nothing to set" },
  { value: "scales", words: "by dials or sliders", note: "one for each axis" },
  { value: "presets", words: "by numbered presets", note: "one number for everything" },
  { value: "cases", words: "by named cases", note: "one name for everything" },
];

/** How the body lets its tracking be tuned, and what its values stand for on our axes. */
export function TuningEditor({ body, units, onChange }: Props) {
  const tuning: Tuning = body.dialect?.tuning ?? { kind: "none" };
  const tell = (change: Partial<Tuning>, gesture: string): void =>
    onChange({ ...body, dialect: { ...body.dialect, tuning: { ...tuning, ...change } } }, gesture);
  const last = Math.max(0, body.stay_levels_s.length - 1);

  return (
    <div className="tuning">
      <fieldset className="pick">
        <legend>
          Its tracking is tuned
          {isAssumed(body, "tuning") && (
            <AssumedNote onConfirm={() => onChange(confirmed(body, "tuning"), newGesture("said"))} />
          )}
        </legend>
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
