import type { Units } from "../api/types";
import { ticks, type Scale } from "./scale";

type Props = { scale: Scale; units: Units; width: number; axis: number };

/** Marks of the distance axis, in the unit shown; the axis lies at this height. */
export function Ticks({ scale, units, width, axis }: Props) {
  return (
    <>
      {ticks(scale.least, scale.most, units === "imperial" ? 0.3048 : 1).map((tick) => {
        const tx = scale.x(tick.metres);
        return (
          <g key={tick.label}>
            <line x1={tx} y1={axis} x2={tx} y2={axis + (tick.major ? 9 : 5)} className="lane-tick" />
            {tick.major && tx < width - 34 && (
              <text x={tx} y={axis + 22} textAnchor="middle" className="lane-soft">
                {tick.label}
              </text>
            )}
          </g>
        );
      })}
      <text x={width} y={axis + 22} textAnchor="end" className="lane-soft">
        {units === "imperial" ? "ft" : "m"}
      </text>
    </>
  );
}
