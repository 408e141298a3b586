import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { RushWhole } from "../../resources/js/api/types";
import { RushAutosave } from "../../resources/js/rush/rushAutosave";
import { withMotion, type Draft } from "../../resources/js/rush/draft";
import { whole } from "./draft";

/** Each test has a rush of its own: a page remembers what it knows of those it had open. */
let made = 0;

/** A server as the autosave sees it: one rush, its revision, and a line that can be cut. */
class FarServer {
  rush: RushWhole = whole({ id: `rush-${++made}` });
  line: "up" | "cut" | "store-away" | "answer-lost" = "up";
  /** Given, answers to writes are held back until it is called. */
  slow: Promise<void> | null = null;
  refused = 0;
  undone = 0;
  puts: { revision: number; gesture: string; write_id: string; speed: number }[] = [];

  fetch = async (address: string, init: { method: string; body?: string }): Promise<Response> => {
    if (this.line === "cut") throw new TypeError("no line");
    if (this.line === "store-away") return this.problem(503, "store-away");
    const sent = init.body === undefined ? null : JSON.parse(init.body);
    if (init.method === "PUT") {
      if (sent.revision !== this.rush.revision) {
        this.refused++;
        return this.problem(409, "changed-elsewhere");
      }
      if (sent.rush.motion.speed_mps > 400) return this.problem(422, "bad-input");
      this.puts.push({
        revision: sent.revision,
        gesture: sent.gesture,
        write_id: sent.write_id,
        speed: sent.rush.motion.speed_mps,
      });
      this.rush = {
        ...this.rush,
        revision: this.rush.revision + 1,
        rush: sent.rush,
        write_id: sent.write_id,
        can_undo: true,
      };
      if (this.slow !== null) {
        const answer = JSON.stringify(this.rush);
        await this.slow;
        return new Response(answer, { status: 200 });
      }
      if (this.line === "answer-lost") {
        this.line = "up";
        throw new TypeError("the answer never came");
      }
    } else if (address.endsWith("/undo")) {
      if (sent.revision !== this.rush.revision) return this.problem(409, "changed-elsewhere");
      this.undone++;
      this.rush = { ...this.rush, revision: this.rush.revision + 1, rush: whole().rush, write_id: "", can_undo: false };
    }
    return new Response(JSON.stringify(this.rush), { status: 200 });
  };

  /** Somebody else writes. */
  elsewhere(speed: number): void {
    const rush = structuredClone(this.rush.rush);
    rush.motion.speed_mps = speed;
    this.rush = { ...this.rush, revision: this.rush.revision + 1, rush, write_id: "another" };
  }

  private problem(status: number, type: string): Response {
    const body = { type, title: type, status, detail: `${type} it says`, faults: [] };
    return new Response(JSON.stringify(body), { status });
  }
}

const shelf = new Map<string, string>();
let server: FarServer;
let autosave: RushAutosave;
let stop: () => void;

const speed = (mps: number): Draft => withMotion(autosave.snapshot().draft, { speed_mps: mps });
const settle = (ms = 200): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);
const open = (): void => {
  autosave = new RushAutosave(server.rush);
  stop = autosave.start();
};

beforeEach(() => {
  vi.useFakeTimers();
  shelf.clear();
  const quiet = { addEventListener: () => undefined, removeEventListener: () => undefined };
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, text: string) => shelf.set(key, text),
    removeItem: (key: string) => shelf.delete(key),
  });
  vi.stubGlobal("window", { ...quiet, setTimeout, clearTimeout });
  vi.stubGlobal("document", { ...quiet, cookie: "XSRF-TOKEN=t", visibilityState: "visible" });
  server = new FarServer();
  vi.stubGlobal("fetch", (address: string, init: { method: string; body?: string }) => server.fetch(address, init));
  open();
});

