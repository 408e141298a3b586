import type { Area } from "./kit";

/** Size of each area as it is drawn small, in a frame of 36 by 24. */
const sizes: Record<Area, [number, number]> = {
  spot: [2, 2],
  "single-point": [5, 5],
  "point-plus": [5, 5],
  "zone-small": [11, 9],
  "zone-wide": [26, 8],
  "zone-tall": [9, 18],
  "zone-large": [22, 15],
  "whole-frame": [33, 21],
  "lock-on": [8, 7],
};

/** A small drawing of an area in the frame: shape says which, beside its name. */
export function AreaMark({ area }: { area: Area }) {
  const [w, h] = sizes[area];
  return (
    <svg className="area-mark" viewBox="0 0 36 24" width="36" height="24" aria-hidden="true">
      <rect x="0.5" y="0.5" width="35" height="23" className="area-mark-frame" />
      <rect x={18 - w / 2} y={12 - h / 2} width={w} height={h} className="area-mark-area" />
      {area === "point-plus" && <path d="M18 5.5v3M18 15.5v3M11.5 12h3M21.5 12h3" className="area-mark-more" />}
      {area === "lock-on" && <path d="M23 12c3-4 5 3 9-2" className="area-mark-more" />}
    </svg>
  );
}
