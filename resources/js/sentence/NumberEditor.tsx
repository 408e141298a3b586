import { useEffect, useId, useRef } from "react";
import type { Span, Units } from "../api/types";
import { rushRanges } from "../generated/ranges";
import { show, step } from "../units/quantity";
import { useTypedNumber } from "../units/useTypedNumber";
import type { NumberField } from "./words";
import type { Draft } from "../rush/draft";

type Props = {
  label: string;
  field: NumberField;
  draft: Draft;
  units: Units;
  /** What to know of it. */
  note?: string | undefined;
  usual?: { span: Span; of: string } | undefined;
  /** Overrides the range of the path. */
  range?: [number, number] | undefined;
  autoFocus?: boolean;
  onChange: (draft: Draft) => void;
  /** Takes two numbers with a dash between. */
  onRange?: ((least: number, most: number) => Draft) | undefined;
  onDone?: () => void;
};

/** One number with its unit: typed, stepped, or taken from what is usual. What cannot be read stays as it was typed. */
export function NumberEditor({
  label,
  field,
  draft,
  units,
  note,
  usual,
  range: own,
  autoFocus = false,
  onChange,
  onRange,
  onDone,
}: Props) {
  const id = useId();
  const value = field.get(draft);
  const input = useRef<HTMLInputElement>(null);
  const [least, most] = own ?? rushRanges[field.path] ?? [-Infinity, Infinity];
  const number = useTypedNumber({
    label,
    quantity: field.quantity,
    units,
    value,
    range: [least, most],
    onChange: (next) => onChange(field.set(draft, next)),
    onRange: onRange && ((from, to) => onChange(onRange(from, to))),
  });
  const { fault } = number;

  useEffect(() => {
    if (!autoFocus) return;
    input.current?.focus();
    input.current?.select();
  }, [autoFocus]);

  const nudge = (by: 1 | -1): void =>
    number.take(Math.min(most, Math.max(least, step(value, by, field.quantity, units))));

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
          data-first={autoFocus ? "" : undefined}
          value={number.text}
          inputMode="text"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={fault !== null}
          aria-describedby={`${id}-note`}
          onChange={(event) => number.type(event.target.value)}
          onBlur={number.leave}
          onKeyDown={(event) => {
            if (event.key === "ArrowUp" || event.key === "ArrowDown") {
              event.preventDefault();
              nudge(event.key === "ArrowUp" ? 1 : -1);
            } else if (event.key === "Escape") number.discard();
            else if (event.key === "Enter") {
              // or the rest of this key press would land on the word that gets the focus back, and open it again
              event.preventDefault();
              if (number.leave()) onDone?.();
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
        {fault ?? number.range}
        {fault === null && note !== undefined && `. ${note}.`}
      </p>
      {usual !== undefined && (
        <p className="note">
          Usual for {usual.of}:{" "}
          {marks.map((mark) => (
            <button key={mark} type="button" className="text-button" onClick={() => number.take(mark)}>
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
