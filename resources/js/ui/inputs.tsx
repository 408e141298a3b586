import { useId, useState } from "react";
import { newGesture } from "../autosave/gesture";
import { useTypedNumber, type TypedNumber } from "../units/useTypedNumber";

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
  const [isNeeded, setNeeded] = useState(false);
  const end = (): void => {
    if (typed === null) return;
    setNeeded(!emptiable && typed.trim() === "");
    setTyped(null);
  };
  return (
    <>
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
          setNeeded(false);
          const kept = text.trim();
          if (kept !== value && (emptiable || kept !== "")) onChange(kept, gesture);
        }}
        onBlur={end}
        onKeyDown={(event) => {
          // inside a form the key sends the form
          if (event.key === "Enter" && event.currentTarget.form === null) end();
        }}
      />
      <FullNote text={typed} most={most} />
      {isNeeded && (
        <span className="note" role="status">
          {label} needs a word; it stays “{value}”.
        </span>
      )}
    </>
  );
}

/** Says that a text has become as long as it may be, while it is typed. */
export function FullNote({ text, most }: { text: string | null; most: number }) {
  if (text === null || text.length < most) return null;
  return (
    <span className="note" role="status">
      {most} characters at the most
    </span>
  );
}

type NumberProps = TypedNumber & { note?: string; bare?: boolean; placeholder?: string };

/** A number with its label above and what to know below. */
export function NumberField({ note, bare = false, placeholder, ...of }: NumberProps) {
  const { label } = of;
  const id = useId();
  const number = useTypedNumber({ count: 4, ...of });
  const input = (
    <input
      id={id}
      aria-describedby={`${id}-note`}
      className={bare ? "plain-input number-input" : undefined}
      aria-label={bare ? label : undefined}
      value={number.text}
      aria-invalid={number.fault !== null}
      placeholder={placeholder}
      autoComplete="off"
      onChange={(event) => number.type(event.target.value)}
      onBlur={number.leave}
      onKeyDown={(event) => {
        if (event.key === "Enter") number.leave();
        // the first lets go of what was typed, the next of what the field stands in
        if (event.key === "Escape" && number.discard()) event.stopPropagation();
      }}
    />
  );
  const said = (number.fault !== null || note !== undefined) && (
    <span
      id={`${id}-note`}
      className={number.fault === null ? "note" : "note fault"}
      role={number.fault === null ? undefined : "alert"}
    >
      {number.fault ?? note}
    </span>
  );
  return bare ? (
    <>
      {input}
      {number.fault !== null && said}
    </>
  ) : (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      {input}
      {said}
    </div>
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
