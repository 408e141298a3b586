/** Whose page this is: the key of the account, null while nobody is signed in. Every request says it, and every answer is held to it. */
let present: string | null = null;
const listeners = new Set<() => void>();

export const accountKey = (): string | null => present;

export const setAccountKey = (key: string | null): void => {
  present = key;
};

/** ExpectationPanel when an answer shows that this page's session is over, or that another account has signed in in this browser. */
export const onLost = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const lost = (): void => {
  for (const listener of listeners) listener();
};
