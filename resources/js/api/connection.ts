import { useSyncExternalStore } from "react";

/** Whether the server answers itself: false while answers come from what this device has kept, or do not come at all. */
let reached = true;
const listeners = new Set<() => void>();

export const noteReached = (now: boolean): void => {
  if (now === reached) return;
  reached = now;
  for (const listener of listeners) listener();
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useReached = (): boolean => useSyncExternalStore(subscribe, () => reached);
