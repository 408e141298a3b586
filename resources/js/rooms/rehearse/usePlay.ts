import { useCallback, useEffect, useRef, useState } from "react";
import { typing } from "../../ui/keyboard";
import { besideFrame, nearestFrame, type Take } from "./rehearsal";

/** How fast a second of the pass goes by. */
export const rates = [
  { value: 1, words: "full speed" },
  { value: 0.25, words: "¼" },
  { value: 0.1, words: "⅒" },
] as const;

export type Playing = {
  time: number;
  plays: boolean;
  rate: number;
  loops: boolean;
  setTime: (seconds: number) => void;
  setRate: (rate: number) => void;
  setLoops: (loops: boolean) => void;
  toggle: () => void;
  step: (by: 1 | -1) => void;
};

const REDUCED = "(prefers-reduced-motion: reduce)";

/** How long each frame stays when motion is reduced, in ms. */
const STEP_MS = 700;

/** Where a pass has come to while it is played. Where somebody asks for less motion it goes from frame to frame instead of running. */
export function usePlay(take: Take | undefined): Playing {
  const [time, setTime] = useState<number | null>(null);
  const [plays, setPlays] = useState(false);
  const [rate, setRate] = useState<number>(0.25);
  const [loops, setLoops] = useState(false);
  const duration = take?.scene.duration_s ?? 0;
  const frames = take?.tried ?? take;
  // it opens on the frame nearest to where the plan has it
  const shown = time ?? (take === undefined ? 0 : nearestFrame(take, take.scene.meet_s));
  const now = useRef(shown);
  useEffect(() => {
    now.current = shown;
  }, [shown]);

  const step = useCallback(
    (by: 1 | -1) => {
      setPlays(false);
      if (frames !== undefined) setTime(besideFrame(frames, now.current, by, duration));
    },
    [frames, duration],
  );
  const toggle = useCallback(() => {
    setPlays((was) => {
      if (!was && now.current >= duration - 0.01) setTime(0);
      return !was;
    });
  }, [duration]);

  useEffect(() => {
    if (!plays || frames === undefined) return;
    const ended = (): boolean => {
      if (loops) setTime(0);
      else setPlays(false);
      return !loops;
    };
    if (window.matchMedia(REDUCED).matches) {
      const timer = window.setInterval(() => {
        const next = besideFrame(frames, now.current, 1, duration);
        if (next >= duration && now.current >= duration - 0.01) ended();
        else setTime(next);
      }, STEP_MS);
      return () => window.clearInterval(timer);
    }
    let last = performance.now();
    let asked = 0;
    const run = (at: number): void => {
      const next = now.current + ((at - last) / 1000) * rate;
      last = at;
      if (next >= duration) {
        setTime(duration);
        if (ended()) return;
      } else setTime(next);
      asked = requestAnimationFrame(run);
    };
    asked = requestAnimationFrame(run);
    return () => cancelAnimationFrame(asked);
  }, [plays, rate, loops, duration, frames]);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      // the slider of the time has its own arrows, and a button its own space
      const range = target instanceof HTMLInputElement && target.type === "range";
      if (typing(target) && !range) return;
      const button = target instanceof HTMLElement && target.closest("button, a, [role=gridcell]") !== null;
      if (event.key === " " && !button) toggle();
      else if (event.key === "ArrowRight" && !button) step(1);
      else if (event.key === "ArrowLeft" && !button) step(-1);
      else return;
      event.preventDefault();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [toggle, step]);

  return {
    time: Math.min(shown, duration),
    plays,
    rate,
    loops,
    setTime: useCallback((seconds: number) => {
      setPlays(false);
      setTime(seconds);
    }, []),
    setRate,
    setLoops,
    toggle,
    step,
  };
}
