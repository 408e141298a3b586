import { forgetRecords } from "../../resources/js/autosave/records";
import { QueryClient, QueryObserver } from "@tanstack/react-query";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { requestAs } from "../../resources/js/api/client";
import { gearQuery, rushesQuery } from "../../resources/js/api/queries";
import { arrivedIn } from "../../resources/js/shell/arrived";
import { Autosave, type UndoState } from "../../resources/js/autosave/Autosave";
import { cardsQuery, merged } from "../../resources/js/rooms/card/card";
import { inTurn } from "../../resources/js/session/inTurn";
import { Outbox, waitingSettings, waitingTicks } from "../../resources/js/session/Outbox";

/* Answers that arrive late and out of order, for every way a room writes: what a person has done never goes back on the screen. */

const kinds = ["rushes", "gear", "layouts", "cards"] as const;
type Kind = (typeof kinds)[number];
type Kept = UndoState & { value: number };

/** A server that is exact, behind a line on which every request and every answer takes its own time. */
class FarServer {
  records = Object.fromEntries(
    kinds.map((kind) => [kind, { id: "r", revision: 1, write_id: "", can_undo: false, can_redo: false, value: 0 }]),
  ) as Record<Kind, Kept>;
  ticks: Record<string, { on: boolean; at: number }> = {};
  left = "nobody";
  settings: Record<string, unknown> = {};
  assumptions: Record<string, unknown> = {};
  sweep = "none";
  /** Whether a list sometimes comes from what this device has kept of it, as when the network is too slow. */
  keeps = true;
  private kept = new Map<string, string>();
  private moments = 0;
  private seed: number;

  constructor(seed: number) {
    this.seed = seed;
  }

  random = (): number => (this.seed = (this.seed * 48271) % 2147483647) / 2147483647;

  fetch = async (address: string, init: { method: string; body?: string }): Promise<Response> => {
    const wait = (most: number): Promise<unknown> =>
      new Promise((resolve) => setTimeout(resolve, most * this.random() ** 3));
    await wait(600);
    const [status, answer] = this.answer(init.method, address.slice("/api/".length), JSON.parse(init.body ?? "null"));
    const text = JSON.stringify(answer);
    const list = init.method === "GET" && !address.slice("/api/".length).includes("/");
    const before = list && this.keeps && this.random() < 0.3 ? this.kept.get(address) : undefined;
    if (list && (this.random() < 0.4 || !this.kept.has(address))) this.kept.set(address, text);
    if (before !== undefined) return new Response(before, { headers: { "X-Offline-Copy": "1" } });
    // what is only read comes latest of all
    await wait(init.method === "GET" ? 3000 : 600);
    return new Response(text, { status });
  };

  private answer(method: string, path: string, sent: any): [number, unknown] {
    const as_of = String(++this.moments).padStart(8, "0");
    const [what, id, part] = path.split("/") as [Kind, string?, string?];
    const card = {
      ...this.records.cards,
      card: { name: "x", rushes: [] },
      ticks: { ...this.ticks },
      pages: [],
      camera_state: this.left,
    };
    if (method === "GET" && id === undefined) {
      const rows = what === "cards" ? [card] : [{ ...this.records[what] }];
      return [200, { as_of, [what]: rows, others: [], next: null, room: {} }];
    }
    if (path === "settings") this.settings = { ...this.settings, ...sent.settings };
    else if (path === "assumptions") this.assumptions = { ...this.assumptions, ...sent.assumptions };
    else if (path === "sweeps") this.sweep = "running";
    else if (what === ("sweeps" as Kind) && method === "DELETE") this.sweep = "cancelled";
    else if (part === "ticks") this.ticks = merged(this.ticks, sent.ticks);
    else if (part === "camera-state") this.left = sent.state.word;
    else if (what in this.records) return this.record(method, what, part, sent);
    return [200, { user: { assumptions: this.assumptions }, ticks: { ...this.ticks }, status: this.sweep, as_of }];
  }

  private record(method: string, what: Kind, part: string | undefined, sent: any): [number, unknown] {
    const now = this.records[what];
    if (method === "GET") return [200, { ...now }];
    if (sent.revision !== now.revision)
      return [409, { type: "changed-elsewhere", title: "x", status: 409, detail: "x", faults: [] }];
    const value = part === "undo" ? now.value - 1 : sent.value;
    this.records[what] = { ...now, revision: now.revision + 1, write_id: sent.write_id ?? "", value, can_undo: true };
    return [200, { ...this.records[what] }];
  }
}

const shelf = new Map<string, string>();
let server: FarServer;
let client: QueryClient;

const stub = (seed: number): void => {
  shelf.clear();
  forgetRecords();
  server = new FarServer(seed);
  client = new QueryClient({ defaultOptions: { queries: { staleTime: 15_000, retry: false } } });
  const quiet = { addEventListener: () => undefined, removeEventListener: () => undefined };
  vi.stubGlobal("localStorage", {
    getItem: (key: string) => shelf.get(key) ?? null,
    setItem: (key: string, text: string) => shelf.set(key, text),
    removeItem: (key: string) => shelf.delete(key),
  });
  vi.stubGlobal("window", {
    ...quiet,
    setTimeout: (run: () => void, ms: number) => setTimeout(run, ms),
    clearTimeout: (id: number) => clearTimeout(id),
  });
  vi.stubGlobal("document", { ...quiet, cookie: "", visibilityState: "visible" });
  vi.stubGlobal("fetch", (address: string, init: { method: string; body?: string }) => server.fetch(address, init));
};

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
  client.clear();
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

