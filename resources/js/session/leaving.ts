import { ApiProblem, LEAVING, request } from "../api/client";
import { forgetRecords } from "../autosave/records";
import { forgetOfflineCopy } from "../offline/copy";
import { setAccountKey } from "./account";
import { forgetUnsent } from "./unsent";

/** Signing out that the server has not heard of yet: it is carried out as soon as there is a line, whatever page is opened then. */
const KEY = "rush-hold:leaving";
const RETRY_MS = 2500;

/** The account that is leaving, null for none. */
export const leaving = (): string | null => localStorage.getItem(KEY);

/** Tells the server once; false while it cannot be told. */
const tell = async (account: string): Promise<boolean> => {
  // said as this account: should another have signed in meanwhile, it stays
  setAccountKey(account);
  try {
    await request("POST", LEAVING);
  } catch (thrown) {
    if (!(thrown instanceof ApiProblem) || thrown.status !== 401) return false;
  } finally {
    setAccountKey(null);
  }
  localStorage.removeItem(KEY);
  return true;
};

/** Signs out: everything this browser keeps of the account is gone at once, and the server is told. */
export const leave = async (account: string): Promise<boolean> => {
  localStorage.setItem(KEY, account);
  forgetUnsent(account);
  forgetRecords();
  await forgetOfflineCopy();
  return tell(account);
};

let run: Promise<void> | null = null;

/** Carries out what is still to be told; resolves when the server knows. */
export const carryOut = (onDone: () => void): (() => void) => {
  let timer: number | undefined;
  let ended = false;
  const go = (): void => {
    const account = leaving();
    if (ended || account === null) return;
    run ??= tell(account).then((told) => {
      run = null;
      if (told) onDone();
      else if (!ended) timer = window.setTimeout(go, RETRY_MS);
    });
  };
  window.addEventListener("online", go);
  go();
  return () => {
    ended = true;
    window.clearTimeout(timer);
    window.removeEventListener("online", go);
  };
};
