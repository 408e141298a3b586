import type { Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { areas } from "../../generated/vocabulary";
import { NumberField } from "../../ui/inputs";
import type { Area, Body } from "./kit";

type Points = NonNullable<Body["points"]>;
type Props = { body: Body; units: Units; onChange: (body: Body, gesture: string) => void };

const fresh: Points = { count: 51, width: 0.55, height: 0.45 };

/** The AF points as the sheet counts them: how many, how much of the frame they cover, how many each area takes. */
export function PointsOf({ body, units, onChange }: Props) {
  const { points } = body;
  const put = (next: Points | undefined): void => {
    const { points: _, ...rest } = body;
    onChange(next === undefined ? rest : { ...rest, points: next }, newGesture("points"));
  };
  const set = (change: Partial<Points>): void => put({ ...(points ?? fresh), ...change });
  const sized = (body.areas as Area[]).filter((area) => area !== "whole-frame" && area !== "lock-on");
  return (
    <section className="setting-block">
      <h3>AF points</h3>
      <p className="note">
        As on the sheet: how many, and how much of the frame they cover. An area in several sizes, say 9, 21 and 51
        points, takes a row here for each; its words are under Words. What is empty is assumed.
      </p>
      <div className="gear-fields">
        <NumberField
          label="How many points"
          quantity="count"
          units={units}
          value={points?.count ?? null}
          range={[1, 10000]}
          placeholder="not known"
          onEmpty={() => put(undefined)}
          onChange={(count) => set({ count })}
        />
        <NumberField
          label="They cover, from side to side"
          quantity="share"
          units={units}
          value={points?.width ?? null}
          range={[0.02, 1]}
          placeholder="not known"
          onChange={(width) => set({ width })}
        />
        <NumberField
          label="They cover, from top to bottom"
          quantity="share"
          units={units}
          value={points?.height ?? null}
          range={[0.02, 1]}
          placeholder="not known"
          onChange={(height) => set({ height })}
        />
        {points !== undefined &&
          sized.map((area) => (
            <NumberField
              key={area}
              label={`Points of ${areas.find((one) => one.value === area)?.words ?? area}`}
              quantity="count"
              units={units}
              value={points.areas?.[area] ?? null}
              range={[1, points.count]}
              placeholder="assumed"
              onEmpty={() => {
                const { [area]: _, ...others } = points.areas ?? {};
                set({ areas: others });
              }}
              onChange={(count) => set({ areas: { ...points.areas, [area]: count } })}
            />
          ))}
      </div>
    </section>
  );
}
