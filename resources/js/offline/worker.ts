/// <reference lib="webworker" />
import { clientsClaim } from "workbox-core";
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from "workbox-precaching";
import { registerRoute } from "workbox-routing";
import { forgetOfflineCopy, OFFLINE_COPY, WHO, type Carry } from "./copy";

declare const self: ServiceWorkerGlobalScope & { __WB_MANIFEST: { url: string; revision: string | null }[] };

/** The page under which whatever room was opened last is kept; any room can begin from it. */
const PAGE = "/card";

/** What the rooms that work without signal ask for. */
const CARRIED = ["/api/cards", "/api/gear", "/api/rushes", "/api/outings", "/api/places"];

/** A day out that was opened on this device is kept as well: itself, its day, its place. */
const OPENED = /^\/api\/(?:outings\/[0-9a-z]{26}(?:\/day)?|places\/[0-9a-z]{26})$/;

/** Answers of opened days kept at the most; the oldest go. */
const OPENED_KEPT = 36;

/** What is shown for a page when nothing is kept and there is no signal. */
const AWAY = "/away.html";

/** Longest wait for the network before what is kept is shown, in ms. */
const PATIENCE_MS = 5000;

/** Largest answer that is kept, in bytes. */
const LARGEST = 3_000_000;

// oxlint-disable-next-line no-underscore-dangle -- the name the build puts the list under
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();
void self.skipWaiting();
clientsClaim();

/** Whose things are kept; null for nobody's. */
const whose = async (): Promise<string | null> =>
  (await (await (await caches.open(WHO)).match("/who"))?.text()) ?? null;

/** Order in which the answers under one name were asked for: one that comes late does not take the place of a later one. */
let asked = 0;
const keptAs = new Map<string, number>();

/** Keeps an answer of the account whose things are kept; an answer that shows its session over takes everything away. */
const note = async (response: Response, name: string, turn: number): Promise<void> => {
  const account = await whose();
  if (account === null) return;
  const says = response.headers.get("X-Account");
  const ofNobody = response.status === 401 || (name === PAGE && response.ok && says === null);
  if (ofNobody || (says !== null && says !== account)) {
    await forgetOfflineCopy();
  } else if (
    response.ok &&
    !response.redirected &&
    says === account &&
    turn > (keptAs.get(name) ?? 0) &&
    Number(response.headers.get("Content-Length") ?? 0) < LARGEST
  ) {
    keptAs.set(name, turn);
    const cache = await caches.open(`${OFFLINE_COPY}:${account}`);
    if (!OPENED.test(name)) return cache.put(name, response);
    // put anew, it is the newest
    await cache.delete(name);
    await cache.put(name, response);
    const opened = (await cache.keys()).filter((one) => OPENED.test(new URL(one.url).pathname));
    await Promise.all(opened.slice(0, -OPENED_KEPT).map((one) => cache.delete(one)));
  }
};

/** The answer of the network, kept for later under a name, however long it takes. */
const fetched = async (request: Request | string, name: string): Promise<Response> => {
  const turn = ++asked;
  const response = await fetch(request);
  await note(response.clone(), name, turn);
  return response;
};

/** What is kept under a name, marked as such. */
const kept = async (name: string): Promise<Response | null> => {
  const account = await whose();
  const found = account === null ? undefined : await (await caches.open(`${OFFLINE_COPY}:${account}`)).match(name);
  if (found === undefined) return null;
  const headers = new Headers(found.headers);
  headers.set("X-Offline-Copy", "1");
  return new Response(found.body, { status: found.status, headers });
};

const patience = (): Promise<"slow"> => new Promise((resolve) => setTimeout(() => resolve("slow"), PATIENCE_MS));

/** The network's answer; what is kept where that fails or is slow. A slow one is kept all the same once it has come. */
const networkFirst = async (event: ExtendableEvent, request: Request, name: string): Promise<Response> => {
  const network = fetched(request, name).catch((failure: unknown) => ({ failure }));
  event.waitUntil(network);
  let first = await Promise.race([network, patience()]);
  if (first === "slow") {
    const found = await kept(name);
    if (found !== null) return found;
    first = await network;
  }
  if (!("failure" in first)) {
    // a server without its store is no better than none, but says so itself where a page was asked for
    if (first.status < 500 || name === PAGE) return first;
    return (await kept(name)) ?? first;
  }
  const found = (await kept(name)) ?? (name === PAGE ? await matchPrecache(AWAY) : null);
  if (found === null || found === undefined) throw first.failure;
  return found;
};

registerRoute(
  ({ request, url }) =>
    request.mode === "navigate" && url.origin === self.location.origin && !/^\/(shared|api|reset)\//.test(url.pathname),
  ({ request, event }) => networkFirst(event, request, PAGE),
);
registerRoute(
  ({ request, url }) =>
    request.method === "GET" && url.search === "" && (CARRIED.includes(url.pathname) || OPENED.test(url.pathname)),
  ({ request, url, event }) => networkFirst(event, request, url.pathname),
);

// One visit is enough: a page that is signed in asks for all that the cards need. The worker never asks by itself, or its
// answers, still of nobody, could reach the browser after somebody has signed in and take that session's place.
self.addEventListener("message", (event) => {
  const account = (event.data as Partial<Carry> | null)?.carry;
  if (account === undefined) return;
  event.waitUntil(
    (async () => {
      if ((await whose()) !== account) {
        await forgetOfflineCopy();
        await (await caches.open(WHO)).put("/who", new Response(account));
      }
      await Promise.allSettled([PAGE, ...CARRIED].map((path) => fetched(path, path)));
    })(),
  );
});
