import { accountKey } from "./account";
import { begunKey } from "./unsent";

/** What was in use last on this device: what is begun anew begins with it. */
export type LastUsed = { kit?: string; body?: string; pictures?: string };

const place = (): string => begunKey(accountKey() ?? "", "last");

export const lastUsed = (): LastUsed => {
  try {
    return JSON.parse(localStorage.getItem(place()) ?? "{}") as LastUsed;
  } catch {
    return {};
  }
};

export const remember = (used: LastUsed): void =>
  localStorage.setItem(place(), JSON.stringify({ ...lastUsed(), ...used }));
