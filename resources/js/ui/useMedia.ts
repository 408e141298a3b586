import { useCallback, useSyncExternalStore } from "react";

/** Whether a media query holds now, as in "(max-width: 700px)". */
export const useMedia = (query: string): boolean => {
  const subscribe = useCallback(
    (changed: () => void) => {
      const list = window.matchMedia(query);
      list.addEventListener("change", changed);
      return () => list.removeEventListener("change", changed);
    },
    [query],
  );
  return useSyncExternalStore(subscribe, () => window.matchMedia(query).matches);
};
