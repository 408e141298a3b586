import { describe, expect, it } from "vitest";
import { show, shownToType, shutter, step, type Quantity } from "../../resources/js/units/quantity";
import { read, readRange, unitAlone } from "../../resources/js/units/read";

type Units = "metric" | "imperial";
const value = (
  typed: string,
  quantity: Quantity,
  shown = 1,
  units: Units = "metric",
  range?: [number, number],
): number => {
  const found = read(typed, { quantity, units, shown, ...(range && { range }) });
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

  it.each<[string, Quantity, number]>([
    // feet and inches in every usual way; a number alone after feet is inches
    ["5 ft 11", "length", 1.8034],
    ["5'11", "length", 1.8034],
    ["5′11″", "length", 1.8034],
    ["5’11”", "length", 1.8034],
    ["6 feet 2 inches", "length", 1.8796],
    ["6 ft. 2 in.", "length", 1.8796],
    ["6' 2", "length", 1.8796],
    ["6½ in", "length", 0.1651],
    ["1 m 80", "length", 1.8],
    // thousands and decimals
    ["1,200.5 m", "length", 1200.5],
    ["1.200,5 m", "length", 1200.5],
    ["1 200 m", "length", 1200],
    ["1 200 m", "length", 1200],
    ["0,250 m", "length", 0.25],
    ["1.250 m", "length", 1.25],
    ["12,800", "iso", 12800],
    ["12.800", "iso", 12800],
    ["1/2,000", "time", 0.0005],
    ["1/2 000 s", "time", 0.0005],
    ["1⁄2000", "time", 0.0005],
    // as it is engraved, printed and spoken
    ["−2", "ev", -2],
    ["–2,5 EV", "ev", -2.5],
    ["1:5.6", "fNumber", 5.6],
    ["F 5.6", "fNumber", 5.6],
    ["f5.6", "fNumber", 5.6],
    ['0.3"', "time", 0.3],
    ["12 fps", "rate", 12],
    ["12 / s", "rate", 12],
    ["12 frames a second", "rate", 12],
    ["×1.4", "factor", 1.4],
    ["1,4x", "factor", 1.4],
    ["5 stops", "stops", 5],
    ["2.2 lb", "mass", 0.99790321],
    ["-1.5 m/s2", "acceleration", -1.5],
    ["40 miles per hour", "speed", 17.8816],
  ])("%s, as %s", (typed, quantity, expected) => expect(value(typed, quantity, 30)).toBeCloseTo(expected, 7));

  it("asks where a comma could be either, and only there", () => {
    const found = read("1,200 m", { quantity: "length", units: "metric", shown: 18, range: [0.1, 20000] });
    expect(found).toEqual({ fault: "“1,200 m” may be 1200 or 1.200: type it without the comma, or with a point" });
    // what lies outside cannot be meant
    expect(value("1,200 m", "length", 18, "metric", [0.1, 100])).toBeCloseTo(1.2);
    expect(value("6,000", "plain", 18, "metric", [500, 40000])).toBe(6000);
  });

  it("refuses what says two things", () => {
    for (const typed of ["12–40 m", "12 to 40", "5 ft 14", "5 m 3 m", "5 km 3", "3 cm 2 m"])
      expect(read(typed, { quantity: "length", units: "metric", shown: 18 })).toHaveProperty("fault");
  });

  it.each<[string, Quantity, [number, number]]>([
    ["12–40 m", "length", [12, 40]],
    ["12-40", "length", [12, 40]],
    ["40 to 130 ft", "length", [12.192, 39.624]],
    ["90 cm – 2 m", "length", [0.9, 2]],
    ["f/5–6.3", "fNumber", [5, 6.3]],
    ["f/5-f/6.3", "fNumber", [5, 6.3]],
    ["150-600 mm", "focal", [150, 600]],
  ])("reads a range: %s", (typed, quantity, ends) => {
    const found = readRange(typed, { quantity, units: "metric", shown: 18 });
    expect("range" in found && found.range.map((end) => Number(end.toFixed(6)))).toEqual(ends);
  });

  it("says what a number alone is in", () => {
    expect(unitAlone("length", "metric", 0.36)).toBe("cm");
    expect(unitAlone("length", "imperial", 18)).toBe("ft");
    expect(unitAlone("speed", "imperial", 9)).toBe("mph");
    expect(unitAlone("iso", "metric", 100)).toBeNull();
  });

  it("takes a bare number in the unit shown", () => {
    expect(value("20", "length", 0.36)).toBeCloseTo(0.2);
    expect(value("20", "length", 18)).toBe(20);
    expect(value("20", "length", 18, "imperial")).toBeCloseTo(6.096);
    expect(value("20", "speed", 9, "imperial")).toBeCloseTo(8.9408);
  });

  it.each(["", "fast", "9 parsecs", "1/0x", "9 m/s fast", "--3", "3 4 ft ft"])(
    "refuses “%s” with a reason",
    (typed) => {
      const found = read(typed, { quantity: "speed", units: "metric", shown: 9 });
      expect("fault" in found && found.fault.length > 10).toBe(true);
    },
  );
});

/** Numbers drawn from a seed, evenly by their logarithm. */
const drawn = function* (count: number, least: number, most: number): Generator<number> {
  let state = 20261125;
  for (let at = 0; at < count; at++) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    yield least * (most / least) ** (state / 2 ** 32);
  }
};

describe("what is shown, typed again", () => {
  const spans: [Quantity, number, number][] = [
    ["length", 0.002, 20000],
    ["speed", 0.02, 400],
    ["angle", 0.1, 180],
    ["ev", 0.01, 20],
    ["iso", 25, 800000],
    ["focal", 2, 2500],
    ["time", 1 / 64000, 60],
    ["fNumber", 0.7, 64],
    ["acceleration", 0.01, 60],
    ["mass", 0.05, 60],
    ["rate", 0.5, 240],
    ["stops", 0.1, 9],
    ["factor", 1, 4],
    ["plain", 0.0001, 100000],
  ];
  it.each(spans)("gives the same %s in every unit", (quantity, least, most) => {
    for (const units of ["metric", "imperial"] as const) {
      for (const each of drawn(400, least, most)) {
        for (const sign of quantity === "ev" || quantity === "acceleration" ? [1, -1] : [1]) {
          const text = shownToType(sign * each, quantity, units, 4);
          const back = value(text, quantity, sign * each, units);
          expect(shownToType(back, quantity, units, 4)).toBe(text);
          // and by whoever reads in the other units
          const other = units === "metric" ? "imperial" : "metric";
          expect(value(text, quantity, sign * each, other)).toBeCloseTo(back, 9);
        }
      }
    }
  });
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