afterEach(() => {
  stop();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("keeping a rush", () => {
  it("saves a change, and forgets its local copy only when the server has confirmed it", async () => {
    autosave.edit(speed(12), "g1");
    expect(autosave.snapshot()).toMatchObject({ dirty: true, save: { kind: "saving" } });
    expect(shelf.size).toBe(1);
    await settle();
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(server.rush.rush.motion.speed_mps).toBe(12);
    expect(shelf.size).toBe(0);
  });

  it("sends one request at a time, and the newest state after it", async () => {
    for (let mps = 10; mps < 30; mps++) autosave.edit(speed(mps), "drag");
    await settle();
    expect(server.puts.map((put) => put.speed)).toEqual([10, 29]);
    expect(server.puts.every((put) => put.gesture === "drag")).toBe(true);
    expect(autosave.snapshot().dirty).toBe(false);
  });

  it("does not send what changes nothing", async () => {
    autosave.edit(structuredClone(autosave.snapshot().draft), "g1");
    await settle();
    expect(server.puts).toEqual([]);
  });

  it.each([
    ["cut", "connection"],
    ["store-away", "store"],
  ] as const)("says so while the line is %s, keeps what is typed, and sends it when it is back", async (line, why) => {
    server.line = line;
    autosave.edit(speed(12), "g1");
    await settle();
    expect(autosave.snapshot().save).toEqual({ kind: "waiting", why });
    autosave.edit(speed(13), "g2");
    await settle(5000);
    expect(server.puts).toEqual([]);
    server.line = "up";
    await settle(5000);
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(server.rush.rush.motion.speed_mps).toBe(13);
  });

  it("finds what was not confirmed after a reload", async () => {
    server.line = "cut";
    autosave.edit(speed(17), "g1");
    await settle();
    stop();
    server.line = "up";
    open();
    expect(autosave.snapshot().draft.rush.motion.speed_mps).toBe(17);
    await settle();
    expect(server.rush.rush.motion.speed_mps).toBe(17);
    expect(shelf.size).toBe(0);
  });

  it("knows its own write again when the answer was lost", async () => {
    server.line = "answer-lost";
    autosave.edit(speed(12), "g1");
    await settle(5000);
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(server.puts.length).toBe(1);
  });

  it("goes on from its own lost write when more was typed meanwhile, after a reload too", async () => {
    server.line = "answer-lost";
    autosave.edit(speed(12), "g1");
    autosave.edit(speed(14), "g2");
    stop();
    await settle();
    open();
    await settle(5000);
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(server.rush.rush.motion.speed_mps).toBe(14);
  });

  it("asks when somebody else has written, and sends nothing until told", async () => {
    server.elsewhere(20);
    autosave.edit(speed(12), "g1");
    await settle(10_000);
    expect(autosave.snapshot().save).toEqual({ kind: "elsewhere" });
    expect(server.rush.rush.motion.speed_mps).toBe(20);
    await autosave.resolve("theirs");
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(autosave.snapshot().draft.rush.motion.speed_mps).toBe(20);
  });

  it("keeps mine when told to", async () => {
    server.elsewhere(20);
    autosave.edit(speed(12), "g1");
    await settle();
    await autosave.resolve("mine");
    await settle();
    expect(server.rush.rush.motion.speed_mps).toBe(12);
    expect(autosave.snapshot().save).toEqual({ kind: "saved" });
  });

  it("tells what was refused, keeps it on the screen, and saves the next good change", async () => {
    autosave.edit(speed(500), "g1");
    await settle();
    expect(autosave.snapshot().save).toEqual({ kind: "refused", message: "bad-input it says" });
    expect(autosave.snapshot().draft.rush.motion.speed_mps).toBe(500);
    autosave.edit(speed(40), "g1");
    await settle();
    expect(autosave.snapshot().save).toEqual({ kind: "saved" });
  });

  it("takes steps asked for faster than the server answers one after the other", async () => {
    await Promise.all([autosave.undo(), autosave.undo(), autosave.undo()]);
    expect(server.undone).toBe(3);
    expect(autosave.snapshot().save.kind).toBe("saved");
  });

  it("does not meet its own write as somebody else's when a room is left and opened again while it is under way", async () => {
    let answer = (): void => undefined;
    server.slow = new Promise((resolve) => (answer = resolve));
    const asked = server.rush;
    autosave.edit(speed(12), "g1");
    await settle(10);
    stop();
    // opened again with what was asked for before the write, and changed at once
    autosave = new RushAutosave(asked);
    stop = autosave.start();
    autosave.edit(speed(13), "g2");
    await settle();
    server.slow = null;
    answer();
    await settle(1000);
    expect(server.refused).toBe(0);
    expect(server.rush.rush.motion.speed_mps).toBe(13);
    expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" } });
    expect(shelf.size).toBe(0);
  });

  it("knows its own last write when an answer from before it arrives late", async () => {
    const asked = server.rush;
    autosave.edit(speed(12), "g1");
    await settle();
    stop();
    autosave = new RushAutosave(asked);
    stop = autosave.start();
    expect(autosave.snapshot().draft.rush.motion.speed_mps).toBe(12);
    autosave.edit(speed(14), "g2");
    await settle();
    expect(server.refused).toBe(0);
    expect(server.rush.rush.motion.speed_mps).toBe(14);
  });

  it("undoes after saving what is still unsaved", async () => {
    autosave.edit(speed(12), "g1");
    await autosave.undo();
    await settle();
    expect(server.puts.length).toBe(1);
    expect(autosave.snapshot().draft.rush.motion.speed_mps).toBe(9);
    expect(autosave.snapshot().dirty).toBe(false);
  });
});
