// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from "vitest";
import { MOST_SHOWN, withTheRest, type BurstWhole } from "../../resources/js/rooms/log/log";

afterEach(() => {
  vi.unstubAllGlobals();
});

/** A burst of so many frames, told 600 at a time from one on. */
const told = (frames: number, from: number): BurstWhole =>
  ({
    burst: {
      id: "a",
      frames,
      all: Array.from({ length: Math.max(0, Math.min(600, frames - from)) }, (_, at) => ({ id: `${from + at}` })),
    },
    look: null,
    undo: "a verdict",
    redo: null,
  }) as unknown as BurstWhole;

const asked = (frames: number): string[] => {
  const addresses: string[] = [];
  vi.stubGlobal("fetch", async (address: string) => {
    addresses.push(address);
    const from = Number(new URL(address, "http://here").searchParams.get("from"));
    return new Response(JSON.stringify(told(frames, from)), { headers: { "Content-Type": "application/json" } });
  });
  return addresses;
};

it("asks for the frames of a long burst page by page, and for nothing more of a short one", async () => {
  const short = asked(600);
  expect((await withTheRest(told(600, 0))).burst.all).toHaveLength(600);
  expect(short).toEqual([]);
  const long = asked(1500);
  const whole = await withTheRest(told(1500, 0));
  expect(whole.burst.all.map((one) => one.id)).toEqual(Array.from({ length: 1500 }, (_, at) => `${at}`));
  expect(whole.undo).toBe("a verdict");
  expect(long).toHaveLength(2);
});

it("shows no more than a page can, and ends where frames have gone meanwhile", async () => {
  asked(100_000);
  expect((await withTheRest(told(100_000, 0))).burst.all).toHaveLength(MOST_SHOWN);
  const fewer = asked(600);
  expect((await withTheRest(told(700, 0))).burst.all).toHaveLength(600);
  expect(fewer).toHaveLength(1);
});
