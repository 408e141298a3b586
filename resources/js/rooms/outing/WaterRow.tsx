import { clockAt, type Day, type Place } from "./outing";
import type { StripScale } from "./strip";

type Props = { day: Day; place: Place; scale: StripScale; top: number; spot: string | null };

const H = 20;

/** Rows of small waves between two points. */
export const waves = (from: number, until: number, top: number, rows: number): string =>
  Array.from({ length: rows }, (_, row) => {
    const [count, y] = [Math.max(1, Math.floor((until - from) / 12)), top + 6 * row];
    const w = (until - from) / count;
    return `M${from.toFixed(1)} ${y}${`q${(w / 4).toFixed(2)} -3 ${(w / 2).toFixed(2)} 0t${(w / 2).toFixed(2)} 0`.repeat(count)}`;
  }).join("");

/** Along the hours the water at one spot: its height, what cuts the spot off, when it does, and when nobody knows. */
export function WaterRow({ day, place, scale, top, spot }: Props) {
  const { x, xOf, rowH, bandTop, width, left } = scale;
  const cutOff = place.spots.find((one) => one.id === spot)?.cut_off_m;
  const heights = [
    ...day.moments.flatMap((one) => (one.water_m === null ? [] : [one.water_m])),
    ...(cutOff === undefined ? [] : [cutOff]),
  ];
  const [ebb, flood] = [Math.min(...heights), Math.max(...heights)];
  const y = (height: number): number => top + rowH - 3 - ((height - ebb) / Math.max(0.1, flood - ebb)) * H;
  const line = (reckoned: boolean): string =>
    day.moments
      .map((one, index) => {
        if (one.water_m === null || one.water_reckoned !== reckoned) return "";
        const before = day.moments[index - 1];
        const goesOn = before !== undefined && before.water_m !== null && before.water_reckoned === reckoned;
        return `${goesOn ? "L" : "M"}${x(index).toFixed(1)} ${y(one.water_m).toFixed(1)}`;
      })
      .join("");
  const states = day.spots.find((one) => one.spot === spot)?.states ?? [];
  return (
    <g>
      {states
        .filter((one) => one.state !== "open")
        .map((one) => {
          const [from, until] = [xOf(one.from), Math.min(width - 1, xOf(one.until))];
          const room = until - from;
          const goesOn = one.until === day.until;
          const words =
            one.state === "unknown"
              ? "? not known"
              : `cut off ${goesOn ? `from ${clockAt(one.from)}` : `${clockAt(one.from)}–${clockAt(one.until)}`}`;
          return (
            <g key={one.from}>
              <rect x={from} y={top + bandTop} width={Math.max(2, room)} height={H} className={`water-${one.state}`} />
              {one.state === "shut" && <path d={waves(from, until, top + bandTop + 5, 3)} className="strip-shut" />}
              {room > 26 && (
                <text x={from + 5} y={top + bandTop + 14} className="band-letters">
                  {room > 7.4 * words.length ? words : one.state === "shut" ? "" : "?"}
                </text>
              )}
            </g>
          );
        })}
      {cutOff !== undefined && Number.isFinite(ebb) && (
        <line x1={left} y1={y(cutOff)} x2={width} y2={y(cutOff)} className="water-limit" />
      )}
      <path d={line(false)} className="strip-water" />
      <path d={line(true)} className="strip-water water-reckoned" />
    </g>
  );
}
