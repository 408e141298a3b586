import { useEffect, useLayoutEffect, useRef, useState } from "react";
import type { Units } from "../api/types";
import { shownToType, type Quantity } from "./quantity";
import { read, readRange, unitAlone, type Read, type Reading } from "./read";
import { forgetUnread, keepUnread, unreadOf, useField } from "./unread";

/** Wait this long after a key before what can be read is taken, in ms. */
const TAKE_MS = 40;

/** Wait this long after the last key before it is told that something cannot be read, in ms. */
const TELL_MS = 400;

export type TypedNumber = {
  label: string;
  quantity: Quantity;
  units: Units;
  /** Null where nobody has said. */
  value: number | null;
  range: [number, number];
  /** Significant figures it is shown with. */
  count?: number;
  /** Reads what is written in a way of its own; null leaves it to the usual reading. */
  reads?: ((text: string, reading: Reading) => Read | null) | undefined;
  onChange: (value: number) => void;
  /** The range of two numbers, where it is wider than that of one. */
  both?: [number, number] | undefined;
  /** Takes two numbers with a dash between, where the field stands for both ends of something. */
  onRange?: ((least: number, most: number) => void) | undefined;
  /** Takes it that nobody knows, where that is an answer too. */
  onEmpty?: (() => void) | undefined;
};

/**
 * A number that is typed: taken at every key that leaves one; what cannot be read stays as it was typed, and says why once no other key
 * follows. What is on its way to another number leaves no trace: each is taken as if it were typed in the place of the first.
 * Whatever way the field is left, what can be read is taken and what cannot waits in its place; only Escape lets it go.
 */
export const useTypedNumber = (of: TypedNumber) => {
  const { label, quantity, units, value, range, count = 3, reads, onChange, onRange, onEmpty } = of;
  const [least, most] = range;
  const field = useField(label);
  const waiting = field === null ? undefined : unreadOf(field);
  const [typed, setTyped] = useState<string | null>(waiting?.text ?? null);
  const [fault, setFault] = useState<string | null>(waiting?.fault ?? null);
  const timers = useRef<number[]>([]);
  /** The value, its unit and what a change of it means, as they were when typing began. */
  const begun = useRef<{ value: number | null; onChange: (value: number) => void } | null>(null);
  // where nothing stands yet, a number alone is in the unit of what it may be at the least
  const inUse = (begun.current === null ? value : begun.current.value) ?? Math.max(1, least);
  const alone = unitAlone(quantity, units, inUse);
  const limits = `${shownToType(least, quantity, units)} to ${shownToType(most, quantity, units)}`;

  const still = (): void => {
    for (const timer of timers.current.splice(0)) window.clearTimeout(timer);
  };

  const set = (next: number): void => {
    setFault(null);
    if (field !== null) forgetUnread(field);
    if (next !== value) (begun.current?.onChange ?? onChange)(next);
  };
  const setRange = (from: number, to: number): true => {
    setFault(null);
    if (field !== null) forgetUnread(field);
    onRange?.(from, to);
    return true;
  };
  const refuse = (text: string, why: string): void => {
    setFault(why);
    if (field !== null) keepUnread(field, text, why);
  };
  /** Takes what was typed, or says why it cannot be; true when it could be read and lies in the range. */
  const takeText = (text: string, tell: (text: string, fault: string) => void): boolean => {
    if (text.trim() === "" && onEmpty !== undefined) {
      setFault(null);
      if (field !== null) forgetUnread(field);
      if (value !== null) onEmpty();
      return true;
    }
    const reading: Reading = { quantity, units, shown: inUse, range };
    const ends = onRange === undefined ? null : readRange(text, reading);
    if (ends !== null && "range" in ends && ends.range[0] < ends.range[1]) {
      const [from, to] = of.both ?? range;
      if (ends.range[0] >= from && ends.range[1] <= to) return setRange(...ends.range);
      tell(text, `${label} is ${text.trim()}; it must be ${limits}.`);
      return false;
    }
    const found = reads?.(text, reading) ?? read(text, reading);
    if ("fault" in found) {
      tell(text, `${label}: ${found.fault}. It takes ${limits}.`);
      return false;
    }
    if (found.value < least || found.value > most || (quantity === "count" && !Number.isInteger(found.value))) {
      const engraved = quantity === "time" && found.value >= 1 && 1 / found.value >= least && 1 / found.value <= most;
      const meant = engraved ? ` For 1/${text.trim()} s type 1/${text.trim()}.` : "";
      tell(text, `${label} is ${text.trim()}; it must be ${limits}.${meant}`);
      return false;
    }
    set(found.value);
    return true;
  };

  const leave = (): boolean => {
    still();
    if (typed === null) return true;
    if (!takeText(typed, refuse)) return false;
    setTyped(null);
    begun.current = null;
    return true;
  };
  const latest = useRef(leave);
  useEffect(() => {
    latest.current = leave;
  });
  // before the record it belongs to stops sending
  useLayoutEffect(() => () => void latest.current(), []);
  // another number may have made room for this one
  const isRefused = fault !== null && typed !== null;
  useEffect(() => {
    if (isRefused) latest.current();
    // oxlint-disable-next-line react-hooks/exhaustive-deps -- asked again when the limits move, not when it is refused
  }, [least, most]);

  return {
    text: typed ?? (value === null ? "" : shownToType(value, quantity, units, count)),
    fault,
    /** What it takes, and what a number alone is in. */
    range: alone === null ? limits : `${limits}; a number alone is in ${alone}`,
    type: (text: string): void => {
      begun.current ??= { value, onChange };
      setTyped(text);
      still();
      timers.current = [
        window.setTimeout(() => takeText(text, () => {}), TAKE_MS),
        window.setTimeout(() => takeText(text, refuse), TELL_MS),
      ];
    },
    /** Done typing: true when all is taken. */
    leave,
    /** Lets go of what was typed: the number is again what it was; false when nothing was typed. */
    discard: (): boolean => {
      still();
      if (typed === null) return false;
      const from = begun.current;
      setTyped(null);
      setFault(null);
      if (field !== null) forgetUnread(field);
      latest.current = () => true;
      if (from?.value === null) onEmpty?.();
      else if (from !== null && from.value !== value) from.onChange(from.value);
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
