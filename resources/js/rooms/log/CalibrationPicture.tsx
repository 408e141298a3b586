import type { LogPromises } from "../../generated/answers";
import { percent } from "../../units/counts";
import { between } from "./counting";

type Tenths = NonNullable<LogPromises["calibration"]>["tenths"];

const SIDE = 320;
const EDGE = 44;

const x = (share: number): number => EDGE + share * SIDE;
const y = (share: number): number => 12 + (1 - share) * SIDE;

/** Promised across, found upwards: on the slanting line every promise comes true, below it too much was promised. */
export function CalibrationPicture({ tenths }: { tenths: Tenths }) {
  const most = Math.max(...tenths.map((tenth) => tenth.worth));
  const words = tenths.map(
    (tenth) =>
      `promised ${percent(tenth.promised)}, found ${percent(tenth.share)}, ${between(tenth.least, tenth.most)}, of ${tenth.frames} frames`,
  );
  return (
    <svg
      className="calibration-picture"
      viewBox={`0 0 ${SIDE + EDGE + 12} ${SIDE + 58}`}
      role="img"
      aria-label={words.join("; ")}
    >
      {[0, 0.25, 0.5, 0.75, 1].map((mark) => (
        <g key={mark}>
          <line x1={x(0)} x2={x(1)} y1={y(mark)} y2={y(mark)} className="chart-rule" />
          <line x1={x(mark)} x2={x(mark)} y1={y(0)} y2={y(1)} className="chart-rule" />
          <text x={x(0) - 8} y={y(mark) + 5} textAnchor="end">
            {100 * mark}
          </text>
          <text x={x(mark)} y={y(0) + 18} textAnchor="middle">
            {100 * mark}
          </text>
        </g>
      ))}
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} className="calibration-true" />
      <text x={x(0.5)} y={y(0) + 38} textAnchor="middle">
        promised, %
      </text>
      <text x={x(0.02)} y={y(0.955)}>
        found, %
      </text>
      <text x={x(0.97)} y={y(0.05)} textAnchor="end" className="calibration-side">
        too much promised
      </text>
      {tenths.map((tenth) => (
        <g key={tenth.from}>
          <line
            x1={x(tenth.promised)}
            x2={x(tenth.promised)}
            y1={y(tenth.least)}
            y2={y(tenth.most)}
            className="calibration-reach"
          />
          <circle
            cx={x(tenth.promised)}
            cy={y(tenth.share)}
            r={3.5 + 5.5 * Math.sqrt(tenth.worth / most)}
            className={
              tenth.promised < tenth.least || tenth.promised > tenth.most ? "calibration-off" : "calibration-on"
            }
          />
        </g>
      ))}
    </svg>
  );
}
