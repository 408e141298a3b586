import { useRef, type KeyboardEvent, type PointerEvent } from "react";
import { sunDangerDeg } from "../../generated/vocabulary";
import { figures } from "../../units/quantity";
import { towards } from "./outing";

/** Where the sun stands, and whether it is up. */
export type SunStands = { azimuth: number; isUp: boolean };

type Props = {
  /** Where the lens points, from true north. */
  bearing: number;
  /** Null where no moment is looked at. */
  sun: SunStands | null;
  size: number;
  /** Given, it can be turned. */
  onTurn?: (bearing: number) => void;
};

const R = 70;

const at = (degrees: number, radius: number): [number, number] => {
  const a = (degrees * Math.PI) / 180;
  return [Math.sin(a) * radius, -Math.cos(a) * radius];
};

/** North up: a wedge for what the lens sees, a disc for the sun, and the light it throws. */
export function Compass({ bearing, sun, size, onTurn }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const turn = (event: PointerEvent): void => {
    if (onTurn === undefined || event.buttons === 0 || svg.current === null) return;
    const box = svg.current.getBoundingClientRect();
    const [x, y] = [event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2];
    onTurn((Math.round((Math.atan2(x, -y) * 180) / Math.PI / 5) * 5 + 360) % 360);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 15, PageDown: -15 }[event.key];
    if (by === undefined || onTurn === undefined) return;
    event.preventDefault();
    onTurn((Math.round(bearing) + by + 360) % 360);
  };
  const [left, right] = [at(bearing - sunDangerDeg, R), at(bearing + sunDangerDeg, R)];
  const [sunX, sunY] = sun === null ? [0, 0] : at(sun.azimuth, R - 4);
  const says = `towards ${figures(bearing)}°, ${towards(bearing)}`;
  const turned =
    onTurn === undefined
      ? { role: "img", "aria-label": `The lens points ${says}` }
      : {
          role: "slider",
          tabIndex: 0,
          "aria-label": "Where the lens points",
          "aria-valuemin": 0,
          "aria-valuemax": 359,
          "aria-valuenow": Math.round(bearing),
          "aria-valuetext": says,
          onKeyDown,
        };
  return (
    <svg
      ref={svg}
      className={onTurn === undefined ? "compass" : "compass compass-turns"}
      viewBox="-92 -92 184 184"
      width={size}
      height={size}
      onPointerDown={(event) => {
        if (onTurn !== undefined) event.currentTarget.setPointerCapture(event.pointerId);
        turn(event);
      }}
      onPointerMove={turn}
      {...turned}
    >
      <circle r={R} className="compass-ring" />
      {["N", "E", "S", "W"].map((name, quarter) => {
        const [x, y] = at(quarter * 90, R + 12);
        return (
          <text key={name} x={x} y={y + 5} textAnchor="middle" className="compass-name">
            {name}
          </text>
        );
      })}
      <path d={`M0 0L${left[0]} ${left[1]}A${R} ${R} 0 0 1 ${right[0]} ${right[1]}Z`} className="compass-view" />
      {sun !== null && sun.isUp && <line x1={sunX} y1={sunY} x2={-sunX} y2={-sunY} className="compass-light" />}
      {sun !== null && <circle cx={sunX} cy={sunY} r={8} className={sun.isUp ? "compass-sun" : "compass-night"} />}
      <circle r={3.5} className="compass-here" />
    </svg>
  );
}
