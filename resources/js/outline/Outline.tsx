import type { KeyboardEvent, PointerEvent } from "react";
import { useRef } from "react";
import type { Control } from "../generated/kit";

export type Face = Control["face"];

/** Faces in the order they are shown, with the size each is drawn in. */
export const faces: Record<Face, { name: string; width: number; height: number; lines: string[]; soft: string[] }> = {
  back: {
    name: "back",
    width: 300,
    height: 200,
    lines: ["M14 54L98 54L112 30L188 30L202 54L272 54L286 66L286 178L276 188L24 188L14 178Z"],
    soft: ["M128 40L172 40L172 60L128 60Z", "M36 86L192 86L192 174L36 174Z", "M262 80C250 100 250 150 264 176"],
  },
  top: {
    name: "top",
    width: 300,
    height: 132,
    lines: ["M14 30L286 30L286 112L250 118L232 84L200 84L200 124L100 124L100 84L14 84Z"],
    soft: ["M116 22L184 22L184 84L116 84Z", "M100 106L200 106", "M262 100m-9 0a9 9 0 1 0 18 0a9 9 0 1 0 -18 0"],
  },
  front: {
    name: "front",
    width: 300,
    height: 200,
    lines: ["M14 66L28 54L98 54L112 30L188 30L202 54L286 54L286 188L62 188L56 180L24 180L14 168Z"],
    soft: [
      "M160 118m-60 0a60 60 0 1 0 120 0a60 60 0 1 0 -120 0",
      "M160 118m-42 0a42 42 0 1 0 84 0a42 42 0 1 0 -84 0",
      "M56 60C50 90 50 150 56 180",
    ],
  },
  lens: {
    name: "lens, from the left hand's side",
    width: 300,
    height: 84,
    lines: ["M10 26L54 26L54 14L214 14L226 4L290 4L290 80L226 80L214 70L54 70L54 58L10 58Z"],
    soft: ["M84 14L84 70", "M118 14L118 70", "M226 4L226 80"],
  },
};

export type Spot = { control: Control; mark: string; used: boolean; wrong?: boolean; says: string };

type Props = {
  spots: Spot[];
  picked: string | null;
  onPick: (id: string) => void;
  /** Moves a control over its face; without it the drawing only shows. */
  onMove?: (id: string, x: number, y: number, gesture: string) => void;
};

/** A plain camera of nobody's make, from every side a finger comes to, with its controls where they are. */
export function Outline({ spots, picked, onPick, onMove }: Props) {
  return (
    <div className="outline">
      {(Object.keys(faces) as Face[])
        .filter((face) => face !== "lens" || spots.some((spot) => spot.control.face === "lens"))
        .map((face) => (
          <FaceDrawing
            key={face}
            face={face}
            spots={spots.filter((spot) => spot.control.face === face)}
            picked={picked}
            onPick={onPick}
            {...(onMove === undefined ? {} : { onMove })}
          />
        ))}
    </div>
  );
}

const STEP = 0.02;
const steps: Record<string, [number, number]> = {
  ArrowLeft: [-STEP, 0],
  ArrowRight: [STEP, 0],
  ArrowUp: [0, -STEP],
  ArrowDown: [0, STEP],
};
const inside = (share: number): number => Math.min(0.98, Math.max(0.02, Number(share.toFixed(3))));

function FaceDrawing({ face, spots, picked, onPick, onMove }: Props & { face: Face }) {
  const drawing = faces[face];
  const svg = useRef<SVGSVGElement>(null);
  const drag = useRef<{ id: string; gesture: string } | null>(null);

  const move = (event: PointerEvent): void => {
    const box = svg.current?.getBoundingClientRect();
    if (drag.current === null || box === undefined || onMove === undefined) return;
    onMove(
      drag.current.id,
      inside((event.clientX - box.left) / box.width),
      inside((event.clientY - box.top) / box.height),
      drag.current.gesture,
    );
  };
  const onKey = (event: KeyboardEvent, { id, x, y }: Control): void => {
    const by = steps[event.key];
    if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onPick(id);
    } else if (by !== undefined && onMove !== undefined) {
      event.preventDefault();
      onMove(id, inside(x + by[0]), inside(y + by[1]), `move-${id}`);
    }
  };

  return (
    <figure className="face">
      <svg
        ref={svg}
        viewBox={`0 0 ${drawing.width} ${drawing.height}`}
        onPointerMove={move}
        onPointerUp={() => (drag.current = null)}
        onPointerLeave={() => (drag.current = null)}
      >
        {drawing.lines.map((line) => (
          <path key={line} d={line} className="face-line" />
        ))}
        {drawing.soft.map((line) => (
          <path key={line} d={line} className="face-soft" />
        ))}
        {spots.map(({ control, mark, used, wrong, says }) => (
          <g
            key={control.id}
            role="button"
            tabIndex={0}
            aria-label={says}
            aria-pressed={picked === control.id}
            className={`spot${used ? " used" : ""}${wrong === true ? " wrong" : ""}${picked === control.id ? " picked" : ""}`}
            transform={`translate(${control.x * drawing.width} ${control.y * drawing.height})`}
            onClick={() => onPick(control.id)}
            onPointerDown={(event) => {
              if (onMove === undefined) return;
              event.preventDefault();
              (event.currentTarget as SVGGElement).focus();
              onPick(control.id);
              drag.current = { id: control.id, gesture: `drag-${control.id}-${Date.now().toString(36)}` };
            }}
            onKeyDown={(event) => onKey(event, control)}
          >
            <circle r="22" className="spot-reach" />
            <circle r="11" className="spot-disc" />
            <text y="5" textAnchor="middle">
              {mark}
            </text>
          </g>
        ))}
      </svg>
      <figcaption>{drawing.name}</figcaption>
    </figure>
  );
}
