import { useCallback, useEffect, useState } from "react";

/** The room inside a box, in pixels. */
const roomOf = (box: HTMLElement): number => {
  const style = getComputedStyle(box);
  return Math.round(box.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight));
};

/** The width of a box on the screen, in pixels; 0 until it is known. Give the first of the three to its `ref`. */
export const useWidth = (): [(node: HTMLDivElement | null) => void, number, HTMLDivElement | null] => {
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const [width, setWidth] = useState(0);
  const attach = useCallback((node: HTMLDivElement | null) => {
    setBox(node);
    // known before anything is painted, so that nothing below jumps
    if (node !== null) setWidth(roomOf(node));
  }, []);
  useEffect(() => {
    if (box === null) return;
    const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)));
    watch.observe(box);
    return () => watch.disconnect();
  }, [box]);
  return [attach, width, box];
};
