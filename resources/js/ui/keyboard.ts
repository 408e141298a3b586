/** Whether a key belongs to a field or a dialog, and is no shortcut. */
export const typing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [role=dialog]") !== null;
