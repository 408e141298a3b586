import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Option } from "../rush/draft";

type Props = {
  label: string;
  options: readonly Option[];
  value: string;
  onPick: (value: string) => void;
  autoFocus?: boolean;
  row?: boolean;
};

/** A short list of words to choose from, one below the other or in a labelled row; arrow keys move, Enter takes. */
export function ChoiceEditor({ label, options, value, onPick, autoFocus = true, row = false }: Props) {
  const list = useRef<HTMLDivElement>(null);
  const known = options.some((option) => option.value === value);

  useEffect(() => {
    if (autoFocus)
      (
        list.current?.querySelector<HTMLElement>("[aria-checked=true]") ??
        list.current?.querySelector<HTMLElement>("button")
      )?.focus();
  }, [autoFocus]);

  const onKeyDown = (event: KeyboardEvent): void => {
    const by = { ArrowDown: 1, ArrowUp: -1, ArrowRight: 1, ArrowLeft: -1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const all = [...(list.current?.querySelectorAll<HTMLElement>("button") ?? [])];
    const at = all.indexOf(document.activeElement as HTMLElement);
    all[(at + by + all.length) % all.length]?.focus();
  };

  const choices = (
    <div ref={list} className={row ? "choice-row" : "choice"} role="radiogroup" aria-label={label}>
      {options.map((option, at) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          tabIndex={option.value === value || (at === 0 && !known) ? 0 : -1}
          onClick={() => onPick(option.value)}
          onKeyDown={onKeyDown}
        >
          <span className="choice-words">{option.words}</span>
          {!row && <span className="choice-note">{option.note}</span>}
        </button>
      ))}
    </div>
  );
  if (!row) return choices;
  return (
    <div className="row-of">
      <span className="row-label" aria-hidden="true">
        {label}
      </span>
      {choices}
    </div>
  );
}
