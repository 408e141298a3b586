import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { BurstFrame } from "./log";

type Box = BurstFrame["subject"];

type Props = {
  frame: BurstFrame;
  /** Whether the person is showing where the subject is. */
  touching: boolean;
  onTouched: (box: Box) => void;
  onLeft: () => void;
};

/** A box is no smaller than this share of a side, and goes by this much at a press of a key. */
const LEAST = 0.01;
const STEP = 0.01;

const within = (value: number, least: number, most: number): number => Math.max(least, Math.min(most, value));

/** Where the subject of a frame is, drawn over it; shown anew by dragging a box round it, or by keys. */
export function Subject({ frame, touching, onTouched, onLeft }: Props) {
  const [draft, setDraft] = useState<Box | null>(null);
  const from = useRef<{ x: number; y: number } | null>(null);
  const box = draft ?? frame.subject;
  const at = (event: PointerEvent<HTMLElement>): { x: number; y: number } => {
    const area = event.currentTarget.getBoundingClientRect();
    return {
      x: within((event.clientX - area.left) / area.width, 0, 1),
      y: within((event.clientY - area.top) / area.height, 0, 1),
    };
  };
  const drag = (event: PointerEvent<HTMLElement>): void => {
    const start = from.current;
    if (start === null) return;
    const now = at(event);
    setDraft({
      x: Math.min(start.x, now.x),
      y: Math.min(start.y, now.y),
      w: Math.max(LEAST, Math.abs(now.x - start.x)),
      h: Math.max(LEAST, Math.abs(now.y - start.y)),
    });
  };
  const onKey = (event: KeyboardEvent): void => {
    const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
    if (event.key === "Enter") onTouched(box);
    else if (event.key === "Escape") onLeft();
    else if (step !== undefined && event.shiftKey)
      setDraft({
        ...box,
        w: within(box.w + STEP * step[0]!, LEAST, 1 - box.x),
        h: within(box.h + STEP * step[1]!, LEAST, 1 - box.y),
      });
    else if (step !== undefined)
      setDraft({
        ...box,
        x: within(box.x + STEP * step[0]!, 0, 1 - box.w),
        y: within(box.y + STEP * step[1]!, 0, 1 - box.h),
      });
    else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const drawing = (
    <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
      <rect className="subject-ground" x={box.x} y={box.y} width={box.w} height={box.h} />
      <rect className="subject-line" x={box.x} y={box.y} width={box.w} height={box.h} />
    </svg>
  );
  return touching ? (
    <button
      type="button"
      className="subject touching"
      // oxlint-disable-next-line jsx-a11y/no-autofocus -- it was asked for just now, and its keys are of no use elsewhere
      autoFocus
      aria-label="Where the subject is: drag a box round it. Arrows move the box, Shift and arrows size it, Enter takes it, Escape leaves it."
      onKeyDown={onKey}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = at(event);
      }}
      onPointerMove={drag}
      onPointerUp={(event) => {
        drag(event);
        from.current = null;
        if (draft !== null) onTouched(draft);
      }}
    >
      {drawing}
    </button>
  ) : (
    <span className="subject">{drawing}</span>
  );
}
