import { useEffect, useId, useRef, useState } from "react";
import type { Span, Units } from "../api/types";
import { rushRanges } from "../generated/ranges";
import { read, show, step } from "../units/quantity";
import type { NumberField } from "./words";
import type { Draft } from "./draft";

type Props = {
  label: string;
  field: NumberField;
  draft: Draft;
  units: Units;
  usual?: { span: Span; of: string } | undefined;
  /** Overrides the range of the path. */
  range?: [number, number];
  autoFocus?: boolean;
  onChange: (draft: Draft) => void;
  onDone?: () => void;
};

/** Wait this long after the last key before a half-typed number is taken, in ms. */
const TYPING_MS = 350;

/** One number with its unit: typed, stepped, or taken from what is usual. What cannot be read stays as it was typed. */
export function NumberEditor({
  label,
  field,
  draft,
  units,
  usual,
  range: own,
  autoFocus = false,
  onChange,
  onDone,
}: Props) {
  const id = useId();
  const value = field.get(draft);
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const timer = useRef<number | undefined>(undefined);
  const [least, most] = own ?? rushRanges[field.path] ?? [-Infinity, Infinity];
  const range = `${show(least, field.quantity, units)} to ${show(most, field.quantity, units)}`;

  useEffect(() => {
    if (autoFocus) {
      input.current?.focus();
      input.current?.select();
    }
    return () => window.clearTimeout(timer.current);
  }, [autoFocus]);

  const take = (next: number): void => {
    setFault(null);
    if (next !== value) onChange(field.set(draft, next));
  };

  /** Takes what was typed; true when it could be read and lies in the range. */
  const takeTyped = (text: string): boolean => {
    window.clearTimeout(timer.current);
    const found = read(text, field.quantity, units, value);
    if ("fault" in found) {
      setFault(`${label}: ${found.fault}. It takes ${range}.`);
      return false;
    }
    if (found.value < least || found.value > most) {
      setFault(`${label} is ${text.trim()}; it must be ${range}.`);
      return false;
    }
    take(found.value);
    return true;
  };

  const type = (text: string): void => {
    setTyped(text);
    window.clearTimeout(timer.current);
    timer.current = window.setTimeout(() => takeTyped(text), TYPING_MS);
  };

  const nudge = (by: 1 | -1): void => {
    window.clearTimeout(timer.current);
    setTyped(null);
    take(Math.min(most, Math.max(least, step(value, by, field.quantity, units))));
  };

  const marks = usual === undefined ? [] : [...new Set([usual.span.least, usual.span.typical, usual.span.most])];

  return (
    <div className="number">
      <label htmlFor={id}>{label}</label>
      <div className="number-row">
        <button type="button" className="nudge" aria-label={`less ${label}`} onClick={() => nudge(-1)}>
          −
        </button>
        <input
          id={id}
          ref={input}
          value={typed ?? show(value, field.quantity, units)}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={fault !== null}
          aria-describedby={`${id}-note`}
          onChange={(event) => type(event.target.value)}
          onBlur={() => {
            if (typed !== null && takeTyped(typed)) setTyped(null);
          }}
          onKeyDown={(event) => {
            if (event.key === "ArrowUp" || event.key === "ArrowDown") {
              event.preventDefault();
              nudge(event.key === "ArrowUp" ? 1 : -1);
            } else if (event.key === "Enter") {
              // or the rest of this key press would land on the word that gets the focus back, and open it again
              event.preventDefault();
              if (typed === null || takeTyped(typed)) {
                setTyped(null);
                onDone?.();
              }
            }
          }}
        />
        <button type="button" className="nudge" aria-label={`more ${label}`} onClick={() => nudge(1)}>
          +
        </button>
      </div>
      <p
        id={`${id}-note`}
        className={fault === null ? "note" : "note fault"}
        role={fault === null ? undefined : "alert"}
      >
        {fault ?? `${range}`}
      </p>
      {usual !== undefined && (
        <p className="note">
          Usual for {usual.of}:{" "}
          {marks.map((mark) => (
            <button key={mark} type="button" className="mark" onClick={() => (setTyped(null), take(mark))}>
              {show(mark, field.quantity, units)}
            </button>
          ))}
          <br />
          typically {show(usual.span.typical, field.quantity, units)} · {usual.span.origin}
        </p>
      )}
    </div>
  );
}
