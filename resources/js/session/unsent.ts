import { browserShelf } from "../files/shelf";

/** What this browser keeps of an account until the server has it: every entry of its own store carries the key of its account. */

const PREFIX = "rush-hold:";
const OWNED = /^rush-hold:([0-9a-f]{16}):(unsaved:.+|outbox|uploads|begun:.+)$/;

/** Name of an entry of an account. */
export const unsavedKey = (account: string, path: string): string => `${PREFIX}${account}:unsaved:${path}`;
export const outboxKey = (account: string): string => `${PREFIX}${account}:outbox`;
/** Ids of the files that wait; their bytes are in the browser's own database. */
export const uploadsKey = (account: string): string => `${PREFIX}${account}:uploads`;
/** Of something that was begun and is not to be sent yet. */
export const begunKey = (account: string, what: string): string => `${PREFIX}${account}:begun:${what}`;

type Entry = { key: string; account: string; what: string };

const entries = (): Entry[] =>
  Object.keys(localStorage).flatMap((key) => {
    const found = OWNED.exec(key);
    return found === null ? [] : [{ key, account: found[1]!, what: found[2]! }];
  });

const letters = (key: string): number => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(kept) ? kept.length : 0;
  } catch {
    return 0;
  }
};

const unsent = ({ key, what }: Entry): number =>
  what === "outbox" || what === "uploads" ? letters(key) : what.startsWith("begun:") ? 0 : 1;

/** How many things of an account have not reached the server. */
export const unsentOf = (account: string): number =>
  entries()
    .filter((one) => one.account === account)
    .reduce((sum, one) => sum + unsent(one), 0);

/** How many things of other accounts wait on this device. */
export const unsentOfOthers = (account: string): number =>
  entries()
    .filter((one) => one.account !== account)
    .reduce((sum, one) => sum + unsent(one), 0);

const forget = (which: (account: string) => boolean): void => {
  for (const one of entries()) {
    if (!which(one.account)) continue;
    localStorage.removeItem(one.key);
    if (one.what === "uploads") void browserShelf.clear(one.account).catch(() => undefined);
  }
};

export const forgetUnsent = (account: string): void => forget((one) => one === account);
export const forgetUnsentOfOthers = (account: string): void => forget((one) => one !== account);
