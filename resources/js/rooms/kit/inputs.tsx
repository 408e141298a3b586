import { useState } from "react";
import type { Units } from "../../api/types";
import { newGesture } from "../../keeper/gesture";
import { useTypedNumber } from "../../units/useTypedNumber";
import type { Quantity } from "../../units/quantity";
import { menuOf, whereKind, whereKinds, type Control, type Where, type WhereKind } from "./kit";

type TextProps = {
  label: string;
  value: string;
  most?: number;
  className?: string;
  placeholder?: string;
  /** Whether nothing is an answer too. */
  emptiable?: boolean;
  onTake: (text: string, gesture: string) => void;
};

/** A text, kept as it is typed; one go of typing is undone together. An empty one waits for more where it must not be empty. */
export function TextInput({ label, value, most = 60, className, placeholder, emptiable = false, onTake }: TextProps) {
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
        if (kept !== value && (emptiable || kept !== "")) onTake(kept, gesture);
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
  onTake: (value: number) => void;
};

/** A number with its label above and what to know below. */
export function NumberField({ label, note, quantity, units, value, range, bare = false, onTake }: NumberProps) {
  const number = useTypedNumber({ label, quantity, units, value, range, count: 4, onTake });
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
  options: { value: T; words: string }[];
  onTake: (value: T) => void;
};

/** One of a few words. */
export function Choice<T extends string>({ label, value, options, onTake }: ChoiceProps<T>) {
  return (
    <select
      className="plain-input"
      aria-label={label}
      value={value}
      onChange={(event) => onTake(event.target.value as T)}
    >
      {options.map((one) => (
        <option key={one.value} value={one.value}>
          {one.words}
        </option>
      ))}
    </select>
  );
}

type WhereProps = {
  of: string;
  where: Where;
  controls: Control[];
  onTake: (where: Where, gesture: string) => void;
};

/** Where a setting lives: a path through the menu, a dial, a key and a dial, or a lever. */
export function WhereEditor({ of, where, controls, onTake }: WhereProps) {
  const kind = whereKind(where);
  const turnTo = (next: WhereKind): void =>
    onTake(
      next === "menu"
        ? { menu: ["Menu"] }
        : next === "turn"
          ? { turn: "the rear dial" }
          : next === "press"
            ? { press: controls[0]?.id ?? "a key", turn: "the rear dial" }
            : { lever: "switch on the lens" },
      newGesture("where"),
    );
  return (
    <span className="where">
      <Choice
        label={`Where ${of} lives`}
        value={kind}
        options={(Object.keys(whereKinds) as WhereKind[]).map((value) => ({ value, words: whereKinds[value] }))}
        onTake={turnTo}
      />
      {kind === "menu" && (
        <TextInput
          label={`Way through the menu to ${of}`}
          value={(where.menu ?? []).join(" › ")}
          most={240}
          placeholder="Menu › page › entry"
          onTake={(text, gesture) => {
            const menu = menuOf(text);
            if (menu.length > 0) onTake({ menu } as Where, gesture);
          }}
        />
      )}
      {kind === "press" && (
        <>
          <Choice
            label={`Key held for ${of}`}
            value={where.press ?? ""}
            options={[
              ...(controls.some((one) => one.id === where.press)
                ? []
                : [{ value: where.press ?? "", words: where.press ?? "" }]),
              ...controls.map((one) => ({ value: one.id, words: one.name })),
            ]}
            onTake={(press) => onTake({ ...where, press }, newGesture("where"))}
          />
          <TextInput
            label={`Dial turned for ${of}`}
            value={where.turn ?? ""}
            onTake={(turn, gesture) => onTake({ ...where, turn }, gesture)}
          />
        </>
      )}
      {kind === "turn" && (
        <TextInput
          label={`Dial for ${of}`}
          value={where.turn ?? ""}
          placeholder="the rear dial"
          onTake={(turn, gesture) => onTake({ turn }, gesture)}
        />
      )}
      {kind === "lever" && (
        <TextInput
          label={`Lever for ${of}`}
          value={where.lever ?? ""}
          onTake={(lever, gesture) => onTake({ lever }, gesture)}
        />
      )}
    </span>
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
