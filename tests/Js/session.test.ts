import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { request } from "../../resources/js/api/client";
import { accountKey, onLost, setAccountKey } from "../../resources/js/session/account";
import { carryOut, leave, leaving } from "../../resources/js/session/leaving";
import {
  begunKey,
  forgetUnsent,
  forgetUnsentOfOthers,
  outboxKey,
  unsavedKey,
  unsentOf,
  unsentOfOthers,
} from "../../resources/js/session/unsent";

const ada = "00000000000000ad";
const grace = "0000000000000042";

let asked: { path: string; as: string | undefined }[];
let line: () => Response;
let emptied: string[];

const problem = (status: number): Response =>
  new Response(JSON.stringify({ type: "x", title: "x", status, detail: "x", faults: [] }), { status });

beforeEach(() => {
  vi.useFakeTimers();
  [asked, emptied] = [[], []];
  line = () => new Response("");
  const shelf: Record<string, string> = {};
  // as a browser's: what is kept is found among its own names
  const storage = new Proxy(shelf, {
    get: (all, name: string) =>
      ({
        getItem: (key: string) => all[key] ?? null,
        setItem: (key: string, text: string) => void (all[key] = text),
        removeItem: (key: string) => void delete all[key],
      })[name] ?? all[name],
  });
  vi.stubGlobal("localStorage", storage);
  vi.stubGlobal("caches", {
    keys: async () => [`rush-hold-offline:${ada}`, "rush-hold-who", "workbox-precache"],
    delete: async (name: string) => emptied.push(name),
  });
  vi.stubGlobal("document", { cookie: "XSRF-TOKEN=t" });
  vi.stubGlobal("window", {
    setTimeout: (run: () => void, ms: number) => setTimeout(run, ms),
    clearTimeout: (id: number) => clearTimeout(id),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
  vi.stubGlobal("fetch", async (path: string, init: { headers: Record<string, string> }) => {
    asked.push({ path, as: init.headers["X-As"] });
    return line();
  });
});
afterEach(() => {
  setAccountKey(null);
  vi.clearAllTimers();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("what has not been sent", () => {
  beforeEach(() => {
    localStorage.setItem(unsavedKey(ada, "rushes/a"), "{}");
    localStorage.setItem(outboxKey(ada), JSON.stringify([{ path: "settings" }, { path: "cards/x/ticks" }]));
    localStorage.setItem(begunKey(ada, "body"), "{}");
    localStorage.setItem(unsavedKey(grace, "gear/b"), "{}");
    localStorage.setItem(outboxKey(grace), "not JSON");
    localStorage.setItem("rush-hold:theme", "dusk");
  });

  it("is counted for each account, without what was only begun", () => {
    expect([unsentOf(ada), unsentOfOthers(ada)]).toEqual([3, 1]);
    expect([unsentOf(grace), unsentOfOthers(grace)]).toEqual([1, 3]);
  });

  it("is forgotten for one account, or for all others, and for nobody else", () => {
    forgetUnsent(ada);
    expect([unsentOf(ada), unsentOf(grace), localStorage.getItem(begunKey(ada, "body"))]).toEqual([0, 1, null]);
    forgetUnsentOfOthers(ada);
    expect([unsentOf(grace), localStorage.getItem("rush-hold:theme")]).toEqual([0, "dusk"]);
  });
});

describe("signing out", () => {
  it("takes away what this browser keeps, as the account that leaves", async () => {
    localStorage.setItem(unsavedKey(ada, "rushes/a"), "{}");
    setAccountKey(ada);
    expect(await leave(ada)).toBe(true);
    expect(asked).toEqual([{ path: "/api/sign-out", as: ada }]);
    expect([leaving(), accountKey(), unsentOf(ada)]).toEqual([null, null, 0]);
    expect(emptied).toEqual([`rush-hold-offline:${ada}`, "rush-hold-who"]);
  });

  it("waits for no answer any more: one that came after it would be of nobody's session", async () => {
    setAccountKey(ada);
    const gone: string[] = [];
    const far = (address: string, { signal }: RequestInit): Promise<Response> =>
      new Promise((resolve, refuse) => {
        if (address === "/api/sign-out") return resolve(new Response(""));
        signal?.addEventListener("abort", () => (gone.push(address), refuse(signal.reason)));
      });
    vi.stubGlobal("fetch", far);
    const reads = [request("GET", "quota"), request("GET", "rushes/a/map")].map((read) =>
      read.catch((thrown: Error) => thrown.name),
    );
    await vi.advanceTimersByTimeAsync(0);
    expect(await leave(ada)).toBe(true);
    expect(await Promise.all(reads)).toEqual(["AbortError", "AbortError"]);
    expect(gone).toEqual(["/api/quota", "/api/rushes/a/map"]);
  });

  it("is carried out as soon as there is a line, and only then done", async () => {
    line = () => {
      throw new TypeError("no line");
    };
    expect(await leave(ada)).toBe(false);
    expect(leaving()).toBe(ada);
    let done = 0;
    const stop = carryOut(() => (done += 1));
    await vi.advanceTimersByTimeAsync(6000);
    expect([done, leaving()]).toEqual([0, ada]);
    line = () => problem(503);
    await vi.advanceTimersByTimeAsync(6000);
    expect([done, leaving()]).toEqual([0, ada]);
    line = () => new Response("");
    await vi.advanceTimersByTimeAsync(6000);
    expect([done, leaving()]).toEqual([1, null]);
    stop();
  });

  it("leaves another alone who has signed in meanwhile", async () => {
    line = () => problem(401);
    expect(await leave(ada)).toBe(true);
    expect(asked.every(({ as }) => as === ada)).toBe(true);
  });
});

describe("an answer of another account", () => {
  it("shows that this page's session is over, one of its own does not", async () => {
    setAccountKey(ada);
    let lost = 0;
    const stop = onLost(() => (lost += 1));
    line = () => new Response("{}", { headers: { "X-Account": ada } });
    await request("GET", "gear");
    expect(lost).toBe(0);
    // what the worker has kept is old news
    line = () => new Response("{}", { headers: { "X-Account": grace, "X-Offline-Copy": "1" } });
    await request("GET", "gear");
    expect(lost).toBe(0);
    line = () => new Response("{}", { headers: { "X-Account": grace } });
    await request("GET", "gear");
    expect(lost).toBe(1);
    line = () => problem(401);
    await request("GET", "gear").catch(() => undefined);
    expect(lost).toBe(2);
    stop();
  });
});
