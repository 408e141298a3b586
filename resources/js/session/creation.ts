import { useRef } from "react";

const fresh = (): string => `new-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/** A press so soon after the record was made is the second half of a double one, in ms. */
const DOUBLE_MS = 700;

type Mark = { id: string; of: string; doneAt: number };

/**
 * An id for making one record: sent again while there is no answer, or by the second press of a double one, it makes no second one.
 * `done` ends it, so that the next press makes another.
 */
export const useCreation = (): { writeId: (of?: string) => string; done: () => void } => {
  const mark = useRef<Mark | null>(null);
  return {
    /** @param of what it is made of, where one button makes several: another mark for each */
    writeId: (of = "") => {
      const now = mark.current;
      if (now === null || now.of !== of || now.doneAt < Date.now() - DOUBLE_MS)
        mark.current = { id: fresh(), of, doneAt: Infinity };
      return mark.current!.id;
    },
    done: () => {
      // told again by whoever got the same answer, it is as old as before
      if (mark.current?.doneAt === Infinity) mark.current.doneAt = Date.now();
    },
  };
};
