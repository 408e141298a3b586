import type { Plan, SubjectKind } from "../api/types";
import { drawings } from "../generated/vocabulary";
import { fronts, shapes, type Shape } from "./shapes";

type Posture = Plan["pane"]["posture"];

/** Which drawing stands for a kind in this posture; without a plan, as it usually moves. */
export const shapeOf = (kind: SubjectKind, posture: Posture | null, isEndOn = false): Shape => {
  const names: Record<string, string> = drawings[kind.id];
  const name = names[posture ?? "flying"]!;
  return shapes[(isEndOn ? (fronts[name] ?? name) : name) as keyof typeof shapes];
};

/** The head from the middle of a drawing of this size, in pixels; `way` is −1 for one that goes left. */
export const headFrom = (shape: Shape, size: { width: number; height: number }, way: number): [number, number] => [
  ((shape.head[0] - shape.box[0]) / shape.box[2] - 0.5) * size.width * way,
  ((shape.head[1] - shape.box[1]) / shape.box[3] - 0.5) * size.height,
];

type Props = {
  shape: Shape;
  /** Where its box is drawn. */
  box: { x: number; y: number; width: number; height: number };
  mirrored?: boolean;
  className: string;
};

/** A silhouette stretched into a box: foreshortened when it comes at a slant. */
export function Silhouette({ shape, box, mirrored = false, className }: Props) {
  const [x, y, width, height] = shape.box;
  const sx = (box.width / width) * (mirrored ? -1 : 1);
  const from = mirrored ? box.x + box.width : box.x;
  return (
    <g
      transform={`translate(${from} ${box.y}) scale(${sx} ${box.height / height}) translate(${-x} ${-y})`}
      className={className}
    >
      {shape.parts.map((part) => (
        <path key={part} d={part} />
      ))}
    </g>
  );
}

/** The box of a shape that fits into a width and height without stretching, standing on its middle. */
export const fitted = (shape: Shape, width: number, height: number): { width: number; height: number } => {
  const [, , w, h] = shape.box;
  const scale = Math.min(width / w, height / h);
  return { width: w * scale, height: h * scale };
};
