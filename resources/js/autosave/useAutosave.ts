import { useEffect, useSyncExternalStore } from "react";
import { typing } from "../ui/keyboard";
import type { Autosave, Autosaved, UndoState } from "./Autosave";

/** What a autosave keeps, as it changes; while this is on the screen it sends and listens. */
export const useAutosave = <Draft extends object, Whole extends UndoState>(
  autosave: Autosave<Draft, Whole>,
): Autosaved<Draft, Whole> => {
  useEffect(() => autosave.start(), [autosave]);
  return useSyncExternalStore(autosave.subscribe, autosave.snapshot);
};

/** Undo and redo by the keys everybody knows. */
export const useUndoKeys = <Draft extends object, Whole extends UndoState>(autosave: Autosave<Draft, Whole>): void => {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z" || typing(event.target)) return;
      event.preventDefault();
      void (event.shiftKey ? autosave.redo() : autosave.undo());
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [autosave]);
};
