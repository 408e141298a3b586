import { useEffect, useLayoutEffect, useState } from "react";

/** The width of a box on the screen, in pixels; 0 until it is known. Give the first of the three to its `ref`. */
export const useWidth = (): [(node: HTMLDivElement | null) => void, number, HTMLDivElement | null] => {
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const [width, setWidth] = useState(0);
  // known before anything is painted, so that nothing below jumps
  useLayoutEffect(() => {
    if (box === null) return;
    const style = getComputedStyle(box);
    setWidth(Math.round(box.clientWidth - parseFloat(style.paddingLeft) - parseFloat(style.paddingRight)));
  }, [box]);
  useEffect(() => {
    if (box === null) return;
    const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)));
    watch.observe(box);
    return () => watch.disconnect();
  }, [box]);
  return [setBox, width, box];
};