const pass = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);
const settle = (): Promise<unknown> => pass(120_000);
/** When the line is good again, every room asks once more. */
const atRest = async (): Promise<void> => {
  server.keeps = false;
  await settle();
  void client.invalidateQueries();
  await settle();
};
const seeds = Array.from({ length: 60 }, (_, at) => at + 1);

/** Holds a list as a room that shows it does, and writes down every value it showed. */
const shown = <T>(query: any, of: (data: any) => T): T[] => {
  const values: T[] = [];
  new QueryObserver<any, any, any, any, any>(client, query).subscribe(({ data }) => {
    if (data === undefined) return;
    const value = of(data);
    if (JSON.stringify(value) !== JSON.stringify(values.at(-1))) values.push(value);
  });
  return values;
};

const changes = <T>(values: T[]): T[] => values.filter((value, at) => at === 0 || value !== values[at - 1]);

describe("answers that arrive late", () => {
  it.each(seeds)("leave every tick, and how the camera was left, as they were set last (%i)", async (seed) => {
    stub(seed);
    const outbox = new Outbox("0123456789abcdef", arrivedIn(client));
    const now = (data: any): [boolean, boolean] => {
      const ticks = merged(data.cards[0].ticks, waitingTicks(outbox.snapshot(), "r"));
      return [ticks["area"]?.on === true, ticks["focus"]?.on === true];
    };
    const ticks = shown(cardsQuery, now);
    outbox.subscribe(() => {
      const data = client.getQueryData(["cards"]);
      if (data !== undefined) ticks.push(now(data));
    });
    const left = shown(cardsQuery, (data) => data.cards[0].camera_state);
    await settle();
    outbox.tick("r", "area", true);
    await pass(800 * server.random());
    outbox.cameraState("b", { word: "typed" }, "typed");
    void client.invalidateQueries({ queryKey: ["cards"] });
    await pass(800 * server.random());
    outbox.tick("r", "focus", true);
    await pass(800 * server.random());
    outbox.cameraState("b", { word: "set" }, "ticked");
    await pass(800 * server.random());
    outbox.tick("r", "area", false);
    await atRest();
    expect(outbox.snapshot()).toEqual([]);
    expect(now(client.getQueryData(["cards"]))).toEqual([false, true]);
    // none was there again after it had gone
    expect(left.filter((word) => word !== "typed")).toEqual(["nobody", "set"]);
    expect(changes(ticks.map(([area]) => area))).toEqual([false, true, false]);
    expect(changes(ticks.map(([, focus]) => focus))).toEqual([false, true]);
  });

  it.each(seeds)("leave every record as it was written last, in its room and in the lists (%i)", async (seed) => {
    stub(seed);
    const lists = {
      rushes: shown(rushesQuery, (data) => data.rushes[0].revision),
      gear: shown(gearQuery, (data) => data.gear[0].revision),
    };
    for (const kind of kinds) {
      const autosave = new Autosave<{ value: number }, Kept>(server.records[kind], {
        path: `${kind}/r`,
        draftOf: ({ value }) => ({ value }),
      });
      const stop = autosave.start();
      const seen: number[] = [];
      autosave.subscribe(() => {
        const { value } = autosave.snapshot().draft;
        if (seen.at(-1) !== value) seen.push(value);
      });
      for (const value of [1, 2, 3, 4]) {
        autosave.edit({ value }, `g${value}`);
        void autosave.refresh();
        void client.invalidateQueries({ queryKey: [kind] });
        await pass(900 * server.random());
      }
      const undone = autosave.undo();
      await settle();
      await undone;
      expect(seen).toEqual([1, 2, 3, 4, 3]);
      expect(autosave.snapshot()).toMatchObject({ dirty: false, save: { kind: "saved" }, draft: { value: 3 } });
      expect(server.records[kind].value).toBe(3);
      stop();
      void client.invalidateQueries({ queryKey: [kind] });
      await settle();
    }
    await atRest();
    for (const kind of ["rushes", "gear"] as const) {
      expect(lists[kind].at(-1)).toBe(server.records[kind].revision);
      expect(lists[kind]).toEqual(lists[kind].toSorted((a, b) => a - b));
    }
  });

  it.each(seeds.slice(0, 20))("leave settings, figures and a sweep as they were asked for last (%i)", async (seed) => {
    stub(seed);
    const outbox = new Outbox("0123456789abcdef", arrivedIn(client));
    const sweeps = shown(
      {
        queryKey: ["sweeps"],
        queryFn: async () => ({ status: (await requestAs<{ status: string }>("GET", "sweeps/s")).status }),
      },
      (data) => data.status,
    );
    await settle();
    const figures: unknown[] = [];
    for (const [at, theme] of ["dusk", "ember", "paper", "dusk"].entries()) {
      outbox.settings({ theme });
      expect(waitingSettings("0123456789abcdef")).toEqual({ theme });
      void inTurn(() =>
        requestAs<{ user: { assumptions: unknown } }>("PUT", "assumptions", { assumptions: { pass: at } }),
      ).then(({ user }) => figures.push(user.assumptions));
      await pass(400 * server.random());
    }
    const began = requestAs<{ status: string }>("POST", "sweeps").then(({ status }) =>
      client.setQueryData(["sweeps"], { status }),
    );
    void client.invalidateQueries({ queryKey: ["sweeps"] });
    await settle();
    await began;
    void client.invalidateQueries({ queryKey: ["sweeps"] });
    await pass(300 * server.random());
    void requestAs<{ status: string }>("DELETE", "sweeps/s").then(({ status }) =>
      client.setQueryData(["sweeps"], { status }),
    );
    await settle();
    expect(server.settings).toEqual({ theme: "dusk" });
    expect(figures).toEqual([0, 1, 2, 3].map((figure) => ({ pass: figure })));
    expect(sweeps).toEqual(["none", "running", "cancelled"]);
  });
});
