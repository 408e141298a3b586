/** Name of the cache with what this account carries without signal. */
export const KEPT = "rush-hold-kept";

/** What a page says to the worker that wants its cards kept. */
export const CARRY = "carry";

/** How long a page rests before the worker fetches what it carries, in ms. */
const REST_MS = 2000;

/** Takes away what was kept for an account that signs out: nobody else on this device shall find it. */
export const forgetKept = async (): Promise<void> => {
  if ("caches" in window) await caches.delete(KEPT);
};

/** Lets the browser keep the cards of whoever is signed in, brought up to date; the function it gives calls that off. */
export const carry = (): (() => void) => {
  if (!("serviceWorker" in navigator) || !import.meta.env.PROD) return () => undefined;
  const timer = window.setTimeout(() => {
    navigator.serviceWorker
      .register("/worker.js")
      .then(() => navigator.serviceWorker.ready)
      .then((registration) => registration.active?.postMessage(CARRY))
      .catch(() => undefined);
  }, REST_MS);
  return () => window.clearTimeout(timer);
};
