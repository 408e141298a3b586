import { useMutation } from "@tanstack/react-query";
import { useEffect, useRef, useState, type ReactNode } from "react";
import { useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { useAccount } from "../../session/boot";
import { bodyRanges } from "../../generated/ranges";
import { useCreation } from "../../session/creation";
import { begunKey } from "../../session/unsent";
import { AreaWords, KindWords, ModeWords, SettingHead } from "./BodyWords";
import { NumberField, TextInput } from "../../ui/inputs";
import { control, fresh, sliderSteps, type Body, type Control, type GearWhole } from "./kit";
import { withTuning } from "./TuningEditor";

type Start = { step: number; name: string; body: Body };

const begin = (key: string): Start => {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? "null") as Start | null;
    if (kept !== null) return kept;
  } catch {
    // what cannot be read is begun again
  }
  return { step: 0, name: "", body: { ...(fresh.body.document as unknown as Body), controls: usual.slice(0, 3) } };
};

const full: Control["carries"] = ["start", "focus-mode", "area", "detection", "tuning"];
/** Keys most bodies have in one form or other. */
const usual: Control[] = [
  control("thumb", "thumb key", {}),
  control("thumb-2", "second thumb key", { x: 0.86, y: 0.38 }),
  control("stick", "stick or pad", { x: 0.8, y: 0.56, may: ["point"], carries: [] }),
  control("front-1", "upper front key", {
    face: "front",
    x: 0.235,
    y: 0.42,
    finger: "middle",
    may: ["recall", "stop"],
    carries: full,
  }),
  control("front-2", "lower front key", {
    face: "front",
    x: 0.235,
    y: 0.64,
    finger: "ring",
    may: ["recall", "stop"],
    carries: full,
  }),
  control("lens", "key on the lens", {
    face: "lens",
    x: 0.34,
    y: 0.3,
    finger: "left-hand",
    may: ["recall", "stop"],
    carries: full.slice(0, 4),
  }),
];
const sizes: { words: string; note: string; w: number; h: number }[] = [
  { words: "full frame", note: "36 × 24 mm", w: 36, h: 24 },
  { words: "the size below", note: "23.5 × 15.6 mm", w: 23.5, h: 15.6 },
  { words: "half of full frame", note: "17.3 × 13 mm", w: 17.3, h: 13 },
];

