import { describe, expect, it } from "vitest";
import { read, show, shutter, step, type Quantity } from "../../resources/js/units/quantity";

const value = (typed: string, quantity: Quantity, shown = 1, units: "metric" | "imperial" = "metric"): number => {
  const found = read(typed, quantity, units, shown);
  if ("fault" in found) throw new Error(found.fault);
  return found.value;
};

describe("reading what a person types", () => {
  it.each<[string, Quantity, number]>([
    ["40 km/h", "speed", 40 / 3.6],
    ["20mph", "speed", 20 * 0.44704],
    ["12 kn", "speed", 12 * 0.514444],
    ["9", "speed", 9],
    ["1,5 m", "length", 1.5],
    ["1.5m", "length", 1.5],
    ["60 ft", "length", 18.288],
    ["5 ft 11 in", "length", 1.8034],
    ["5'11\"", "length", 1.8034],
    ["36 cm", "length", 0.36],
    ["1/2000", "time", 0.0005],
    ["f/5.6", "fNumber", 5.6],
    ["ISO 12,800", "iso", 12800],
    ["12 800", "iso", 12800],
    ["ev -3", "ev", -3],
    ["-2,5", "ev", -2.5],
    ["70°", "angle", 70],
    ["500 mm", "focal", 500],
  ])("%s", (typed, quantity, expected) => expect(value(typed, quantity)).toBeCloseTo(expected, 9));

  it("takes a bare number in the unit shown", () => {
    expect(value("20", "length", 0.36)).toBeCloseTo(0.2);
    expect(value("20", "length", 18)).toBe(20);
    expect(value("20", "length", 18, "imperial")).toBeCloseTo(6.096);
    expect(value("20", "speed", 9, "imperial")).toBeCloseTo(8.9408);
  });

  it.each(["", "fast", "9 parsecs", "1/0x", "9 m/s fast", "--3", "3 4 ft ft"])(
    "refuses “%s” with a reason",
    (typed) => {
      const found = read(typed, "speed", "metric", 9);
      expect("fault" in found && found.fault.length > 10).toBe(true);
    },
  );
});

describe("showing", () => {
  it("writes what it can read back", () => {
    for (const units of ["metric", "imperial"] as const) {
      for (const [quantity, values] of [
        ["length", [0.004, 0.36, 0.9, 1, 18, 95, 20000]],
        ["speed", [0.2, 9, 40, 120]],
        ["angle", [0, 45, 180]],
        ["ev", [-6, 7.5, 20]],
        ["iso", [100, 6400, 102400]],
      ] as [Quantity, number[]][]) {
        for (const each of values) {
          const back = value(show(each, quantity, units, 6), quantity, each, units);
          expect(Math.abs(back - each)).toBeLessThanOrEqual(Math.abs(each) * 1e-4 + 1e-9);
        }
      }
    }
  });

  it("writes shutters as engraved", () => {
    expect([1 / 3200, 1 / 8000, 0.5, 2].map(shutter)).toEqual(["1/3200", "1/8000", "0.5 s", "2 s"]);
    expect(show(null, "length", "metric")).toBe("∞");
  });
});

describe("stepping", () => {
  it("goes up and comes back down, and always moves", () => {
    for (const quantity of ["length", "speed", "ev", "iso", "angle"] as Quantity[]) {
      for (const start of [0.4, 1, 5, 18, 100, 6400]) {
        if (quantity === "iso" && start < 100) continue;
        expect(step(start, 1, quantity, "metric")).toBeGreaterThan(start);
        expect(step(start, -1, quantity, "imperial")).toBeLessThan(start);
      }
    }
    expect(step(step(18, 1, "length", "metric"), -1, "length", "metric")).toBeCloseTo(18);
    expect(step(6400, 1, "iso", "metric")).toBe(8000);
    expect(step(640_000, 1, "iso", "metric")).toBe(819_200);
    expect(step(64, -1, "iso", "metric")).toBe(50);
    expect(step(25, -1, "iso", "metric")).toBe(25);
    expect(step(0, 1, "speed", "metric")).toBeGreaterThan(0);
  });
});
