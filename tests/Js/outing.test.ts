import { describe, expect, it } from "vitest";
import {
  between,
  dayAt,
  isWithin,
  momentAt,
  stateAt,
  stepOf,
  type Day,
  type SpotWater,
} from "../../resources/js/rooms/outing/outing";
import { waves } from "../../resources/js/rooms/outing/WaterRow";

/** As much of a night as its moments need. */
const night = { from: "2026-10-24T20:00:00+01:00", until: "2026-10-25T06:00:00+00:00" } as Day;

describe("the moments of a night", () => {
  it("say of which day they are, where that is not the day it begins on", () => {
    expect(momentAt("2026-10-24T23:40:00+01:00", night)).toBe("23:40");
    expect(momentAt("2026-10-25T01:10:00+01:00", night)).toBe("01:10 next day");
    expect(dayAt("2026-10-23T23:10:00+01:00", night)).toBe("the day before");
    expect(between({ from: "2026-10-24T23:40:00+01:00", until: "2026-10-25T01:10:00+01:00" }, night)).toBe(
      "23:40 – 01:10 next day",
    );
    expect(between({ from: "2026-10-25T02:10:00+00:00", until: "2026-10-25T03:00:00+00:00" }, night)).toBe(
      "02:10 – 03:00 next day",
    );
  });

  it("count their steps right through the hour that comes twice", () => {
    expect(stepOf(night, "2026-10-25T01:30:00+01:00")).toBe(66);
    expect(stepOf(night, "2026-10-25T01:30:00+00:00")).toBe(78);
    expect(
      isWithin("2026-10-25T01:30:00+00:00", { from: "2026-10-25T01:30:00+01:00", until: "2026-10-25T02:00:00+00:00" }),
    ).toBe(true);
    expect(
      isWithin("2026-10-25T02:00:00+00:00", { from: "2026-10-25T01:30:00+01:00", until: "2026-10-25T02:00:00+00:00" }),
    ).toBe(false);
  });
});

it("knows what the water does to a spot up to the last moment, and never takes what is not told for free", () => {
  const water = {
    states: [
      { state: "open", from: "2026-05-16T05:00:00+01:00", until: "2026-05-16T09:00:00+01:00" },
      { state: "shut", from: "2026-05-16T09:00:00+01:00", until: "2026-05-16T12:00:00+01:00" },
    ],
  } as SpotWater;
  expect(stateAt(water, "2026-05-16T08:55:00+01:00")).toBe("open");
  expect(stateAt(water, "2026-05-16T09:00:00+01:00")).toBe("shut");
  expect(stateAt(water, "2026-05-16T12:00:00+01:00")).toBe("shut");
  expect(stateAt(water, "2026-05-16T04:55:00+01:00")).toBe("unknown");
  expect(stateAt({ ...water, states: [] }, "2026-05-16T08:00:00+01:00")).toBe("unknown");
});

it("draws waves from end to end, however little room there is", () => {
  for (const room of [3, 14, 100, 531.4]) {
    const rows = waves(10, 10 + room, 0, 2)
      .split("M")
      .slice(1);
    expect(rows).toHaveLength(2);
    const steps = [...rows[0]!.matchAll(/[qt](?:[\d.]+ -3 )?([\d.]+) 0/g)].map((one) => Number(one[1]));
    expect(steps.reduce((sum, one) => sum + one, 0)).toBeCloseTo(room, 0);
  }
});
