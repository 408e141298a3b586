import type { Plan, SubjectKind } from "../api/types";
import { shapes, type Shape } from "./shapes";

type Posture = Plan["pane"]["posture"];
type Name = keyof typeof shapes;

const flying: Partial<Record<SubjectKind["id"], Name>> = {
  raptor: "raptor-flying",
  owl: "raptor-flying",
  swift: "swift-flying",
  "small-bird": "songbird-flying",
  waterfowl: "duck-flying",
  "tall-wader": "duck-flying",
};
const perched: Partial<Record<SubjectKind["id"], Name>> = {
  raptor: "owl-perched",
  owl: "owl-perched",
  "small-bird": "songbird-perched",
  swift: "songbird-perched",
};
const others: Partial<Record<SubjectKind["id"], Name>> = {
  "small-mammal": "small-mammal",
  "large-mammal": "deer-standing",
  dog: "dog-running",
  "running-mammal": "hare-running",
  insect: "butterfly",
  flower: "flower",
  "horse-rider": "horse-rider",
  cyclist: "cyclist",
  motorbike: "motorbike",
  "racket-player": "racket-player",
  "swing-player": "swing-player",
  skier: "skier",
  swimmer: "swimmer",
  paddler: "paddler",
  car: "car",
  aircraft: "aircraft",
};

/** Which drawing stands for a kind in this posture; without a plan, as it usually moves. */
export const shapeOf = (kind: SubjectKind, posture: Posture | null): Shape => {
  if (kind.family === "bird") {
    if (posture === "stalking") return shapes["heron-stalking"];
    if (posture === "afloat") return shapes["duck-afloat"];
    if (posture === "perched") return shapes[perched[kind.id] ?? "wader-standing"];
    return shapes[flying[kind.id] ?? "gull-flying"];
  }
  if (posture === "tumbling") return shapes["tumbler"];
  return shapes[others[kind.id] ?? "runner"];
};

type Props = {
  shape: Shape;
  /** Where its box is drawn. */
  box: { x: number; y: number; width: number; height: number };
  mirrored?: boolean;
  className: string;
};

/** A silhouette stretched into a box: foreshortened when it comes head-on. */
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
