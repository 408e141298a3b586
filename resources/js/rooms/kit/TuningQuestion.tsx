import { sliderSteps, type Body } from "./kit";
import { NumberField } from "../../ui/inputs";
import { confirmed, isAssumed } from "./said";
import { withPresets, withTuning } from "./tuning";

const ways = [
  { kind: "none", words: "it has nothing of the kind", range: null },
  { kind: "scales", words: "sliders from −2 to +2", range: [-2, 2] },
  { kind: "scales", words: "a scale from 1 to 5", range: [1, 5] },
  { kind: "scales", words: "a scale from 0 to 4", range: [0, 4] },
  { kind: "presets", words: "numbered presets", range: null },
  { kind: "cases", words: "named cases", range: null },
] as const;

/** The body tuned in one of these ways, its scales laid over ours. */
const laid = (body: Body, { kind, range }: (typeof ways)[number]): Body => {
  const next = withTuning(body, kind);
  const tuning = next.dialect?.tuning;
  if (range === null || tuning?.stay === undefined || tuning.pace === undefined) return next;
  const stay = { ...tuning.stay, steps: sliderSteps(range[0], range[1], next.stay_levels_s.length - 1, true) };
  const pace = { ...tuning.pace, steps: sliderSteps(range[0], range[1], 2, true) };
  return { ...next, dialect: { ...next.dialect, tuning: { ...tuning, stay, pace } } } as Body;
};

/** How the body is told to hang on, or to let go. */
export function TuningQuestion({ body, take }: { body: Body; take: (body: Body) => void }) {
  const now = body.dialect?.tuning;
  return (
    <>
      {ways.map((way) => {
        const next = laid(body, way);
        const first = next.dialect?.tuning?.stay?.steps[0]?.word;
        return (
          <label key={way.words} className="has">
            <input
              type="radio"
              name="tuning"
              checked={
                !isAssumed(body, "tuning") &&
                now?.kind === way.kind &&
                (way.range === null || now.stay?.steps[0]?.word === first)
              }
              onChange={() => take(confirmed(next, "tuning"))}
            />
            {way.words}
          </label>
        );
      })}
      {now?.presets !== undefined && (
        <>
          <NumberField
            label="How many of them"
            quantity="count"
            units="metric"
            value={now.presets.length}
            range={[1, 16]}
            onChange={(count) => take(withPresets(body, count))}
          />
          <p className="note">
            What each is called and stands for is typed in Kit, under Tuning; until then it is assumed.
          </p>
        </>
      )}
    </>
  );
}
