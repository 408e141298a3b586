import { useMutation } from "@tanstack/react-query";
import { useCallback } from "react";
import { request } from "../api/client";
import type { Aside } from "../autosave/Timeline";
import { useAccount } from "./boot";
import { inTurn } from "./inTurn";

/** How a change of a figure is told: what it is, as it was, as it is. */
export type FigureWords = { what: string; from: string; to: string };

/** A change of an assumed figure: this account's own value, or null for the default; and how it is told. */
export type FigureChange = { name: string; from: number | null; to: number | null; words: FigureWords };

type Given = { name: string; value: number | null; words: FigureWords };

/** Puts a value of this account's own for an assumed figure, or its default back (null); one write after the other. */
const usePut = () => {
  const { takeUser } = useAccount();
  return useCallback(
    async (name: string, value: number | null): Promise<void> => {
      const { user } = await inTurn(() => request("PUT", "assumptions", { assumptions: { [name]: value } }));
      takeUser({ assumptions: user.assumptions });
    },
    [takeUser],
  );
};

/** Gives an assumed figure another value, and tells of the change. */
export const usePutFigure = (onChanged: (change: FigureChange) => void) => {
  const { user } = useAccount();
  const put = usePut();
  return useMutation({
    mutationFn: async ({ name, value, words }: Given): Promise<FigureChange> => {
      const from = user.assumptions[name] ?? null;
      await put(name, value);
      return { name, from, to: value, words };
    },
    onSuccess: onChanged,
  });
};

/** A change of a figure as a step that can be taken back and again; `after` follows either way. */
export const useFigureStep = (after: (change: FigureChange) => void): ((change: FigureChange) => Aside) => {
  const put = usePut();
  return useCallback(
    (change) => ({
      undo: async () => {
        await put(change.name, change.from);
        const { what, from, to } = change.words;
        after({ ...change, from: change.to, to: change.from, words: { what, from: to, to: from } });
      },
      redo: async () => {
        await put(change.name, change.to);
        after(change);
      },
    }),
    [put, after],
  );
};

type Follows = { did: (aside: Aside) => void; refresh: () => Promise<void> };

/** What a room does when a figure was changed in it: a step of its record's own order, and an answer that rests on it. */
export const useAssume = (record: Follows): ((change: FigureChange) => void) => {
  const after = useCallback(() => void record.refresh(), [record]);
  const step = useFigureStep(after);
  return useCallback(
    (change) => {
      record.did(step(change));
      after();
    },
    [record, step, after],
  );
};
