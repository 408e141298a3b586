import { useEffect, useRef, type KeyboardEvent } from "react";
import type { Option } from "./words";

type Props = { label: string; options: Option[]; value: string; onPick: (value: string) => void; autoFocus?: boolean };

/** A short list of words to choose from; arrow keys move, Enter takes. */
export function ChoiceEditor({ label, options, value, onPick, autoFocus = true }: Props) {
  const list = useRef<HTMLDivElement>(null);

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

  return (
    <div ref={list} className="choice" role="radiogroup" aria-label={label}>
      {options.map((option) => (
        <button
          key={option.value}
          type="button"
          role="radio"
          aria-checked={option.value === value}
          tabIndex={option.value === value ? 0 : -1}
          onClick={() => onPick(option.value)}
          onKeyDown={onKeyDown}
        >
          <span className="choice-words">{option.words}</span>
          <span className="choice-note">{option.note}</span>
        </button>
      ))}
    </div>
  );
}
