import { useEffect, useRef, type ReactNode } from "react";
import { useBackCloses } from "./useBack";
import { tabInside } from "./keyboard";

/** Frames to wait for what is opened to be shown, before the focus can go there. */
const TRIES = 30;

type Props = { label: string; className: string; name?: string | undefined; onClose: () => void; children: ReactNode };

/**
 * A box that opens beside what it is about. The focus goes into it: to the field that asks for it, else to the box. Tab goes
 * round inside; Escape closes it from anywhere.
 */
export function Sheet({ label, className, name, onClose, children }: Props) {
  const box = useRef<HTMLDivElement>(null);
  useBackCloses(true, onClose);

  useEffect(() => {
    let frame = 0;
    const enter = (tries: number): void => {
      const sheet = box.current;
      if (sheet === null || sheet.contains(document.activeElement)) return;
      (sheet.querySelector<HTMLElement>("[data-first]") ?? sheet).focus({ preventScroll: true });
      if (tries > 0) frame = window.requestAnimationFrame(() => enter(tries - 1));
    };
    enter(TRIES);
    return () => window.cancelAnimationFrame(frame);
  }, []);

  return (
    // oxlint-disable-next-line jsx-a11y/no-noninteractive-element-interactions -- the keys are for whatever inside has the focus
    <div
      ref={box}
      className={className}
      role="dialog"
      aria-label={label}
      data-editor={name}
      tabIndex={-1}
      onKeyDown={(event) => {
        tabInside(event, event.currentTarget);
        if (event.key !== "Escape") return;
        event.stopPropagation();
        onClose();
      }}
    >
      {children}
      <button type="button" className="done" onClick={onClose}>
        Done
      </button>
    </div>
  );
}
