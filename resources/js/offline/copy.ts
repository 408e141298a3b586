/** Beginning of the names of the caches with what an account carries without signal; the key of the account follows. */
export const OFFLINE_COPY = "rush-hold-offline";

/** Cache that says whose things are kept: nothing is, while nobody is named. */
export const WHO = "rush-hold-who";

/** What a page says to the worker that wants the things of its account kept. */
export type Carry = { carry: string };

/** How long a page rests before the worker fetches what it carries, in ms. */
const REST_MS = 2000;

/** How long until the worker is asked again where it could not be, in ms. */
const AGAIN_MS = 30_000;

/** Takes away whatever is kept, of whomever: nobody else on this device shall find it. */
export const forgetOfflineCopy = async (): Promise<void> => {
  if (typeof caches === "undefined") return;
  const names = await caches.keys();
  await Promise.all(
    names.filter((name) => name.startsWith(OFFLINE_COPY) || name === WHO).map((name) => caches.delete(name)),
  );
};

/** Lets the browser keep the cards of an account, brought up to date; the function it gives calls that off. */
export const carry = (account: string): (() => void) => {
  if (!("serviceWorker" in navigator) || !import.meta.env.PROD) return () => undefined;
  let timer: number;
  const ask = (): void => {
    navigator.serviceWorker
      .register("/worker.js")
      .then(() => navigator.serviceWorker.ready)
      .then((registration) => registration.active?.postMessage({ carry: account } satisfies Carry))
      // a line that breaks off in the middle of it is tried again
      .catch(() => {
        timer = window.setTimeout(ask, AGAIN_MS);
      });
  };
  timer = window.setTimeout(ask, REST_MS);
  return () => window.clearTimeout(timer);
};
