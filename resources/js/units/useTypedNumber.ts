import { useEffect, useRef, useState } from "react";
import type { Units } from "../api/types";
import { figures, read, show, type Quantity } from "./quantity";

/** Wait this long after the last key before a half-typed number is taken, in ms. */
const TYPING_MS = 350;

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

/** A number that is typed: taken shortly after the last key; what cannot be read stays as it was typed, and says why. */
export const useTypedNumber = ({ label, quantity, units, value, range: [least, most], count = 3, onChange }: Typed) => {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const timer = useRef<number | undefined>(undefined);
  const range = `${shown(least, quantity, units)} to ${shown(most, quantity, units)}`;

  useEffect(() => () => window.clearTimeout(timer.current), []);

  const set = (next: number): void => {
    window.clearTimeout(timer.current);
    setFault(null);
    if (next !== value) onChange(next);
  };
  /** Takes what was typed; true when it could be read and lies in the range. */
  const takeText = (text: string): boolean => {
    window.clearTimeout(timer.current);
    const found = read(text, quantity, units, value);
    if ("fault" in found) {
      setFault(`${label}: ${found.fault}. It takes ${range}.`);
      return false;
    }
    if (found.value < least || found.value > most || (quantity === "count" && !Number.isInteger(found.value))) {
      setFault(`${label} is ${text.trim()}; it must be ${range}.`);
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
      setTyped(text);
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(() => takeText(text), TYPING_MS);
    },
    /** Done typing: true when all is taken. */
    leave: (): boolean => {
      if (typed === null) return true;
      if (!takeText(typed)) return false;
      setTyped(null);
      return true;
    },
    /** Takes a number from elsewhere, such as a button. */
    take: (next: number): void => {
      setTyped(null);
      set(next);
    },
  };
};
