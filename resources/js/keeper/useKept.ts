import { useEffect, useSyncExternalStore } from "react";
import type { Keeper, Kept, Marks } from "./Keeper";

/** What a keeper keeps, as it changes; while this is on the screen it sends and listens. */
export const useKept = <Draft extends object, Whole extends Marks>(
  keeper: Keeper<Draft, Whole>,
): Kept<Draft, Whole> => {
  useEffect(() => keeper.start(), [keeper]);
  return useSyncExternalStore(keeper.subscribe, keeper.snapshot);
};

/** Whether a key belongs to a field or a dialog, and is no shortcut. */
export const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [role=dialog]") !== null;

/** Undo and redo by the keys everybody knows. */
export const useUndoKeys = <Draft extends object, Whole extends Marks>(keeper: Keeper<Draft, Whole>): void => {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z" || typing(event.target)) return;
      event.preventDefault();
      void (event.shiftKey ? keeper.redo() : keeper.undo());
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [keeper]);
};
