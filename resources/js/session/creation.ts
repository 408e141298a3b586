import { useRef } from "react";

const fresh = (): string => `new-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/**
 * A mark for making one record: sent again while there is no answer, it makes no second one. `done` ends it, so that the next press
 * makes another.
 */
export const useCreation = (): { write: () => string; done: () => void } => {
  const mark = useRef<string | null>(null);
  return {
    write: () => (mark.current ??= fresh()),
    done: () => {
      mark.current = null;
    },
  };
};
