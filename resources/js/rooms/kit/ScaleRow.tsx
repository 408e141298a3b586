import { newGesture } from "../../autosave/gesture";
import { figures } from "../../units/quantity";
import { TextInput } from "../../ui/inputs";
import { sliderSteps, type Body, type Scale } from "./kit";
import { WhereEditor } from "./WhereEditor";

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
export function ScaleRow({ axis, scale, most, body, onChange }: ScaleProps) {
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
