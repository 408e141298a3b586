import { useEffect, useRef } from "react";

/** Where the Back key is a key of the device, under the thumb. */
const HAND_HELD = "(max-width: 700px), (pointer: coarse)";

let opened = 0;

type Entry = { popup?: number } | null;

/**
 * On a hand-held device, Back closes what is open instead of leaving the room: what opens puts an entry of its own before where the
 * page is.
 */
export const useBackCloses = (isOpen: boolean, onClose: () => void): void => {
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  });
  useEffect(() => {
    if (!isOpen || !window.matchMedia(HAND_HELD).matches) return;
    const own = (opened += 1);
    const { pathname } = window.location;
    window.history.pushState({ ...(window.history.state as object | null), popup: own }, "");
    const onBack = (): void => {
      if (((window.history.state as Entry)?.popup ?? 0) < own) close.current();
    };
    window.addEventListener("popstate", onBack);
    return () => {
      window.removeEventListener("popstate", onBack);
      // closed in another way: its entry goes too, unless somebody has gone on from there
      if ((window.history.state as Entry)?.popup === own && window.location.pathname === pathname)
        window.history.back();
    };
  }, [isOpen]);
};
