import { useEffect, useId, useLayoutEffect, useRef, useState } from "react";
import { forgetUnread, keepUnread, unreadOf, useField } from "../units/unread";

type Props<T> = {
  label: string;
  /** What stands there, as it can be typed again. */
  shown: string;
  className: string;
  most: number;
  placeholder?: string;
  read: (text: string) => { value: T } | { fault: string };
  onTake: (value: T) => void;
};

/**
 * A text that stands for something, such as a time or a position: taken when the field is left, whatever way; what cannot be read waits
 * in its place with its message until it is mended, or let go by Escape.
 */
export function ReadInput<T>({ label, shown, className, most, placeholder, read, onTake }: Props<T>) {
  const id = useId();
  const field = useField(label);
  const waiting = field === null ? undefined : unreadOf(field);
  const [typed, setTyped] = useState<string | null>(waiting?.text ?? null);
  const [fault, setFault] = useState<string | null>(waiting?.fault ?? null);
  const forget = (): void => {
    setFault(null);
    if (field !== null) forgetUnread(field);
  };
  const take = (): void => {
    if (typed === null) return;
    const found = read(typed);
    if ("fault" in found) {
      setFault(found.fault);
      if (field !== null) keepUnread(field, typed, found.fault);
      return;
    }
    setTyped(null);
    forget();
    onTake(found.value);
  };
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useLayoutEffect(() => () => latest.current(), []);
  return (
    <>
      <input
        className={className}
        aria-label={label}
        aria-invalid={fault !== null}
        aria-describedby={fault === null ? undefined : id}
        value={typed ?? shown}
        maxLength={most}
        placeholder={placeholder}
        autoComplete="off"
        onChange={(event) => {
          setTyped(event.target.value);
          setFault(null);
        }}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          if (event.key !== "Escape" || typed === null) return;
          event.stopPropagation();
          setTyped(null);
          forget();
          latest.current = () => {};
        }}
      />
      {fault !== null && (
        <span id={id} className="note fault" role="alert">
          {fault}
        </span>
      )}
    </>
  );
}
