import { useState } from "react";
import { newGesture } from "../../autosave/gesture";
import { bundleParts, controlUses, faces, fingers } from "../../generated/vocabulary";
import { Outline } from "../../outline/Outline";
import { TextInput } from "../../ui/inputs";
import { Choice } from "../../ui/Choice";
import { control, type Body, type Control } from "./kit";

type Props = { body: Body; onChange: (body: Body, gesture: string) => void };

/** The body's keys: where each is, which finger works it, and what it may be made to do. */
export function ControlsEditor({ body, onChange }: Props) {
  const controls = (body.controls ?? []) as Control[];
  const [picked, setPicked] = useState<string | null>(controls[0]?.id ?? null);
  const at = controls.findIndex((one) => one.id === picked);
  const one = controls[at];
  const set = (change: Partial<Control>, gesture = newGesture("control")): void => {
    if (one !== undefined) onChange({ ...body, controls: controls.with(at, { ...one, ...change }) }, gesture);
  };
  const flip = <T extends string>(list: readonly T[], value: T): T[] =>
    list.includes(value) ? list.filter((each) => each !== value) : [...list, value];
  const add = (): void => {
    let number = controls.length + 1;
    while (controls.some((each) => each.id === `key-${number}`)) number++;
    const made = control(`key-${number}`, `key ${number}`, { x: 0.5, y: 0.5 });
    onChange({ ...body, controls: [...controls, made] }, newGesture("control"));
    setPicked(made.id);
  };

  return (
    <div className="controls-editor">
      <Outline
        spots={controls.map((each, index) => ({
          control: each,
          mark: String(index + 1),
          used: each.may.length > 0,
          says: `${index + 1}, ${each.name}, ${each.face}; arrows move it`,
        }))}
        picked={picked}
        onPick={setPicked}
        onMove={(id, x, y, gesture) =>
          onChange({ ...body, controls: controls.map((each) => (each.id === id ? { ...each, x, y } : each)) }, gesture)
        }
      />
      <div className="control-form">
        <ol className="control-names">
          {controls.map((each, index) => (
            <li key={each.id}>
              <button type="button" aria-pressed={each.id === picked} onClick={() => setPicked(each.id)}>
                {index + 1} {each.name}
              </button>
            </li>
          ))}
        </ol>
        <button type="button" className="quiet add" disabled={controls.length >= 24} onClick={add}>
          Add a key
        </button>
        {one === undefined ? (
          <p className="note">No keys yet. Add those your fingers reach while you look through the finder.</p>
        ) : (
          <div className="control-one" key={one.id}>
            <div className="field">
              What you call it
              <TextInput
                label="Name of this key"
                value={one.name}
                onChange={(name, gesture) => set({ name }, gesture)}
              />
            </div>
            <div className="numbers">
              <div className="field">
                Where
                <Choice label="Where" value={one.face} options={faces} onChange={(face) => set({ face })} />
              </div>
              <div className="field">
                Finger
                <Choice label="Finger" value={one.finger} options={fingers} onChange={(finger) => set({ finger })} />
              </div>
            </div>
            <label className="has">
              <input
                type="checkbox"
                checked={one.with_shutter}
                onChange={() => set({ with_shutter: !one.with_shutter })}
              />
              can be held while the shutter is pressed
            </label>
            <label className="has">
              <input type="checkbox" checked={one.gloves} onChange={() => set({ gloves: !one.gloves })} />
              works in gloves
            </label>
            <fieldset className="ticks">
              <legend>It may be made to</legend>
              {controlUses.map((use) => (
                <label key={use.value} className="has">
                  <input
                    type="checkbox"
                    checked={one.may.includes(use.value)}
                    onChange={() => set({ may: flip(one.may, use.value) })}
                  />
                  {use.words}
                </label>
              ))}
            </fieldset>
            {one.may.includes("recall") && (
              <fieldset className="ticks">
                <legend>A set it recalls may hold</legend>
                {bundleParts.map((part) => (
                  <label key={part.value} className="has">
                    <input
                      type="checkbox"
                      checked={one.carries.includes(part.value)}
                      onChange={() => set({ carries: flip(one.carries, part.value) })}
                    />
                    {part.words}
                  </label>
                ))}
              </fieldset>
            )}
            <button
              type="button"
              className="quiet"
              onClick={() => {
                onChange({ ...body, controls: controls.toSpliced(at, 1) }, newGesture("control"));
                setPicked(controls[at === 0 ? 1 : at - 1]?.id ?? null);
              }}
            >
              take this key out
            </button>
          </div>
        )}
      </div>
    </div>
  );
}
