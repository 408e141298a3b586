/** Whether a key belongs to a field or a dialog, and is no shortcut. */
export const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [role=dialog]") !== null;

/** Whether something is open above the page: until it is closed, keys are for it. */
export const isAnythingOpen = (): boolean =>
  [...document.querySelectorAll<HTMLElement>("[role=dialog], .ant-select-open")].some((one) => one.checkVisibility());

/** Whether a press of a key alone is a shortcut: typed nowhere, and nothing is open that it could be meant for. */
export const isShortcut = (event: KeyboardEvent): boolean =>
  !event.ctrlKey && !event.metaKey && !event.altKey && !typing(event.target) && !isAnythingOpen();

const FOCUSABLE =
  "a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex]";

/** What the Tab key stops at inside of something, in its order. */
export const stopsIn = (box: ParentNode): HTMLElement[] =>
  [...box.querySelectorAll<HTMLElement>(FOCUSABLE)].filter(
    (one) => one.tabIndex >= 0 && one.checkVisibility({ visibilityProperty: true }),
  );

/** Keeps the Tab key inside of what is open: from the last stop to the first, and back. */
export const tabInside = (
  event: { key: string; shiftKey: boolean; preventDefault: () => void },
  box: HTMLElement,
): void => {
  if (event.key !== "Tab") return;
  const stops = stopsIn(box);
  const [first, last] = [stops[0], stops.at(-1)];
  const at = document.activeElement;
  const leaves = event.shiftKey ? at === first || at === box : at === last;
  if (!leaves) return;
  event.preventDefault();
  (event.shiftKey ? last : first)?.focus();
};
