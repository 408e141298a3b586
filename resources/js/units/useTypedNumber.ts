import { useEffect, useRef, useState } from "react";
import type { Units } from "../api/types";
import { figures, read, show, type Quantity } from "./quantity";

/** Wait this long after a key before what can be read is taken, in ms. */
const TAKE_MS = 40;

/** Wait this long after the last key before it is told that something cannot be read, in ms. */
const TELL_MS = 400;

type Typed = {
  label: string;
  quantity: Quantity;
  units: Units;
  value: number;
  range: [number, number];
  /** Significant figures it is shown with. */
  count?: number;
  onChange: (value: number) => void;
};

/** A number as it is shown where it is typed. */
export const shown = (value: number, quantity: Quantity, units: Units, count = 3): string =>
  quantity === "plain" || quantity === "count" ? figures(value, 6) : show(value, quantity, units, count);

/**
 * A number that is typed: taken at every key that leaves one; what cannot be read stays as it was typed, and says why once no other key
 * follows. What is on its way to another number leaves no trace: each is taken as if it were typed in the place of the first.
 */
export const useTypedNumber = ({ label, quantity, units, value, range: [least, most], count = 3, onChange }: Typed) => {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const timers = useRef<number[]>([]);
  /** The value, its unit and what a change of it means, as they were when typing began. */
  const begun = useRef<{ value: number; onChange: (value: number) => void } | null>(null);
  const range = `${shown(least, quantity, units)} to ${shown(most, quantity, units)}`;

  const still = (): void => {
    for (const timer of timers.current.splice(0)) window.clearTimeout(timer);
  };
  useEffect(() => still, []);

  const set = (next: number): void => {
    setFault(null);
    if (next !== value) (begun.current?.onChange ?? onChange)(next);
  };
  /** Takes what was typed, or says why it cannot be; true when it could be read and lies in the range. */
  const takeText = (text: string, tell: (fault: string) => void): boolean => {
    const found = read(text, quantity, units, begun.current?.value ?? value);
    if ("fault" in found) {
      tell(`${label}: ${found.fault}. It takes ${range}.`);
      return false;
    }
    if (found.value < least || found.value > most || (quantity === "count" && !Number.isInteger(found.value))) {
      tell(`${label} is ${text.trim()}; it must be ${range}.`);
      return false;
    }
    set(found.value);
    return true;
  };

  return {
    text: typed ?? shown(value, quantity, units, count),
    fault,
    range,
    type: (text: string): void => {
      begun.current ??= { value, onChange };
      setTyped(text);
      still();
      timers.current = [
        window.setTimeout(() => takeText(text, () => {}), TAKE_MS),
        window.setTimeout(() => takeText(text, setFault), TELL_MS),
      ];
    },
    /** Done typing: true when all is taken. */
    leave: (): boolean => {
      still();
      if (typed === null) return true;
      if (!takeText(typed, setFault)) return false;
      setTyped(null);
      begun.current = null;
      return true;
    },
    /** Takes a number from elsewhere, such as a button. */
    take: (next: number): void => {
      still();
      setTyped(null);
      begun.current = null;
      set(next);
    },
  };
};
