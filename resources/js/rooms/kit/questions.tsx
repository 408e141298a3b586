import type { ReactNode } from "react";
import type { Units } from "../../api/types";
import { bodyRanges } from "../../generated/ranges";
import { limits } from "../../generated/vocabulary";
import type { Quantity } from "../../units/quantity";
import { NumberField, TextInput } from "../../ui/inputs";
import { AreaWords, KindWords, ModeWords, SettingHead } from "./BodyWords";
import { sizes, usual } from "./guided";
import type { Body } from "./kit";
import { readPixels } from "./pixels";
import { confirmed, isAssumed, laidOver, onlySaid, type Part } from "./said";
import { TuningQuestion } from "./TuningQuestion";

/** What an answer is given and may change. */
type Answering = {
  name: string;
  body: Body;
  units: Units;
  take: (body: Body) => void;
  rename: (name: string) => void;
};

type Question = { ask: string; why: string; answer: (answering: Answering) => ReactNode };

type NumberProps = Pick<Answering, "body" | "units" | "take"> & {
  field: "fps" | "shortest_shutter_s" | "sensor_width_mm" | "sensor_height_mm";
  label: string;
  part: Part;
  quantity: Quantity;
};

function BodyNumber({ field, label, quantity, part, body, units, take }: NumberProps) {
  return (
    <NumberField
      label={label}
      quantity={quantity}
      units={units}
      value={isAssumed(body, part) ? null : body[field]}
      range={bodyRanges[field] ?? [0, 1e6]}
      placeholder="not said"
      onChange={(value) => take({ ...confirmed(body, part), [field]: value })}
    />
  );
}

