import { useMemo, type PointerEvent } from "react";
import type { Units } from "../../api/types";
import { useWidth } from "../../ui/useWidth";
import { logScale } from "../../lane/scale";
import { sharpRange, type Take, type Tried } from "./rehearsal";
import { VerdictPath } from "./Verdicts";

const HEIGHT = 246;
const TOP = 8;
const FLOOR = 188;
const LEFT = 44;
const RIGHT = 10;

type Props = { take: Take; time: number; units: Units; onTime: (seconds: number) => void };

/** A pass over time: true distance against the plane with what is sharp round it, what the focus held, and every frame. */
export function TimeChart({ take, time, units, onTime }: Props) {
  const [attach, width, box] = useWidth();
  const { pass, scene } = take;
  const right = Math.max(LEFT + 60, width - RIGHT);
  const x = (seconds: number): number => LEFT + ((right - LEFT) * seconds) / scene.duration_s;
  const main = take.tried ?? take;

  const drawn = useMemo(() => {
    const xs = pass.distance_m.map((_, at) => LEFT + ((right - LEFT) * at * scene.step_s) / scene.duration_s);
    const seen = [...pass.distance_m].toSorted((a, b) => a - b);
    const least = seen[0]! * 0.9;
    const most = seen.at(-1)! * 1.1;
    // far up, near down: as one looks out
    const scale = logScale(least, most, FLOOR, TOP);
    const line = (metres: number[]): string =>
      metres.map((one, at) => `${at === 0 ? "M" : "L"}${xs[at]!.toFixed(1)} ${scale.x(one).toFixed(1)}`).join("");
    const band = (tried: Tried): string => {
      const ranges = tried.focus_m.map((focus) => sharpRange(focus, tried.sharp_dioptres));
      const upper = ranges.map(
        ([, far], at) => `${xs[at]!.toFixed(1)} ${(scale.x(Math.min(far, most)) - 0.8).toFixed(1)}`,
      );
      const lower = ranges.map(([near], at) => `${xs[at]!.toFixed(1)} ${(scale.x(near) + 0.8).toFixed(1)}`);
      return `M${upper.join("L")}L${lower.toReversed().join("L")}Z`;
    };
    return {
      truth: line(pass.distance_m),
      band: band(main),
      plane: line(main.focus_m),
      ghost: take.tried === null ? "" : line(take.focus_m),
      held: runs(main.held).map((run) => ({ ...run, from: xs[run.from]!, to: xs[Math.min(xs.length - 1, run.to)]! })),
      marks: rules(least, most, units === "imperial" ? 0.3048 : 1).map((tick) => ({
        ...tick,
        y: scale.x(tick.metres),
      })),
    };
  }, [take, main, pass, scene, right, units]);

  const under = (event: PointerEvent): void => {
    const left = box?.getBoundingClientRect().left ?? 0;
    const share = (event.clientX - left - LEFT) / (right - LEFT);
    onTime(Math.max(0, Math.min(1, share)) * scene.duration_s);
  };
  // shapes while two frames of a burst lie far enough apart, ticks beyond that
  const apart = (right - LEFT) / scene.duration_s / main.hold.drive.fps;
  const shapesFit = apart > 5;

  return (
    <div ref={attach} className="time-chart" data-testid="time-chart">
      {width > 0 && (
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Over ${scene.duration_s.toFixed(1)} s: where it is, where the plane is, and ${main.frames.length} frames, ${main.frames.filter((frame) => frame.verdict === "sharp").length} of them sharp.`}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            under(event);
          }}
          onPointerMove={(event) => {
            if (event.buttons === 1) under(event);
          }}
        >
          {drawn.marks.map((tick) => (
            <g key={tick.label}>
              <line x1={LEFT} y1={tick.y} x2={right} y2={tick.y} className="chart-rule" />
              <text x={LEFT - 8} y={tick.y + 4} textAnchor="end" className="lane-soft">
                {tick.label}
              </text>
            </g>
          ))}
          <path d={drawn.band} className="chart-band" />
          {drawn.ghost !== "" && <path d={drawn.ghost} className="chart-ghost" />}
          <path d={drawn.plane} className="chart-plane" />
          <path d={drawn.truth} className="chart-truth" />
          {drawn.held.map((run) => (
            <rect
              key={run.from}
              x={run.from}
              y={FLOOR + 6}
              width={Math.max(1, run.to - run.from)}
              height={7}
              className={`held held-${run.held}`}
            />
          ))}
          {take.tried !== null &&
            take.frames.map((frame) => (
              <VerdictPath
                key={frame.at_s}
                verdict={frame.verdict}
                x={x(frame.at_s)}
                y={FLOOR + 46}
                scale={Math.min(1, apart / 14)}
                faint
              />
            ))}
          {main.frames.map((frame) =>
            shapesFit ? (
              <VerdictPath
                key={frame.at_s}
                verdict={frame.verdict}
                x={x(frame.at_s)}
                y={FLOOR + 28}
                scale={Math.min(1, apart / 14)}
              />
            ) : (
              <line
                key={frame.at_s}
                x1={x(frame.at_s)}
                x2={x(frame.at_s)}
                y1={FLOOR + (frame.verdict === "sharp" ? 20 : 26)}
                y2={FLOOR + 36}
                className={frame.verdict === "sharp" ? "tick-sharp" : "tick-lost"}
              />
            ),
          )}
          <line x1={x(time)} y1={TOP} x2={x(time)} y2={HEIGHT - 8} className="chart-now" />
        </svg>
      )}
    </div>
  );
}

/** Three to six even distances between two, in the unit shown; the highest carries the unit. */
const rules = (least: number, most: number, unit: number): { metres: number; label: string }[] => {
  const span = (most - least) / unit;
  const decade = 10 ** Math.floor(Math.log10(span / 4));
  const step = [1, 2, 5, 10].map((part) => part * decade).find((one) => span / one <= 5) ?? decade * 10;
  const marks: number[] = [];
  for (let mark = Math.ceil(least / unit / step) * step; mark <= most / unit; mark += step) marks.push(mark);
  return marks.map((mark, at) => ({
    metres: mark * unit,
    label: `${Number(mark.toPrecision(4))}${at === marks.length - 1 ? (unit === 1 ? " m" : " ft") : ""}`,
  }));
};

/** What was held, from when to when. */
const runs = (held: number[]): { from: number; to: number; held: number }[] => {
  const found: { from: number; to: number; held: number }[] = [];
  held.forEach((now, at) => {
    const last = found.at(-1);
    if (last?.held === now) last.to = at + 1;
    else found.push({ from: at, to: at + 1, held: now });
  });
  return found;
};
