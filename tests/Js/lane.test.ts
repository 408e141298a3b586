import { describe, expect, it } from "vitest";
import { laneEnds, logScale, ticks } from "../../resources/js/lane/scale";

describe("the lane's scale", () => {
  it("goes there and back, and stays on the axis", () => {
    const scale = logScale(2, 200, 40, 1200);
    for (const metres of [2, 3.6, 18, 200]) expect(scale.metres(scale.x(metres))).toBeCloseTo(metres, 9);
    expect(scale.x(20)).toBeCloseTo(620);
    expect(scale.x(0.1)).toBe(40);
    expect(scale.x(Infinity)).toBe(1200);
    expect(scale.metres(-50)).toBeCloseTo(2);
  });

  it("holds closest focus and farthest distance with room, at any size", () => {
    for (const [closest, near, far] of [
      [0.3, 0.5, 1],
      [3.6, 14, 40],
      [4.3, 3, 20000],
      [0.01, 0.05, 0.06],
    ] as [number, number, number][]) {
      const [least, most] = laneEnds(closest, near, far);
      expect(least).toBeLessThanOrEqual(Math.max(0.05, Math.min(closest, near)));
      expect(most).toBeGreaterThan(far);
    }
  });

  it("labels 1, 2 and 5 in metres and in feet", () => {
    const labels = (unit: number): string[] => ticks(2, 200, unit).flatMap((tick) => (tick.major ? [tick.label] : []));
    expect(labels(1)).toEqual(["2", "5", "10", "20", "50", "100", "200"]);
    expect(labels(0.3048)).toEqual(["10", "20", "50", "100", "200", "500"]);
  });
});
