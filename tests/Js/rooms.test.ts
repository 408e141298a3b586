import { describe, expect, it } from "vitest";
import { ago, asLeftNow, merged, toMake, type OwnPage } from "../../resources/js/rooms/card/card";
import { waitingTicks } from "../../resources/js/session/Outbox";
import {
  follow,
  put,
  seconds,
  times,
  without,
  withoutHold,
  type Layout,
} from "../../resources/js/rooms/controls/layout";
import { fresh, menuOf, sliderSteps, whereKind, type Body } from "../../resources/js/rooms/kit/kit";
import { withTuning } from "../../resources/js/rooms/kit/tuning";

const layout: Layout = {
  format: "layout/1",
  scheme: "thumb",
  shutter_focuses: false,
  prefocus: false,
  gloves: false,
  holds: ["a", "b"],
  base: "a",
  uses: [{ control: "thumb", does: "recall", hold: "b", carries: ["start"] }],
  follows: [{ from: "a", to: "b", times: 7 }],
};

describe("a layout", () => {
  it("gives a control one use at a time", () => {
    const next = put(layout, { control: "thumb", does: "focus", hold: null, carries: [] });
    expect(next.uses).toHaveLength(1);
    expect(next.uses[0]?.does).toBe("focus");
    expect(without(next, "thumb").uses).toEqual([]);
    expect(layout.uses[0]?.does).toBe("recall");
  });

  it("counts a change once unless told otherwise", () => {
    expect(times(layout, "a", "b")).toBe(7);
    expect(times(layout, "b", "a")).toBe(1);
    expect(times(follow(layout, "b", "a", 0), "b", "a")).toBe(0);
    expect(follow(layout, "a", "b", 2).follows).toHaveLength(1);
  });

  it("forgets a hold with everything that hangs on it", () => {
    const next = withoutHold(layout, "b");
    expect(next.holds).toEqual(["a"]);
    expect(next.uses).toEqual([]);
    expect(next.follows).toEqual([]);
    expect(withoutHold(layout, "a").base).toBeNull();
  });

  it("tells seconds without noise", () => {
    expect([0, 0.2, 3.15, 12.4].map(seconds)).toEqual(["0", "0.2", "3.1", "12"]);
  });
});

describe("ticks", () => {
  const tick = (on: boolean, at: number) => ({ on, at });
  it("are those made last, wherever they were made", () => {
    expect(
      merged({ a: tick(true, 5), b: tick(true, 1) }, { a: tick(false, 3), b: tick(false, 2), c: tick(true, 9) }),
    ).toEqual({
      a: tick(true, 5),
      b: tick(false, 2),
      c: tick(true, 9),
    });
  });
  it("wait under the card they belong to", () => {
    const letters = [
      { path: "cards/1/ticks", body: { ticks: { x: tick(true, 1) } } },
      { path: "gear/7/left", body: {} },
    ];
    expect(waitingTicks(letters, "1")).toEqual({ x: tick(true, 1) });
    expect(waitingTicks(letters, "2")).toEqual({});
  });
  it("are told by age in plain words", () => {
    const back = (minutes: number): string => ago(new Date(Date.now() - minutes * 60_000).toISOString());
    expect([0, 5, 180, 4000].map(back)).toEqual(["just now", "5 minutes ago", "3 hours ago", "3 days ago"]);
  });
});

describe("a body's own scales", () => {
  it("are laid over our axis from either side", () => {
    expect(sliderSteps(-2, 2, 4, true)).toEqual([
      { word: "−2", at: 0 },
      { word: "−1", at: 1 },
      { word: "0", at: 2 },
      { word: "+1", at: 3 },
      { word: "+2", at: 4 },
    ]);
    expect(sliderSteps(1, 5, 4, false).map((step) => step.at)).toEqual([4, 3, 2, 1, 0]);
    expect(sliderSteps(1, 5, 2, true).map((step) => `${step.word}=${step.at}`)).toEqual([
      "1=0",
      "2=0.5",
      "3=1",
      "4=1.5",
      "5=2",
    ]);
  });

  it("come and go with the way of tuning", () => {
    const body = fresh.body.document as unknown as Body;
    expect(withTuning(body, "none").stay_levels_s).toEqual([]);
    const back = withTuning(withTuning(body, "none"), "scales");
    expect(back.stay_levels_s).toHaveLength(5);
    expect(back.dialect?.tuning?.stay?.steps).toHaveLength(5);
    expect(withTuning(body, "presets").dialect?.tuning?.presets?.map((one) => one.word)).toEqual([
      "1",
      "2",
      "3",
      "4",
      "5",
    ]);
    expect(withTuning(body, "cases").has_pace).toBe(true);
  });

  it("read a way through the menu as it is typed", () => {
    expect(menuOf(" Focus >  Lookout › Kind ")).toEqual(["Focus", "Lookout", "Kind"]);
    expect(menuOf("  ")).toEqual([]);
    expect(whereKind({ press: "a", turn: "b" })).toBe("press");
    expect(whereKind({ turn: "b" })).toBe("turn");
  });
});

describe("a way of tuning", () => {
  it("is laid over the levels the body has, however many", () => {
    const body = { ...fresh.body.document, stay_levels_s: [0, 0.2, 0.5] } as unknown as Body;
    const scales = withTuning(body, "scales");
    expect(scales.stay_levels_s).toEqual([0, 0.2, 0.5]);
    expect(Math.max(...scales.dialect!.tuning!.stay!.steps.map((one) => one.at))).toBe(2);
    const presets = withTuning(body, "presets").dialect!.tuning!.presets!;
    expect(Math.max(...presets.map((one) => one.stay))).toBeLessThanOrEqual(2);
  });
});

describe("what is to be set", () => {
  const set = { format: "camera-state/1", area: "spot", iso: 800 };
  const change = { id: "area", field: "area", name: "area", from: null, to: "one point", where: "", danger: null };
  const sheet = {
    key: "r",
    body: { id: "b", name: "B" },
    camera_state: null,
    state_once_set: set,
    changes: [change],
  } as unknown as OwnPage;
  const left = (state: Record<string, unknown>) => ({ by: "typed", at: "2026-11-25T08:00:00.000Z", state });

  it("is nothing once the body was left just so, and is unknown once it was left in another way", () => {
    expect(toMake(sheet)).toEqual({ changes: [change], counted: true });
    const done = asLeftNow(sheet, left({ iso: 800, area: "spot", format: "camera-state/1" }));
    expect(toMake(done)).toEqual({ changes: [], counted: true });
    expect(toMake(asLeftNow(sheet, left({ format: "camera-state/1", iso: 100 })))).toEqual({
      changes: [change],
      counted: false,
    });
  });

  it("is what it was when that is taken back", () => {
    const undone = asLeftNow(asLeftNow(sheet, left(set)), left({ format: "camera-state/1" }));
    expect(toMake(undone)).toEqual({ changes: [change], counted: true });
  });
});
