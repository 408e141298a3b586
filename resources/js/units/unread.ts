import { createContext, useContext, useSyncExternalStore } from "react";
import { accountKey } from "../session/account";
import { begunKey } from "../session/unsent";

/** What was typed into a field and could not be taken, and why; it waits where it was typed until it is mended or let go. */
export type Unread = { text: string; fault: string };

type Kept = Record<string, Unread>;

/** Fields whose text waits at the most; older ones are let go. */
const KEPT = 24;

const place = (): string => begunKey(accountKey() ?? "", "typed");

const load = (): Kept => {
  try {
    return JSON.parse(localStorage.getItem(place()) ?? "{}") as Kept;
  } catch {
    return {};
  }
};

let kept: Kept | null = null;
let account: string | null = null;
const listeners = new Set<() => void>();

/** All there is of this account; another account's is read anew. */
const all = (): Kept => {
  const now = place();
  if (kept === null || account !== now) [kept, account] = [load(), now];
  return kept;
};

const put = (next: Kept): void => {
  kept = next;
  const entries = Object.entries(next).slice(-KEPT);
  if (entries.length === 0) localStorage.removeItem(place());
  else localStorage.setItem(place(), JSON.stringify(Object.fromEntries(entries)));
  for (const listener of listeners) listener();
};

export const keepUnread = (field: string, text: string, fault: string): void => {
  const { [field]: _, ...others } = all();
  put({ ...others, [field]: { text, fault } });
};

export const forgetUnread = (field: string): void => {
  if (all()[field] === undefined) return;
  const { [field]: _, ...others } = all();
  put(others);
};

/** Lets go of all that waits in a place. */
export const forgetUnreadIn = (within: string): void => {
  for (const field of Object.keys(all())) if (field.startsWith(`${within}/`)) forgetUnread(field);
};

export const unreadOf = (field: string): Unread | undefined => all()[field];

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

/** What waits in fields of a place, such as a word of a sentence. */
export const useUnread = (within: string): [field: string, Unread][] =>
  Object.entries(useSyncExternalStore(subscribe, all)).filter(([field]) => field.startsWith(`${within}/`));

/** Where fields stand, as a path: a record, and a part of it. A field without a place keeps nothing when it goes. */
const Place = createContext<string | null>(null);
export const PlaceOfFields = Place.Provider;

/** The field's own name among all there are. */
export const useField = (label: string): string | null => {
  const within = useContext(Place);
  return within === null ? null : `${within}/${label}`;
};