/** Twelve questions, each of which may be left as it is; then the body can be planned with. */
export const questions: Question[] = [
  {
    ask: "What do you call this body?",
    why: "Any name you will know it by.",
    answer: ({ name, rename }) => (
      <TextInput
        label="Name"
        className="piece-name"
        value={name}
        most={limits.name}
        emptiable
        placeholder="My body"
        onChange={rename}
      />
    ),
  },
  {
    ask: "How large is its sensor?",
    why: "It decides how much of the frame a subject fills, and how much blur shows.",
    answer: ({ body, units, take }) => (
      <>
        {sizes.map((size) => (
          <label key={size.words} className="has">
            <input
              type="radio"
              name="size"
              checked={!isAssumed(body, "sensor") && body.sensor_width_mm === size.w}
              onChange={() => take({ ...confirmed(body, "sensor"), sensor_width_mm: size.w, sensor_height_mm: size.h })}
            />
            {size.words} <span className="note">{size.note}</span>
          </label>
        ))}
        <div className="numbers">
          <BodyNumber
            field="sensor_width_mm"
            label="or its width"
            part="sensor"
            quantity="focal"
            body={body}
            units={units}
            take={take}
          />
          <BodyNumber
            field="sensor_height_mm"
            label="and height"
            part="sensor"
            quantity="focal"
            body={body}
            units={units}
            take={take}
          />
        </div>
      </>
    ),
  },
  {
    ask: "How many pixels does it have?",
    why: "As on the sheet: 24 MP, 6000 × 4000, or 6000 across.",
    answer: ({ body, units, take }) => (
      <NumberField
        label="Pixels"
        note={isAssumed(body, "pixels") ? "" : `${body.pixels_wide} across`}
        quantity="count"
        units={units}
        value={isAssumed(body, "pixels") ? null : body.pixels_wide}
        range={bodyRanges["pixels_wide"] ?? [500, 40000]}
        placeholder="not said"
        reads={(text) => readPixels(text, body.sensor_width_mm / body.sensor_height_mm)}
        onChange={(value) => take({ ...confirmed(body, "pixels"), pixels_wide: value })}
      />
    ),
  },
  {
    ask: "How many frames a second, with focus following?",
    why: "Not the fastest it can do at all: the fastest that still focuses between frames.",
    answer: ({ body, units, take }) => (
      <BodyNumber
        field="fps"
        label="Frames a second"
        part="fps"
        quantity="rate"
        body={body}
        units={units}
        take={take}
      />
    ),
  },
  {
    ask: "What is its shortest shutter?",
    why: "As engraved: 1/8000, 1/4000.",
    answer: ({ body, units, take }) => (
      <BodyNumber
        field="shortest_shutter_s"
        label="Shortest shutter"
        part="shutter"
        quantity="time"
        body={body}
        units={units}
        take={take}
      />
    ),
  },
  {
    ask: "Does it have a mirror?",
    why: "Reflex bodies see focus only near the middle, and give up on dim lenses.",
    answer: ({ body, take }) => (
      <>
        {(
          [
            ["on-image", "no mirror: it focuses on the sensor"],
            ["cross", "a mirror, with crossed points"],
            ["line", "a mirror, with plain points"],
          ] as const
        ).map(([value, words]) => (
          <label key={value} className="has">
            <input
              type="radio"
              name="af-sensor"
              checked={!isAssumed(body, "af_sensor") && body.af_sensor === value}
              onChange={() => take({ ...confirmed(body, "af_sensor"), af_sensor: value })}
            />
            {words}
          </label>
        ))}
      </>
    ),
  },
  {
    ask: "Which focus modes does it have, and what does it call them?",
    why: "Tick what it has. Its word goes beside ours; leave what you do not know.",
    answer: ({ body, take }) => (
      <ModeWords body={onlySaid(body)} onChange={(next) => take(laidOver(body, onlySaid(body), next))} />
    ),
  },
  {
    ask: "Which AF areas does it have, and what does it call them?",
    why: "The drawing tells what is meant. Tick what it has; one that comes in several sizes takes a row for each.",
    answer: ({ body, take }) => (
      <AreaWords body={onlySaid(body)} onChange={(next) => take(laidOver(body, onlySaid(body), next))} eyes={false} />
    ),
  },
  {
    ask: "What can it recognise?",
    why: "Tick what its detection knows.",
    answer: ({ body, take }) => (
      <>
        <KindWords body={onlySaid(body)} onChange={(next) => take(laidOver(body, onlySaid(body), next))} />
        <label className="has">
          <input
            type="checkbox"
            checked={!isAssumed(body, "detects") && body.detects.length === 0}
            onChange={(event) =>
              take(
                event.target.checked
                  ? { ...confirmed(body, "detects"), detects: [], eye_detection_areas: [] }
                  : { ...body, assumed: [...(body.assumed ?? []), "detects"] },
              )
            }
          />
          It recognises nothing
        </label>
      </>
    ),
  },
  {
    ask: "Which keys do your fingers reach?",
    why: "Those that can be made to do something, while you look through the finder.",
    answer: ({ body: whole, take: takeWhole }) => {
      const body = onlySaid(whole);
      const take = (next: Body): void => takeWhole(laidOver(whole, body, next));
      return (
        <ul className="word-list">
          {usual.map((one) => {
            const at = (body.controls ?? []).findIndex((each) => each.id === one.id);
            const there = body.controls?.[at];
            return (
              <li key={one.id} className={there === undefined ? "lacks" : ""}>
                <label className="has">
                  <input
                    type="checkbox"
                    checked={there !== undefined}
                    onChange={(event) =>
                      take({
                        ...body,
                        controls: event.target.checked
                          ? [...(body.controls ?? []), one]
                          : (body.controls ?? []).filter((each) => each.id !== one.id),
                      })
                    }
                  />
                  {one.name}
                </label>
                {there !== undefined && (
                  <TextInput
                    label={`What you call the ${one.name}`}
                    value={there.name}
                    onChange={(text) => take({ ...body, controls: body.controls!.with(at, { ...there, name: text }) })}
                  />
                )}
              </li>
            );
          })}
        </ul>
      );
    },
  },
  {
    ask: "Where do you change the AF area?",
    why: "It goes on the card, and tells how long the change takes.",
    answer: ({ body, take }) => <SettingHead name="area" body={body} onChange={take} />,
  },
  {
    ask: "How do you tell it to hang on, or to let go?",
    why: "Tracking tuning: how long it waits after losing the subject, and how it follows changes of speed.",
    answer: ({ body, take }) => <TuningQuestion body={body} take={take} />,
  },
];
