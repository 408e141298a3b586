import { stopsIn } from "./keyboard";

/** Frames a room may take to show what comes in the place of what has gone. */
const PATIENCE = 12;

const isField = (one: HTMLElement): boolean => one.matches("input:not([type=checkbox], [type=radio]), textarea");

/** Where the focus goes inside of what is left: where a room wants its visitors, to the stop in the same place, to its heading, or to itself. */
const placeIn = (box: HTMLElement, index: number, byKey: boolean): HTMLElement => {
  const wanted = box.querySelector<HTMLElement>("[data-arrive]");
  if (wanted !== null) return wanted;
  // a field that is given the focus opens the keyboard of a phone
  const stops = stopsIn(box).filter((one) => byKey || !isField(one));
  const heading = box.querySelector<HTMLElement>("h1, h2, h3");
  if (box.id === "room") return heading ?? box;
  return stops[Math.min(index, stops.length - 1)] ?? heading ?? box;
};

/**
 * Gives the focus a place again when what had it has gone: it never falls back to the top of the page. What waits for an answer and is
 * switched off meanwhile has it again afterwards; what has gone leaves it to what stands there now. Where a room takes long to show what it
 * wants its visitors to come to, they wait at the room, and go on as soon as it is there unless they have gone elsewhere.
 */
export const keepFocus = (): void => {
  let last: HTMLElement | null = null;
  let around: HTMLElement[] = [];
  let index = 0;
  let byKey = false;
  let frame = 0;
  let waitsAt: HTMLElement | null = null;

  document.addEventListener("focusin", ({ target }) => {
    if (!(target instanceof HTMLElement) || target === document.body) return;
    last = target;
    around = [];
    for (
      let one = target.parentElement;
      one !== null && one !== document.body && one.id !== "root";
      one = one.parentElement
    )
      around.push(one);
    index = around[0] === undefined ? 0 : Math.max(0, stopsIn(around[0]).indexOf(target));
  });
  const begun = (withKey: boolean) => (): void => {
    byKey = withKey;
    waitsAt = null;
  };
  document.addEventListener("keydown", begun(true), true);
  document.addEventListener("pointerdown", begun(false), true);

  const look = (patience: number): void => {
    if (waitsAt !== null && document.activeElement === waitsAt) {
      const wanted = document.querySelector<HTMLElement>("#room [data-arrive]");
      if (wanted === null) return;
      waitsAt = null;
      wanted.focus({ preventScroll: true });
      return;
    }
    if (last === null || (document.activeElement ?? document.body) !== document.body) return;
    const isOff = last.matches(":disabled");
    if (last.isConnected && last.checkVisibility()) {
      // switched off while it waits for an answer, and on again
      if (!isOff && last.dataset["waited"] !== undefined) {
        delete last.dataset["waited"];
        last.focus({ preventScroll: true });
      } else if (isOff) last.dataset["waited"] = "";
      return;
    }
    if (patience > 0) {
      frame = window.requestAnimationFrame(() => look(patience - 1));
      return;
    }
    const box = around.find((one) => one.isConnected && one.checkVisibility()) ?? document.getElementById("room");
    if (box === null) return;
    const to = placeIn(box, index, byKey);
    if (!to.matches("a[href], button, input, select, textarea, [tabindex]")) to.tabIndex = -1;
    waitsAt = box.id === "room" && to.dataset["arrive"] === undefined ? to : null;
    to.focus({ preventScroll: true });
  };
  new MutationObserver(() => {
    window.cancelAnimationFrame(frame);
    look(PATIENCE);
  }).observe(document.body, {
    subtree: true,
    childList: true,
    attributes: true,
    attributeFilter: ["disabled", "class", "style"],
  });
};
