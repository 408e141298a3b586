import { useEffect, useState } from "react";

/** The hand may rest so long before what is dear to draw follows it, in ms. */
const REST_MS = 250;

/** Where the hand came to rest last. */
export function useRested(at: number): number {
  const [rested, setRested] = useState(at);
  useEffect(() => {
    const timer = window.setTimeout(() => setRested(at), REST_MS);
    return () => window.clearTimeout(timer);
  }, [at]);
  return rested;
}
