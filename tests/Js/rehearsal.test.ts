import { describe, expect, it } from "vitest";
import { count, spread } from "../../resources/js/units/counts";
import { noDials, turned } from "../../resources/js/hold/dials";
import {
  besideFrame,
  frameAt,
  nearestFrame,
  sharpRange,
  stepAt,
  type Take,
  type Tried,
} from "../../resources/js/rooms/rehearse/rehearsal";
import { gain } from "../../resources/js/rooms/rehearse/ExpectationPanel";

const tried = {
  frames: [0.2, 0.25, 0.3, 1.0].map((at_s) => ({ at_s, verdict: "sharp" })),
  hold: { drive: { fps: 20 } },
} as unknown as Tried;

describe("the frames of a pass", () => {
  it("are found at their own time and not between", () => {
    expect(frameAt(tried, 0.26)?.at_s).toBe(0.25);
    expect(frameAt(tried, 0.6)).toBeNull();
    expect(frameAt({ ...tried, frames: [] }, 0.2)).toBeNull();
    expect(nearestFrame(tried, 0.6)).toBe(0.3);
    expect(nearestFrame({ ...tried, frames: [] }, 0.6)).toBe(0.6);
  });

  it("are stepped through one by one, and end at the ends of the pass", () => {
    expect(besideFrame(tried, 0, 1, 3)).toBe(0.2);
    expect(besideFrame(tried, 0.2, 1, 3)).toBe(0.25);
    expect(besideFrame(tried, 0.9, -1, 3)).toBe(0.3);
    expect(besideFrame(tried, 1.0, 1, 3)).toBe(3);
    expect(besideFrame(tried, 0.2, -1, 3)).toBe(0);
  });

  it("lie on the steps of the pass", () => {
    const take = { pass: { distance_m: [10, 11, 12] }, scene: { step_s: 0.1 } } as unknown as Take;
    expect(stepAt(take, 0.14)).toBe(1);
    expect(stepAt(take, 9)).toBe(2);
    expect(stepAt(take, -1)).toBe(0);
  });
});

describe("what is sharp round a plane", () => {
  it("reaches as far in dioptres on both sides, and to infinity where that ends", () => {
    const [near, far] = sharpRange(20, 0.01);
    expect(1 / near - 1 / 20).toBeCloseTo(0.01, 9);
    expect(1 / 20 - 1 / far).toBeCloseTo(0.01, 9);
    expect(sharpRange(200, 0.01)[1]).toBe(Infinity);
  });
});

describe("dials", () => {
  it("are turned and given back one by one", () => {
    expect(turned({ stay: 3 }, { pace: 1 })).toEqual({ stay: 3, pace: 1 });
    expect(turned({ stay: 3, pace: 1 }, { stay: undefined })).toEqual({ pace: 1 });
    expect(noDials(turned({ stay: 0 }, { stay: undefined }))).toBe(true);
    expect(noDials({ stay: 0 })).toBe(false);
  });
});

describe("what a rehearsal tells", () => {
  it("is counted as a person counts", () => {
    expect([0, 0.04, 1.44, 2, 9.96, 13.77].map(count)).toEqual(["0", "0", "1.4", "2", "10", "14"]);
    expect(spread(8, 11)).toBe("8 to 11");
    expect(spread(0, 0)).toBe("0");
  });

  it("calls nothing a gain that chance may have made", () => {
    expect(gain({ gain: { mean: 1.5, half: 0.4, telling: true } })).toBe("1.5 more sharp a pass (1.1–1.9)");
    expect(gain({ gain: { mean: -2, half: 0.5, telling: true } })).toBe("2 fewer sharp a pass (1.5–2.5)");
    expect(gain({ gain: { mean: 0.2, half: 0.5, telling: false } })).toContain("not to be told apart");
  });
});
