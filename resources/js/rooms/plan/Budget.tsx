import type { Plan, Units } from "../../api/types";
import { Explained, type WorkingOf } from "./Working";
import type { FigureChange } from "../../session/usePutFigure";

type Part = "motion" | "shake" | "defocus" | "diffraction" | "shimmer";
const parts: { id: Part; name: string; letter: string }[] = [
  { id: "motion", name: "its motion", letter: "m" },
  { id: "shake", name: "your hands", letter: "h" },
  { id: "defocus", name: "out of focus", letter: "o" },
  { id: "diffraction", name: "diffraction", letter: "d" },
  { id: "shimmer", name: "shimmer", letter: "s" },
];

const microns = (mm: number): string => (mm * 1000).toFixed(mm < 0.1 ? 1 : 0);

type Props = { plan: Plan; units: Units; onAssumed: (change: FigureChange) => void };

/** All blur on the sensor against the largest that counts as sharp, part by part. */
export function Budget({ plan, units, onAssumed }: Props) {
  const { blur_mm: blur, pixel_mm } = plan.numbers;
  const working = (figure: string): WorkingOf | undefined => plan.workings.find((entry) => entry.figure === figure);
  const full = Math.max(blur.total, blur.limit) * 1.06;
  const shown = parts.filter((part) => blur[part.id] > 0);
  const used = blur.total / blur.limit;
  const squares = shown.reduce((sum, part) => sum + blur[part.id] ** 2, 0);
  // parts add as squares, so each takes its share of squares of the whole length
  const widths = shown.map((part) => ((blur.total * blur[part.id] ** 2) / squares / full) * 100);

  return (
    <section className="budget" aria-label="Blur budget">
      <div className="budget-head">
        <Explained working={working("blur_mm.total")} units={units} className="budget-title" onAssumed={onAssumed}>
          Blur on the sensor
        </Explained>
        <Explained
          working={working("blur_mm.limit")}
          units={units}
          className={used > 1.005 ? "budget-used over" : "budget-used"}
          onAssumed={onAssumed}
        >
          {microns(blur.total)} of {microns(blur.limit)} <span className="unit">µm</span> · {Math.round(used * 100)} %
          {used > 1.005 ? " — over" : " used"}
        </Explained>
      </div>
      <div className="budget-bar" aria-hidden="true">
        {shown.map((part, at) => (
          <span key={part.id} className={`part part-${part.id}`} style={{ width: `${widths[at]}%` }}>
            {widths[at]! > 5 && part.letter}
          </span>
        ))}
        <span className="budget-limit" style={{ left: `${(blur.limit / full) * 100}%` }} />
      </div>
      <ul className="budget-parts">
        {shown.map((part) => (
          <li key={part.id}>
            <Explained
              working={working(`blur_mm.${part.id}`)}
              units={units}
              className="budget-part"
              onAssumed={onAssumed}
            >
              <span className={`swatch part-${part.id}`}>{part.letter}</span>
              {part.name} <b>{microns(blur[part.id])}</b> µm{" "}
              <span className="soft">{(blur[part.id] / pixel_mm).toFixed(1)} px</span>
            </Explained>
          </li>
        ))}
      </ul>
    </section>
  );
}
