import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { Outbox, waitingEyes, waitingTicks } from "../../resources/js/session/Outbox";

const shelf = new Map<string, string>();
let line: "up" | "cut" | "refuses" | "away";
let sent: {
  path: string;
  body: { ticks?: Record<string, { on: boolean; at: number }>; by?: string; verdict?: string | null };
}[];
let arrived: string[];

const answer = (status: number): Response =>
  new Response(
    JSON.stringify(status < 400 ? { ticks: {} } : { type: "x", title: "x", status, detail: "x", faults: [] }),
    {
      status,
    },
  );

beforeEach(() => {
  vi.useFakeTimers({ now: 1_000_000 });
  shelf.clear();
  [line, sent, arrived] = ["up", [], []];
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, value: string) => shelf.set(key, value),
    removeItem: (key: string) => shelf.delete(key),
  });
  vi.stubGlobal("document", { cookie: "" });
  vi.stubGlobal("window", {
    setTimeout: (run: () => void, ms: number) => setTimeout(run, ms),
    clearTimeout: (id: number) => clearTimeout(id),
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  });
  vi.stubGlobal("fetch", async (address: string, init: { body: string }) => {
    if (line === "cut") throw new TypeError("no line");
    if (line === "refuses") return answer(404);
    if (line === "away") return answer(503);
    sent.push({ path: address, body: JSON.parse(init.body) });
    return answer(200);
  });
});
afterEach(async () => {
  line = "refuses"; // whatever still waits is dropped, so that no timer outlives its test
  await vi.advanceTimersByTimeAsync(9000);
  vi.clearAllTimers();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const open = (): Outbox => new Outbox("ada@turf.example", (path) => arrived.push(path));
const settle = (): Promise<unknown> => vi.advanceTimersByTimeAsync(50);

describe("what is ticked in the field", () => {
  it("waits here until what shows the answer has drawn it", async () => {
    const order: string[] = [];
    const box = new Outbox("ada@turf.example", () => setTimeout(() => order.push("drawn")));
    box.subscribe(() => box.snapshot().length === 0 && order.push("waits no more"));
    box.tick("c1", "r:area=Peg", true);
    await settle();
    expect(order).toEqual(["drawn", "waits no more"]);
  });

  it("goes to the server at once where there is one", async () => {
    const box = open();
    box.tick("c1", "r:area=Peg", true);
    await settle();
    expect(sent).toHaveLength(1);
    expect(sent[0]?.path).toBe("/api/cards/c1/ticks");
    expect(sent[0]?.body.ticks).toEqual({ "r:area=Peg": { on: true, at: 1_000_000 } });
    expect(arrived).toEqual(["cards/c1/ticks"]);
    expect(box.snapshot()).toEqual([]);
    expect(shelf.size).toBe(0);
  });

  it.each(["cut", "away"] as const)(
    "waits while the line is %s, through a reload, and arrives later",
    async (state) => {
      line = state;
      const box = open();
      box.tick("c1", "a", true);
      await settle();
      vi.setSystemTime(1_005_000);
      box.tick("c1", "b", true);
      box.tick("c1", "a", false);
      await settle();
      expect(sent).toEqual([]);

      const again = open(); // as after a reload
      expect(waitingTicks(again.snapshot(), "c1")).toEqual({
        a: { on: false, at: 1_005_000 },
        b: { on: true, at: 1_005_000 },
      });
      again.start();
      line = "up";
      await vi.advanceTimersByTimeAsync(6000);
      expect(sent.at(-1)?.body.ticks).toEqual({ a: { on: false, at: 1_005_000 }, b: { on: true, at: 1_005_000 } });
      expect(again.snapshot()).toEqual([]);
    },
  );

  it("does not keep for ever what the server will never take", async () => {
    line = "refuses";
    const box = open();
    box.tick("gone", "a", true);
    await settle();
    expect(box.snapshot()).toEqual([]);
    expect(arrived).toEqual([]);
  });

  it("tells only the last of how a camera was left", async () => {
    line = "cut";
    const box = open();
    box.cameraState("b1", { format: "camera-state/1", iso: 100 }, "typed");
    box.cameraState("b1", { format: "camera-state/1", iso: 200 }, "Colony");
    box.cameraState("b2", { format: "camera-state/1" }, "typed");
    await settle();
    expect(box.snapshot().map((letter) => letter.path)).toEqual(["gear/b1/camera-state", "gear/b2/camera-state"]);
    line = "up";
    box.start();
    await vi.advanceTimersByTimeAsync(6000);
    expect(sent.map((letter) => letter.body.by)).toEqual(["Colony", "typed"]);
  });

  it("belongs to one account", async () => {
    line = "cut";
    open().tick("c1", "a", true);
    await settle();
    expect(new Outbox("bea@turf.example", () => undefined).snapshot()).toEqual([]);
    expect(open().snapshot()).toHaveLength(1);
  });

  it("tells whoever listens", async () => {
    const box = open();
    const heard = vi.fn();
    const stop = box.subscribe(heard);
    box.tick("c1", "a", true);
    expect(heard).toHaveBeenCalledTimes(1);
    await settle();
    expect(heard).toHaveBeenCalledTimes(2);
    stop();
    box.tick("c1", "a", false);
    expect(heard).toHaveBeenCalledTimes(2);
  });
});

describe("verdicts on frames", () => {
  it("are sent in their order, and whoever waits for them waits for those on their way too", async () => {
    const box = open();
    box.eye("f1", "sharp");
    box.eye("f2", "moved");
    box.eye("f2", "soft");
    expect([...waitingEyes(box.snapshot())]).toEqual([
      ["f1", "sharp"],
      ["f2", "soft"],
    ]);
    // begun by the first, and still going on: the second press waits for the same
    await Promise.all([box.flush(), settle()]);
    expect(box.snapshot()).toEqual([]);
    expect(sent.map((one) => [one.path, one.body.verdict])).toEqual([
      ["/api/frames/f1/eye", "sharp"],
      ["/api/frames/f2/eye", "soft"],
    ]);
    box.eye("f1", null);
    await Promise.all([box.flush(), settle()]);
    expect(sent.at(-1)?.body.verdict).toBeNull();
  });

  it("wait while there is no line, and are told as waiting", async () => {
    line = "cut";
    const box = open();
    box.eye("f1", "sharp");
    await Promise.all([box.flush(), settle()]);
    expect([...waitingEyes(box.snapshot()).keys()]).toEqual(["f1"]);
    line = "up";
    await Promise.all([box.flush(), settle()]);
    expect(waitingEyes(box.snapshot()).size).toBe(0);
  });
});
