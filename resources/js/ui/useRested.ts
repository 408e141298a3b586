import { useEffect, useState } from "react";

/** A value once it has stood for so long, in ms; until then the one before, at first `first`. */
export function useRested<T>(value: T, restsMs: number, first: T = value): T {
  const [rested, setRested] = useState(first);
  useEffect(() => {
    const timer = window.setTimeout(() => setRested(value), restsMs);
    return () => window.clearTimeout(timer);
  }, [value, restsMs]);
  return rested;
}
