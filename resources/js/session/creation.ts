import { useRef } from "react";

const fresh = (): string => `new-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/**
 * A id for making one record: sent again while there is no answer, it makes no second one. `done` ends it, so that the next press
 * makes another.
 */
export const useCreation = (): { writeId: () => string; done: () => void } => {
  const id = useRef<string | null>(null);
  return {
    writeId: () => (id.current ??= fresh()),
    done: () => {
      id.current = null;
    },
  };
};
