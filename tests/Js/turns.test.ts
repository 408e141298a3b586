import { describe, expect, it, vi } from "vitest";
import { inTurns } from "../../resources/js/api/turns";

describe("what reckons for long", () => {
  it("runs two at once, in the order in which it was asked for, and nothing waits behind what failed", async () => {
    const begun: number[] = [];
    const ends: (() => void)[] = [];
    let most = 0;
    let under = 0;
    const all = [0, 1, 2, 3, 4].map((at) =>
      inTurns("rushes/a/map", async () => {
        begun.push(at);
        most = Math.max(most, ++under);
        await new Promise<void>((resolve) => ends.push(resolve));
        under -= 1;
        if (at === 1) throw new Error("it failed");
        return at;
      }).catch(() => -1),
    );
    expect(begun).toEqual([0, 1]);
    // anything quick goes on meanwhile
    expect(await inTurns("rushes/a", async () => "quick")).toBe("quick");
    while (ends.length > 0) {
      ends.shift()!();
      // oxlint-disable-next-line no-await-in-loop -- one ends after the other
      await new Promise((resolve) => setTimeout(resolve));
    }
    expect(await Promise.all(all)).toEqual([0, -1, 2, 3, 4]);
    expect([begun, most]).toEqual([[0, 1, 2, 3, 4], 2]);
  });

  it("leaves its turns to what the page before left under way, until that is done", async () => {
    const kept = new Map<string, string>([["rush-hold-under-way", JSON.stringify([2, Date.now() - 1500])]]);
    vi.stubGlobal("sessionStorage", {
      getItem: (name: string) => kept.get(name) ?? null,
      setItem: (name: string, value: string) => void kept.set(name, value),
      removeItem: (name: string) => void kept.delete(name),
    });
    const leaves: (() => void)[] = [];
    vi.stubGlobal("window", { addEventListener: (_: string, run: () => void) => leaves.push(run), setTimeout });
    vi.resetModules();
    const fresh = await import("../../resources/js/api/turns");
    fresh.takeOverTurns();
    let begun = false;
    const done = fresh.inTurns("rushes/a/map", async () => {
      begun = true;
      leaves.forEach((leave) => leave());
    });
    expect([begun, kept.size]).toEqual([false, 0]);
    await done;
    expect(JSON.parse(kept.get("rush-hold-under-way")!)[0]).toBe(2);
    vi.unstubAllGlobals();
  });
});
