/** Name of the cache with what this account carries without signal. */
export const KEPT = "rush-hold-kept";

/** Takes away what was kept for an account that signs out: nobody else on this device shall find it. */
export const forgetKept = async (): Promise<void> => {
  if ("caches" in window) await caches.delete(KEPT);
};

/** Lets the browser keep the cards, and brings them up to date once the page is at rest. */
export const carry = (): void => {
  if (!("serviceWorker" in navigator) || !import.meta.env.PROD) return;
  window.addEventListener("load", () => {
    navigator.serviceWorker.register("/worker.js").catch(() => undefined);
  });
  if (navigator.serviceWorker.controller !== null)
    window.setTimeout(
      () => void fetch("/api/cards", { headers: { Accept: "application/json" } }).catch(() => null),
      4000,
    );
};
