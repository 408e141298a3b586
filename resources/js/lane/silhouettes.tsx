import type { SubjectKind } from "../api/types";

/** Small marks of what moves, drawn for this product; centred on 0,0, about 52 wide. */
const shapes: Record<string, string> = {
  flying:
    "M-26-7C-18-9-10-6-4 1C-1-1 2-2 5-2C11-9 18-12 27-13C21-8 17-3 13 3C16 4 19 5 20 6C14 8 4 9-2 8C-8 9-13 10-18 12C-16 8-14 6-11 4C-16 0-21-4-26-7Z",
  standing:
    "M-9-17C-5-20 0-18 0-14L9-12L0-10C1-3 9 1 17 10C8 9 2 9-2 7L-2 18L-4 18L-4 7C-10 3-11-4-8-10C-10-12-10-15-9-17Z",
  swimming:
    "M-22 2C-17 3-14 0-14-5C-15-11-9-14-5-11L2-8L-5-7C-7-2-4 0 4-1C12-2 18-5 24-9C23 1 16 8 2 8C-10 8-19 8-22 2Z",
  running:
    "M-27 2C-22-4-14-7-4-6C2-7 7-8 11-11C12-18 14-20 16-20L16-13C21-13 25-10 26-7C22-5 17-4 14-2C14 3 18 7 25 9L24 11C16 11 10 8 7 3C0 4-6 4-11 3C-14 7-20 10-27 9C-23 7-20 4-19 1Z",
  standingAnimal:
    "M-22-7C-14-10 0-9 8-9C12-12 14-17 16-21L18-17L23-14C23-11 19-10 17-9C16-4 15 0 14 2L14 18L11 18L9 4C2 6-8 6-13 5L-15 18L-18 18L-19 4C-23 1-24-3-22-7Z",
  person:
    "M-1-21A5 5 0 1 1-1-11A5 5 0 1 1-1-21ZM-4-10C2-11 6-8 8-2L15 1L13 4L5 1L3-1L3 4L9 11L7 20L4 19L5 12L-2 6L-5 13L-14 17L-15 14L-8 10L-5-2L-10 3L-14 1Z",
  vehicle: "M-26 4C-25-2-19-3-14-4C-9-10 6-11 11-4C18-3 25-2 26 4L22 7A6 6 0 0 0 10 7L-9 7A6 6 0 0 0-21 7Z",
  small:
    "M0-3C5-15 19-16 22-9C24-3 14 1 4 1C13 3 16 9 12 13C8 16 2 10 0 4C-2 10-8 16-12 13C-16 9-13 3-4 1C-14 1-24-3-22-9C-19-16-5-15 0-3Z",
};

const shapeOf = (kind: SubjectKind, still: boolean): string => {
  if (kind.family === "bird")
    return kind.id === "waterfowl" && still ? "swimming" : still || kind.id === "tall-wader" ? "standing" : "flying";
  if (kind.family === "animal") return still || kind.id === "large-mammal" ? "standingAnimal" : "running";
  return { person: "person", vehicle: "vehicle", small: "small" }[kind.family];
};

type Props = { kind: SubjectKind; still: boolean; className: string };

export function Silhouette({ kind, still, className }: Props) {
  return <path d={shapes[shapeOf(kind, still)] ?? shapes["flying"]!} className={className} />;
}
