import { useState } from "react";
import type { Gear, Units } from "../../api/types";
import { areaNames } from "../../hold/hold";
import { cameraStateRanges } from "../../generated/ranges";
import { NumberField } from "../../ui/inputs";
import type { Body } from "../../generated/kit";
import { detections, focusModes } from "../../generated/vocabulary";

type State = Record<string, unknown>;
type Props = {
  body: Gear;
  state: State;
  units: Units;
  onDone: (state: State) => void;
};

/** How the camera stands, typed in the body's own words; what is not known stays empty. */
export function CameraStateEditor({ body, state: first, units, onDone }: Props) {
  const document = body.document as unknown as Body;
  const [state, setState] = useState<State>(first);
  const words = (setting: "focus_mode" | "area" | "detection" | "eye" | "stabiliser"): Record<string, string> =>
    (document.dialect?.[setting]?.words ?? {}) as Record<string, string>;
  const nameOf = (setting: keyof NonNullable<Body["dialect"]>, our: string): string =>
    (document.dialect?.[setting] as { name?: string } | undefined)?.name ?? our;
  const set = (field: string, value: unknown): void => {
    const { [field]: _old, ...rest } = state;
    setState(value === undefined ? rest : { ...rest, [field]: value });
  };
  const tuning = document.dialect?.tuning;

  const pick = (field: string, label: string, options: { value: string; words: string }[]) => (
    <label className="field">
      {label}
      <select
        className="plain-input"
        value={state[field] === undefined ? "" : String(state[field])}
        onChange={(event) => {
          const value = event.target.value;
          set(field, value === "" ? undefined : field === "eye" ? value === "true" : value);
        }}
      >
        <option value="">not known</option>
        {options.map((one) => (
          <option key={one.value} value={one.value}>
            {one.words}
          </option>
        ))}
      </select>
    </label>
  );
  const number = (field: string, label: string, quantity: "time" | "fNumber" | "iso" | "plain", usual: number) => (
    <NumberField
      label={label}
      note={state[field] === undefined ? "not known" : ""}
      quantity={quantity}
      units={units}
      value={Number(state[field] ?? usual)}
      range={cameraStateRanges[field] ?? [-Infinity, Infinity]}
      onChange={(value) => set(field, value)}
    />
  );
  const steps = (axis: "stay" | "pace") => {
    const scale = tuning?.[axis];
    return scale === undefined ? null : (
      <label className="field" key={axis}>
        {scale.name}
        <select
          className="plain-input"
          value={state[axis] === undefined ? "" : String(state[axis])}
          onChange={(event) => set(axis, event.target.value === "" ? undefined : Number(event.target.value))}
        >
          <option value="">not known</option>
          {scale.steps.map((step) => (
            <option key={step.word} value={step.at}>
              {step.word}
            </option>
          ))}
        </select>
      </label>
    );
  };
  const presets = tuning?.presets ?? [];
  const preset = presets.find(
    (one) => one.stay === state["stay"] && one.pace === state["pace"] && one.pick === state["pick"],
  );

  return (
    <div className="left-editor">
      <div className="gear-fields">
        {pick(
          "focus_mode",
          nameOf("focus_mode", "focus mode"),
          focusModes
            .filter((mode) => document.modes.includes(mode.value))
            .map((mode) => ({ value: mode.value, words: words("focus_mode")[mode.value] ?? mode.words })),
        )}
        {pick(
          "area",
          nameOf("area", "AF area"),
          (document.areas as Body["areas"]).map((area) => ({
            value: area,
            words: words("area")[area] ?? areaNames[area],
          })),
        )}
        {document.detects.length > 0 &&
          pick("detection", nameOf("detection", "detection"), [
            ...detections
              .filter((kind) => document.detects.some((known) => known === kind.value))
              .map((kind) => ({ value: kind.value, words: words("detection")[kind.value] ?? kind.plural })),
            { value: "none", words: words("detection")["none"] ?? "off" },
          ])}
        {document.eye_detection_areas.length > 0 &&
          pick("eye", nameOf("eye", "eye detection"), [
            { value: "true", words: words("eye")["on"] ?? "on" },
            { value: "false", words: words("eye")["off"] ?? "off" },
          ])}
        {presets.length > 0 ? (
          <label className="field">
            {tuning?.name ?? "Tuning"}
            <select
              className="plain-input"
              value={preset?.word ?? ""}
              onChange={(event) => {
                const found = presets.find((one) => one.word === event.target.value);
                const { stay: _h, pace: _p, pick: _k, ...rest } = state;
                setState(
                  found === undefined ? rest : { ...rest, stay: found.stay, pace: found.pace, pick: found.pick },
                );
              }}
            >
              <option value="">not known</option>
              {presets.map((one) => (
                <option key={one.word}>{one.word}</option>
              ))}
            </select>
          </label>
        ) : (
          <>
            {steps("stay")}
            {steps("pace")}
          </>
        )}
        {pick("stabiliser", nameOf("stabiliser", "stabiliser"), [
          { value: "off", words: words("stabiliser")["off"] ?? "off" },
          { value: "on", words: words("stabiliser")["on"] ?? "on" },
          { value: "panning", words: words("stabiliser")["panning"] ?? "panning mode" },
        ])}
        {number("shutter_s", nameOf("shutter", "Shutter"), "time", 0.001)}
        {number("f_number", nameOf("aperture", "Aperture"), "fNumber", 5.6)}
        {number("iso", nameOf("iso", "ISO"), "iso", 800)}
        {number("compensation_ev", nameOf("compensation", "Exposure compensation"), "plain", 0)}
      </div>
      <button type="button" className="primary" onClick={() => onDone(state)}>
        It was left so
      </button>
    </div>
  );
}
