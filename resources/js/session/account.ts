/** Whose page this is: the key of the account, null while nobody is signed in. Every request says it, and every answer is held to it. */
let present: string | null = null;
const listeners = new Set<() => void>();

export const accountKey = (): string | null => present;

export const setAccountKey = (key: string | null): void => {
  present = key;
};

/** Hears when an answer shows that this page's session is over, or that another account has signed in in this browser. */
export const onLost = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const filling = new Set<() => void>();

/** Hears when an answer shows that an archive is being put into the account of this page. */
export const onFilling = (listener: () => void): (() => void) => {
  filling.add(listener);
  return () => filling.delete(listener);
};

export const isBeingFilled = (): void => {
  for (const listener of filling) listener();
};

export const lost = (): void => {
  for (const listener of listeners) listener();
};
