import { useState } from "react";
import type { GearOf, Units } from "../../api/types";
import { areaNames } from "../../hold/hold";
import { cameraStateRanges } from "../../generated/ranges";
import { show, type Quantity } from "../../units/quantity";
import { Choice } from "../../ui/Choice";
import { NumberField } from "../../ui/inputs";
import type { Body } from "../../generated/kit";
import { detections, focusModes } from "../../generated/vocabulary";

type State = Record<string, unknown>;
type Props = {
  body: GearOf<"body">;
  state: State;
  units: Units;
  /** Ranges that limiters of the lenses at hand have, in m. */
  ranges: [number, number | null][];
  onDone: (state: State) => void;
};

const unknown = { value: "", words: "not known" };

/** How the camera stands, typed in the body's own words; what is not known stays empty. */
export function CameraStateEditor({ body, state: first, units, ranges, onDone }: Props) {
  const { document } = body;
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
    <div className="field">
      {label}
      <Choice
        label={label}
        value={state[field] === undefined ? "" : String(state[field])}
        options={[unknown, ...options]}
        onChange={(value) => set(field, value === "" ? undefined : field === "eye" ? value === "true" : value)}
      />
    </div>
  );
  const number = (field: string, label: string, quantity: Quantity) => (
    <NumberField
      label={label}
      placeholder="not known"
      quantity={quantity}
      units={units}
      value={(state[field] as number | undefined) ?? null}
      range={cameraStateRanges[field] ?? [-Infinity, Infinity]}
      onEmpty={() => set(field, undefined)}
      onChange={(value) => set(field, value)}
    />
  );
  /** A range of the limiter as a text to pick by; full and off are one. */
  const rangeKey = (range: readonly (number | null)[] | undefined): string =>
    range === undefined ? "" : range.length === 0 ? "full" : `${range[0]} ${range[1] ?? ""}`;
  const limiter = () => {
    const left = state["limiter_m"] as (number | null)[] | undefined;
    const known = [...ranges, ...(left === undefined || left.length === 0 ? [] : [left as [number, number | null]])];
    // a range from the closest focus to infinity is full by another name
    const nearest = Math.min(...ranges.map(([near]) => near));
    const isFullAmong = ranges.some(([near, far]) => near === nearest && far === null);
    const byKey = new Map(known.map((range) => [rangeKey(range), range]));
    const label = nameOf("limiter", "focus limiter");
    return (
      <div className="field">
        {label}
        <Choice
          label={label}
          value={rangeKey(left)}
          options={[
            unknown,
            ...(isFullAmong ? [] : [{ value: "full", words: "full" }]),
            ...[...byKey].map(([value, range]) => ({
              value,
              words: `${show(range[0], "length", units)} – ${show(range[1], "length", units)}`,
            })),
          ]}
          onChange={(key) => set("limiter_m", key === "" ? undefined : (byKey.get(key) ?? []))}
        />
      </div>
    );
  };
  /** The drive by the body's own words, or by its frames a second; 0 is one frame a press. */
  const drive = () => {
    const steps = document.dialect?.drive?.steps ?? [
      { word: "single", at: 0 },
      { word: "continuous", at: document.fps },
    ];
    const now = state["burst"] === "single" ? 0 : (state["fps"] as number | undefined);
    const label = document.dialect?.drive?.name ?? "drive";
    return (
      <div className="field">
        {label}
        <Choice
          label={label}
          value={now === undefined ? "" : String(now)}
          options={[unknown, ...steps.map((step) => ({ value: String(step.at), words: step.word }))]}
          onChange={(value) => {
            const { fps: _f, burst: _b, ...rest } = state;
            if (value === "") setState(rest);
            else if (value === "0") setState({ ...rest, fps: document.fps, burst: "single" });
            else setState({ ...rest, fps: Number(value), burst: "short" });
          }}
        />
      </div>
    );
  };
  const steps = (axis: "stay" | "pace") => {
    const scale = tuning?.[axis];
    return scale === undefined ? null : (
      <div className="field" key={axis}>
        {scale.name}
        <Choice
          label={scale.name}
          value={state[axis] === undefined ? "" : String(state[axis])}
          options={[unknown, ...scale.steps.map((step) => ({ value: String(step.at), words: step.word }))]}
          onChange={(value) => set(axis, value === "" ? undefined : Number(value))}
        />
      </div>
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
        {document.detects.length > 0 &&
          document.eye_detection_areas.length > 0 &&
          pick("eye", nameOf("eye", "eye detection"), [
            { value: "true", words: words("eye")["on"] ?? "on" },
            { value: "false", words: words("eye")["off"] ?? "off" },
          ])}
        {presets.length > 0 ? (
          <div className="field">
            {tuning?.name ?? "Tuning"}
            <Choice
              label={tuning?.name ?? "Tuning"}
              value={preset?.word ?? ""}
              options={[unknown, ...presets.map((one) => ({ value: one.word, words: one.word }))]}
              onChange={(word) => {
                const found = presets.find((one) => one.word === word);
                const { stay: _h, pace: _p, pick: _k, ...rest } = state;
                setState(
                  found === undefined ? rest : { ...rest, stay: found.stay, pace: found.pace, pick: found.pick },
                );
              }}
            />
          </div>
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
        {drive()}
        {limiter()}
        {number("shutter_s", nameOf("shutter", "Shutter"), "time")}
        {number("f_number", nameOf("aperture", "Aperture"), "fNumber")}
        {number("iso", nameOf("iso", "ISO"), "iso")}
        {number("compensation_ev", nameOf("compensation", "Exposure compensation"), "stops")}
      </div>
      <button type="button" className="primary" onClick={() => onDone(state)}>
        It was left so
      </button>
    </div>
  );
}
