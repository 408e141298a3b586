import { useState } from "react";
import type { Units } from "../api/types";
import { newGesture } from "../autosave/gesture";
import { useTypedNumber } from "../units/useTypedNumber";
import type { Quantity } from "../units/quantity";

type TextProps = {
  label: string;
  value: string;
  most?: number;
  className?: string;
  placeholder?: string;
  /** Whether nothing is an answer too. */
  emptiable?: boolean;
  onChange: (text: string, gesture: string) => void;
};

/** A text, kept as it is typed; one go of typing is undone together. An empty one waits for more where it must not be empty. */
export function TextInput({ label, value, most = 60, className, placeholder, emptiable = false, onChange }: TextProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [gesture, setGesture] = useState("");
  return (
    <input
      className={className ?? "plain-input"}
      aria-label={label}
      value={typed ?? value}
      maxLength={most}
      placeholder={placeholder}
      autoComplete="off"
      onFocus={() => setGesture(newGesture("text"))}
      onChange={(event) => {
        const text = event.target.value;
        setTyped(text);
        const kept = text.trim();
        if (kept !== value && (emptiable || kept !== "")) onChange(kept, gesture);
      }}
      onBlur={() => setTyped(null)}
      onKeyDown={(event) => {
        // inside a form the key sends the form
        if (event.key === "Enter" && event.currentTarget.form === null) event.currentTarget.blur();
      }}
    />
  );
}

type NumberProps = {
  label: string;
  note?: string;
  quantity: Quantity;
  units: Units;
  value: number;
  range: [number, number];
  bare?: boolean;
  onChange: (value: number) => void;
};

/** A number with its label above and what to know below. */
export function NumberField({ label, note, quantity, units, value, range, bare = false, onChange }: NumberProps) {
  const number = useTypedNumber({ label, quantity, units, value, range, count: 4, onChange });
  const input = (
    <input
      className={bare ? "plain-input number-input" : undefined}
      aria-label={bare ? label : undefined}
      value={number.text}
      aria-invalid={number.fault !== null}
      autoComplete="off"
      onChange={(event) => number.type(event.target.value)}
      onBlur={number.leave}
      onKeyDown={(event) => {
        if (event.key === "Enter") number.leave();
      }}
    />
  );
  const said = (number.fault !== null || note !== undefined) && (
    <span className={number.fault === null ? "note" : "note fault"} role={number.fault === null ? undefined : "alert"}>
      {number.fault ?? note}
    </span>
  );
  return bare ? (
    <>
      {input}
      {number.fault !== null && said}
    </>
  ) : (
    <label className="field">
      {label}
      {input}
      {said}
    </label>
  );
}

type ChoiceProps<T extends string> = {
  label: string;
  value: T;
  options: readonly { value: T; words: string }[];
  onChange: (value: T) => void;
};

/** One of a few words. */
export function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <select
      className="plain-input"
      aria-label={label}
      value={value}
      onChange={(event) => onChange(event.target.value as T)}
    >
      {options.map((one) => (
        <option key={one.value} value={one.value}>
          {one.words}
        </option>
      ))}
    </select>
  );
}

/** Takes one entry out of a list. */
export function TakeOut({ what, onClick }: { what: string; onClick: () => void }) {
  return (
    <button type="button" className="quiet" aria-label={`take out ${what}`} onClick={onClick}>
      take out
    </button>
  );
}
