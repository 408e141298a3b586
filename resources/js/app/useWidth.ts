import { useEffect, useRef, useState } from "react";

/** The width of a box on the screen, in pixels; 0 until it is known. */
export const useWidth = (): [React.RefObject<HTMLDivElement | null>, number] => {
  const box = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(0);
  useEffect(() => {
    if (box.current === null) return;
    const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)));
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return [box, width];
};
