/// <reference lib="webworker" />
import { clientsClaim } from "workbox-core";
import { cleanupOutdatedCaches, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { CARRY, KEPT } from "./kept";

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

/** The page under which whatever room was opened last is kept; any room can begin from it. */
const PAGE = "/card";

/** What the rooms that work without signal ask for. */
const CARRIED = ["/api/cards", "/api/gear", "/api/rushes"];

/** Longest wait for the network before what is kept is shown, in ms. */
const PATIENCE_MS = 5000;

// oxlint-disable-next-line no-underscore-dangle -- the name the build puts the list under
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
void self.skipWaiting();
clientsClaim();

/** The answer of the network, kept for later under a name; a slow or missing network is a failure. */
const fetched = async (request: Request | string, name: string): Promise<Response> => {
  const waiting = new AbortController();
  const timer = setTimeout(() => waiting.abort(), PATIENCE_MS);
  try {
    const response = await fetch(request, { signal: waiting.signal });
    // a page of nobody, as after a session has run out, is not what anybody wants to find in the field
    if (response.ok && !response.redirected && (name !== PAGE || response.headers.has("X-Account"))) {
      const cache = await caches.open(KEPT);
      await cache.put(name, response.clone());
    }
    return response;
  } finally {
    clearTimeout(timer);
  }
};

/** What is kept under a name, marked as such. */
const kept = async (name: string): Promise<Response | null> => {
  const found = await (await caches.open(KEPT)).match(name);
  if (found === undefined) return null;
  const headers = new Headers(found.headers);
  headers.set("X-Kept", "1");
  return new Response(found.body, { status: found.status, headers });
};

const networkFirst = async (request: Request, name: string): Promise<Response> => {
  try {
    const response = await fetched(request, name);
    // a server without its store is no better than none, but says so itself where a page was asked for
    if (response.status < 500 || name === PAGE) return response;
    return (await kept(name)) ?? response;
  } catch (failure) {
    const found = await kept(name);
    if (found === null) throw failure;
    return found;
  }
};

registerRoute(
  ({ request, url }) =>
    request.mode === "navigate" && url.origin === self.location.origin && !url.pathname.startsWith("/shared/"),
  ({ request }) => networkFirst(request, PAGE),
);
registerRoute(
  ({ request, url }) => request.method === "GET" && CARRIED.includes(url.pathname),
  ({ request, url }) => networkFirst(request, url.pathname),
);

// One visit is enough: a page that is signed in asks for all that the cards need. The worker never asks by itself, or its
// answers, still of nobody, could reach the browser after somebody has signed in and take that session's place.
self.addEventListener("message", (event) => {
  if (event.data === CARRY) event.waitUntil(Promise.allSettled([PAGE, ...CARRIED].map((path) => fetched(path, path))));
});
