import { describe, expect, it } from "vitest";
import { readTemperature, showTemperature } from "../../resources/js/units/temperature";

describe("a temperature", () => {
  it.each([
    ["12", 12],
    ["12 °C", 12],
    ["−3 C", -3],
    ["12,5", 12.5],
    ["54 °F", 12.22],
    ["32f", 0],
    ["-40 Fahrenheit", -40],
    ["", null],
  ])("reads %j", (text, celsius) => expect(readTemperature(text, "metric")).toEqual({ value: celsius }));

  it("takes a number alone in the unit it is shown in", () => {
    expect(readTemperature("54", "imperial")).toEqual({ value: 12.22 });
    expect(readTemperature("12 C", "imperial")).toEqual({ value: 12 });
  });

  it.each([
    ["warm", "no temperature"],
    ["12 m", "no temperature"],
    ["61", "it must be -60 °C to 60 °C"],
    ["-90", "The air has -90 °C"],
  ])("says what is amiss with %j", (text, says) =>
    expect((readTemperature(text, "metric") as { fault: string }).fault).toContain(says),
  );

  it("is read again as it is shown", () => {
    for (const units of ["metric", "imperial"] as const)
      for (let celsius = -60; celsius <= 60; celsius += 0.5) {
        const read = readTemperature(showTemperature(celsius, units), units) as { value: number };
        expect(Math.abs(read.value - celsius)).toBeLessThan(0.06);
      }
  });
});
