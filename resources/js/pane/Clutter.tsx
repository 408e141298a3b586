import { useMemo } from "react";
import type { Rush } from "../api/types";

/** Numbers between 0 and 1 that look scattered and are the same every time. */
const scattered = (count: number, seed: number): number[] =>
  Array.from({ length: count }, (_, at) => (Math.abs(Math.sin((at + 1) * 127.1 + seed * 311.7)) * 43758.5453) % 1);

type Props = { clutter: Rush["clutter"]; width: number; height: number };

/** What lies behind, as texture: ripples, shapes, or a thicket; its own tone draws it darker. */
export function Ground({ clutter, width, height }: Props) {
  const { background, foliage_moving, separation } = clutter;
  const lines = useMemo(() => {
    const count = { clean: 9, moderate: 16, busy: 90 }[background];
    const xs = scattered(count, 1);
    const ys = scattered(count, 2);
    const sizes = scattered(count, 3);
    return xs.map((x, at) => {
      const size = sizes[at]!;
      if (background === "clean") {
        const y = ((at + 0.6) / count) * height;
        const sway = 2 + size * 4;
        return `M0 ${y}C${width * 0.3} ${y - sway} ${width * 0.4} ${y + sway} ${width * 0.62} ${y}S${width * 0.9} ${y - sway} ${width} ${y}`;
      }
      const cx = x * width;
      const cy = ys[at]! * height;
      if (background === "moderate") {
        const r = 18 + size * 46;
        return `M${cx - r} ${cy}C${cx - r} ${cy - r * 0.7} ${cx + r} ${cy - r * 0.7} ${cx + r} ${cy}`;
      }
      const long = 10 + size * 26;
      const lean = (xs[(at + 7) % count]! - 0.5) * 22;
      return foliage_moving
        ? `M${cx} ${cy}q${long * 0.5} ${-long * 0.4} ${long} 0q${-long * 0.5} ${long * 0.4} ${-long} 0`
        : `M${cx} ${cy}l${lean} ${-long}M${cx + lean * 0.5} ${cy - long * 0.5}l${8 - lean * 0.4} ${-long * 0.3}`;
    });
  }, [background, foliage_moving, width, height]);
  return <path d={lines.join("")} className={separation === "similar" ? "ground ground-similar" : "ground"} />;
}

/** What stands in front: posts or twigs at the width they really have, and passers-by as dashed uprights. */
export function InFront({ clutter, width, height, thick }: Props & { thick: number }) {
  const { foreground, crossers } = clutter;
  const stems = useMemo(() => {
    const count = { none: 0, sparse: 3, dense: 16 }[foreground];
    const xs = scattered(count, 5);
    const leans = scattered(count, 6);
    return xs.map((x, at) => {
      const from = (foreground === "sparse" ? (at + 0.15 + x * 0.4) / count : x) * width;
      const lean = (leans[at]! - 0.5) * (foreground === "dense" ? width * 0.28 : 6);
      return `M${from} ${height}L${from + lean} 0`;
    });
  }, [foreground, width, height]);
  const passing = { none: 0, occasional: 1, frequent: 3 }[crossers];
  const across = Math.max(3, Math.min(width / 4, thick));
  return (
    <g className="in-front">
      <path d={stems.join("")} strokeWidth={Math.max(1.5, Math.min(foreground === "dense" ? 14 : 60, thick || 2.5))} />
      {Array.from({ length: passing }, (_, at) => (
        <rect
          key={at}
          x={width * (0.08 + 0.36 * at)}
          y={height * 0.12}
          width={across}
          height={height * 0.88}
          className="passer"
        />
      ))}
    </g>
  );
}
