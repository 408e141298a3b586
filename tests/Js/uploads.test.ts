import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { ApiProblem } from "../../resources/js/api/client";
import type { File as StoredFile } from "../../resources/js/generated/answers";
import type { Sending } from "../../resources/js/files/sendFile";
import type { Kept, Shelf } from "../../resources/js/files/shelf";
import { UploadQueue, type Upload } from "../../resources/js/files/UploadQueue";

const kept = new Map<string, Kept>();
const shelf: Shelf = {
  all: async (account) => [...kept.values()].filter((one) => one.account === account),
  put: async (one) => void kept.set(one.id, one),
  remove: async (id) => void kept.delete(id),
  clear: async (account) => kept.forEach((one) => one.account === account && kept.delete(one.id)),
};

let line: "up" | "cut" | "refuses" | "hangs" | "gone";
let arrived: string[];
const store = new Map<string, string>();

const problem = (status: number): ApiProblem =>
  new ApiProblem({ type: "x", title: "x", status, detail: status === 0 ? "No line." : "Too large.", faults: [] });

const send = async ({ name, onSent, signal }: Sending): Promise<StoredFile> => {
  onSent(0.5);
  if (line === "cut") throw problem(0);
  if (line === "refuses") throw problem(413);
  if (line === "gone") throw new DOMException("x", "NotReadableError");
  if (line === "hangs")
    await new Promise((_, reject) =>
      signal.addEventListener("abort", () => reject(new DOMException("x", "AbortError"))),
    );
  arrived.push(name);
  return { id: `f-${name}`, name } as StoredFile;
};

const named = (name: string): File => new File(["{}"], name);
const settle = (): Promise<unknown> => vi.advanceTimersByTimeAsync(20);
const states = (queue: UploadQueue): Record<string, Upload["state"]> =>
  Object.fromEntries(queue.snapshot().map((one) => [one.name, one.state]));

beforeEach(() => {
  vi.useFakeTimers({ now: 1_000_000 });
  kept.clear();
  store.clear();
  [line, arrived] = ["up", []];
  vi.stubGlobal("navigator", {});
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => store.get(key) ?? null,
    setItem: (key: string, value: string) => store.set(key, value),
    removeItem: (key: string) => store.delete(key),
  });
  vi.stubGlobal("window", {
    setTimeout: (run: () => void, ms: number) => setTimeout(run, ms),
    clearTimeout: (id: number) => clearTimeout(id),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
});
afterEach(() => {
  vi.clearAllTimers();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("files on their way", () => {
  it("go one after the other, and are let go of once the server has them", async () => {
    const queue = new UploadQueue("ada", shelf, send);
    await Promise.all(["a", "b", "c"].map((name) => queue.add("kit", named(name))));
    await settle();
    expect(arrived).toEqual(["a", "b", "c"]);
    expect(states(queue)).toEqual({ a: "stored", b: "stored", c: "stored" });
    expect(queue.snapshot()[0]?.file?.id).toBe("f-a");
    expect(kept.size).toBe(0);
    expect(store.size).toBe(0);
  });

  it("write down which of them wait only when those are others, however often it is told how far one is", async () => {
    const queue = new UploadQueue("ada", shelf, async ({ onSent, ...rest }) => {
      for (let part = 0; part <= 1000; part += 1) onSent(part / 1000);
      return send({ onSent, ...rest });
    });
    const heard = vi.fn();
    queue.subscribe(heard);
    const written = vi.spyOn(localStorage, "setItem");
    await Promise.all(["a", "b"].map((name) => queue.add("kit", named(name))));
    await settle();
    expect(arrived).toEqual(["a", "b"]);
    expect(written.mock.calls.length).toBeLessThan(10);
    expect(heard.mock.calls.length).toBeLessThan(70);
  });

  it("wait while there is no line, and go on by themselves when there is", async () => {
    line = "cut";
    const queue = new UploadQueue("ada", shelf, send);
    await queue.add("kit", named("a"));
    await vi.advanceTimersByTimeAsync(10_000);
    expect(states(queue)).toEqual({ a: "waiting" });
    expect(JSON.parse(store.get("rush-hold:ada:uploads") ?? "[]")).toHaveLength(1);
    line = "up";
    await vi.advanceTimersByTimeAsync(31_000);
    expect(states(queue)).toEqual({ a: "stored" });
  });

  it("survive a reload, in their order, and only in the page of their account", async () => {
    line = "hangs";
    const before = new UploadQueue("ada", shelf, send);
    await before.add("kit", named("a"));
    await vi.advanceTimersByTimeAsync(5);
    await before.add("kit", named("b"));
    await settle();
    line = "up";
    const others = new UploadQueue("else", shelf, send);
    others.start();
    const after = new UploadQueue("ada", shelf, send);
    after.start();
    await settle();
    expect(arrived).toEqual(["a", "b"]);
    expect(states(after)).toEqual({ a: "stored", b: "stored" });
    expect(others.snapshot()).toEqual([]);
  });

  it("are told when the server will never take them, without holding up the next", async () => {
    line = "refuses";
    const queue = new UploadQueue("ada", shelf, send);
    await queue.add("kit", named("huge"));
    await settle();
    line = "up";
    await queue.add("kit", named("b"));
    await settle();
    expect(states(queue)).toEqual({ huge: "refused", b: "stored" });
    expect(queue.snapshot()[0]?.problem).toBe("Too large.");
    line = "gone";
    await queue.add("kit", named("moved"));
    await settle();
    expect(queue.snapshot()[2]).toMatchObject({
      state: "refused",
      problem: expect.stringContaining("choose it again"),
    });
    expect(kept.size).toBe(0);
  });

  it("stop at once when paused or cancelled, and go on when resumed", async () => {
    line = "hangs";
    const queue = new UploadQueue("ada", shelf, send);
    const a = await queue.add("kit", named("a"));
    await queue.add("kit", named("b"));
    await settle();
    expect(states(queue)).toEqual({ a: "sending", b: "waiting" });
    expect(queue.snapshot()[0]?.sent).toBe(0.5);
    queue.pause();
    await settle();
    expect(states(queue)).toEqual({ a: "waiting", b: "waiting" });
    line = "up";
    await vi.advanceTimersByTimeAsync(60_000);
    expect(arrived).toEqual([]);
    await queue.cancel(a);
    queue.resume();
    await settle();
    expect(arrived).toEqual(["b"]);
    expect(states(queue)).toEqual({ b: "stored" });
  });

  it("are sent even where the browser keeps nothing", async () => {
    const none: Shelf = {
      ...shelf,
      put: () => Promise.reject(new Error("full")),
      all: () => Promise.reject(new Error("none")),
    };
    const queue = new UploadQueue("ada", none, send);
    queue.start();
    await queue.add("kit", named("a"));
    await settle();
    expect(arrived).toEqual(["a"]);
  });
});