/** Twelve questions, each of which may be left as it is; then the body can be planned with. What is answered survives a reload. */
export function GuidedStart({ onMade }: { onMade: () => Promise<void> }) {
  const { user } = useAccount();
  const { units } = user.settings;
  const navigate = useNavigate();
  const key = begunKey(user.key, "new-body");
  const [start, setStart] = useState(() => begin(key));
  const creation = useCreation();
  const { step, name, body } = start;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => localStorage.setItem(key, JSON.stringify(start)), [key, start]);
  useEffect(() => {
    const field = heading.current?.parentElement?.querySelector<HTMLElement>(
      ".guided-answer input, .guided-answer select",
    );
    (field ?? heading.current)?.focus();
  }, [step]);
  const make = useMutation({
    mutationFn: () =>
      request<GearWhole>("POST", "gear", {
        write_id: creation.writeId(),
        type: "body",
        name: name.trim() === "" ? "My body" : name,
        document: body,
      }),
    onSuccess: async (made) => {
      creation.done();
      localStorage.removeItem(key);
      await onMade();
      await navigate(`/kit/${made.id}`);
    },
  });
  const take = (next: Body): void => setStart({ ...start, body: next });
  const number = (
    field: "fps" | "shortest_shutter_s" | "sensor_width_mm" | "sensor_height_mm",
    label: string,
    quantity: "plain" | "time" | "focal",
    note = "",
  ) => (
    <NumberField
      label={label}
      note={note}
      quantity={quantity}
      units={units}
      value={body[field]}
      range={bodyRanges[field] ?? [0, 1e6]}
      onChange={(value) => take({ ...body, [field]: value })}
    />
  );

  const questions: { ask: string; why: string; answer: ReactNode }[] = [
    {
      ask: "What do you call this body?",
      why: "Any name you will know it by.",
      answer: (
        <TextInput
          label="Name"
          className="piece-name"
          value={name}
          most={120}
          emptiable
          placeholder="My body"
          onChange={(text) => setStart({ ...start, name: text })}
        />
      ),
    },
    {
      ask: "How large is its sensor?",
      why: "It decides how much of the frame a subject fills, and how much blur shows.",
      answer: (
        <>
          {sizes.map((size) => (
            <label key={size.words} className="has">
              <input
                type="radio"
                name="size"
                checked={body.sensor_width_mm === size.w}
                onChange={() => take({ ...body, sensor_width_mm: size.w, sensor_height_mm: size.h })}
              />
              {size.words} <span className="note">{size.note}</span>
            </label>
          ))}
          <div className="numbers">
            {number("sensor_width_mm", "or its width", "focal")}
            {number("sensor_height_mm", "and height", "focal")}
          </div>
        </>
      ),
    },
    {
      ask: "How many pixels does it have?",
      why: "Across the longer side, as 6000; or in millions, as 24.",
      answer: (
        <NumberField
          label="Pixels"
          note={`now ${body.pixels_wide} across`}
          quantity="plain"
          units={units}
          value={body.pixels_wide}
          range={[1, 40000]}
          onChange={(value) =>
            take({
              ...body,
              pixels_wide: Math.max(
                500,
                Math.round(
                  value < 400 ? Math.sqrt((value * 1e6 * body.sensor_width_mm) / body.sensor_height_mm) : value,
                ),
              ),
            })
          }
        />
      ),
    },
    {
      ask: "How many frames a second, with focus following?",
      why: "Not the fastest it can do at all: the fastest that still focuses between frames.",
      answer: number("fps", "Frames a second", "plain"),
    },
    {
      ask: "What is its shortest shutter?",
      why: "As engraved: 1/8000, 1/4000.",
      answer: number("shortest_shutter_s", "Shortest shutter", "time"),
    },
    {
      ask: "Does it have a mirror?",
      why: "Reflex bodies see focus only near the middle, and give up on dim lenses.",
      answer: (
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
                checked={body.af_sensor === value}
                onChange={() => take({ ...body, af_sensor: value })}
              />
              {words}
            </label>
          ))}
        </>
      ),
    },
    {
      ask: "Which focus modes does it have, and what does it call them?",
      why: "Take away what it lacks. Its word goes beside ours; leave what you do not know.",
      answer: <ModeWords body={body} onChange={take} />,
    },
    {
      ask: "Which AF areas does it have, and what does it call them?",
      why: "The drawing tells what is meant. Take away what it lacks.",
      answer: <AreaWords body={body} onChange={take} eyes={false} />,
    },
    {
      ask: "Where do you change the AF area?",
      why: "It goes on the card, and tells how long the change takes.",
      answer: <SettingHead name="area" body={body} onChange={take} />,
    },
    {
      ask: "What can it recognise?",
      why: "Take away what it does not know; all, if it recognises nothing.",
      answer: <KindWords body={body} onChange={take} />,
    },
    {
      ask: "How do you tell it to hang on, or to let go?",
      why: "Tracking tuning: how long it waits after losing the subject, and how it follows changes of speed.",
      answer: (
        <>
          {(
            [
              ["none", "it has nothing of the kind", null],
              ["scales", "sliders from −2 to +2", [-2, 2]],
              ["scales", "a scale from 1 to 5", [1, 5]],
              ["scales", "a scale from 0 to 4", [0, 4]],
              ["presets", "numbered presets", null],
              ["cases", "named cases", null],
            ] as const
          ).map(([kind, words, range]) => {
            const next = withTuning(body, kind);
            const tuning = next.dialect?.tuning;
            const laid =
              range === null || tuning?.stay === undefined || tuning.pace === undefined
                ? next
                : ({
                    ...next,
                    dialect: {
                      ...next.dialect,
                      tuning: {
                        ...tuning,
                        stay: {
                          ...tuning.stay,
                          steps: sliderSteps(range[0], range[1], next.stay_levels_s.length - 1, true),
                        },
                        pace: { ...tuning.pace, steps: sliderSteps(range[0], range[1], 2, true) },
                      },
                    },
                  } as Body);
            const now = body.dialect?.tuning;
            const checked =
              now?.kind === kind &&
              (range === null || now.stay?.steps[0]?.word === laid.dialect?.tuning?.stay?.steps[0]?.word);
            return (
              <label key={words} className="has">
                <input type="radio" name="tuning" checked={checked} onChange={() => take(laid)} />
                {words}
              </label>
            );
          })}
          {(body.dialect?.tuning?.presets ?? []).length > 0 && (
            <p className="note">Names and points of each can be typed right after this.</p>
          )}
        </>
      ),
    },
    {
      ask: "Which keys do your fingers reach?",
      why: "Those that can be made to do something, while you look through the finder.",
      answer: (
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
      ),
    },
  ];
  const question = questions[Math.min(step, questions.length - 1)]!;
  const last = step >= questions.length - 1;
  const go = (by: number): void => setStart({ ...start, step: Math.min(questions.length - 1, Math.max(0, step + by)) });

  return (
    <form
      className="guided"
      onSubmit={(event) => {
        event.preventDefault();
        if (last) make.mutate();
        else go(1);
      }}
    >
      <p className="note" aria-live="polite">
        Question {step + 1} of {questions.length}
      </p>
      <progress max={questions.length} value={step + 1} aria-label="Questions answered" />
      <h2 ref={heading} tabIndex={-1}>
        {question.ask}
      </h2>
      <p className="lead">{question.why}</p>
      <div className="guided-answer" key={step}>
        {question.answer}
      </div>
      <p className="guided-go">
        <button type="submit" className="primary" disabled={make.isPending}>
          {last ? "Make this body" : "Next"}
        </button>
        {step > 0 && (
          <button type="button" className="quiet" onClick={() => go(-1)}>
            back
          </button>
        )}
        {!last && step > 0 && (
          <button type="button" className="quiet" onClick={() => make.mutate()}>
            the rest later
          </button>
        )}
        <button
          type="button"
          className="quiet"
          onClick={() => {
            localStorage.removeItem(key);
            setStart(begin(key));
          }}
        >
          begin again
        </button>
      </p>
      {make.isError && (
        <p className="note fault" role="alert">
          {make.error.message}
        </p>
      )}
    </form>
  );
}
