import { useLayoutEffect, useRef, type ReactNode } from "react";

type Props = { anchor: () => HTMLElement | null; children: ReactNode };

/** Lays its children under a word, inside the window from side to side. */
export function AnchoredPopup({ anchor, children }: Props) {
  const box = useRef<HTMLDivElement>(null);

  useLayoutEffect(() => {
    const place = (): void => {
      const word = anchor()?.getClientRects();
      const panel = box.current;
      // a word that breaks over two lines opens under its last
      const last = word?.[word.length - 1];
      if (panel === null || last === undefined) return;
      const room = document.documentElement.clientWidth;
      panel.style.left = `${Math.max(8, Math.min(last.left, room - panel.offsetWidth - 8)) + window.scrollX}px`;
      panel.style.top = `${last.bottom + 3 + window.scrollY}px`;
    };
    place();
    window.addEventListener("resize", place);
    return () => window.removeEventListener("resize", place);
  });

  return (
    <div ref={box} className="under">
      {children}
    </div>
  );
}
