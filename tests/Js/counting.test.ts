import { describe, expect, it } from "vitest";
import { thousands } from "../../resources/js/units/numbers";
import {
  askedOf,
  between,
  burstsOf,
  inOrder,
  narrowed,
  queryOf,
  searchOf,
  whereOf,
} from "../../resources/js/rooms/log/counting";

const asked = (text: string) => askedOf(new URLSearchParams(text));

describe("the address of what is counted", () => {
  it("says what is asked, and nothing that goes without saying", () => {
    expect(searchOf(asked(""))).toBe("");
    const text = "?month=2026-05&by=area&and=shutter&order=high&beside=zone-wide&beside=spot";
    expect(searchOf(asked(text))).toBe(text);
    expect(asked(text).where).toEqual([["month", "2026-05"]]);
    expect(asked(text).beside).toEqual(["zone-wide", "spot"]);
  });

  it("takes an empty value for one: of bursts of which nobody knows the rush", () => {
    expect(asked("rush=").where).toEqual([["rush", ""]]);
    expect(queryOf([["rush", ""]])).toBe("?rush=");
  });

  it("keeps blanks, slashes and signs of a name as they are", () => {
    const lens = "Sandbar 500 f/5.6 & more #2 ";
    const there = searchOf({ by: "lens", and: null, where: [["lens", lens]], order: null, beside: [] });
    expect(asked(there.slice(1)).where).toEqual([["lens", lens]]);
  });

  it("is not put out by what nobody has written", () => {
    expect(asked("by=luck&and=weather&order=best")).toEqual({
      by: "rush",
      and: null,
      where: [],
      order: null,
      beside: [],
    });
    expect(asked("by=area&and=area").and).toBeNull();
    expect(asked("beside=a&beside=a&beside=b&beside=c").beside).toEqual(["a", "b"]);
  });

  it("narrows down, changes its mind, and widens again", () => {
    const one = narrowed([], "month", "2026-05");
    const two = narrowed(one, "area", "spot");
    expect(narrowed(two, "month", "2026-06")).toEqual([
      ["area", "spot"],
      ["month", "2026-06"],
    ]);
    expect(narrowed(two, "area", null)).toEqual(one);
    expect(whereOf(new URLSearchParams(queryOf(two).slice(1)))).toHaveLength(2);
  });

  it("asks the server for what it is told besides", () => {
    expect(queryOf([], { by: "area", and: null })).toBe("?by=area");
    expect(queryOf([["body", "A"]], { before: "2026-05-23 05:40:00.000 01" })).toContain("before=2026-05-23+05%3A40");
    expect(queryOf([])).toBe("");
  });
});

describe("the order of a table of counts", () => {
  const row = (value: string, share: number, half: number, frames: number) => ({
    value,
    share,
    least: share - half,
    most: share + half,
    frames,
  });

  it("ranks nothing on a handful: the highest are those that are high to be sure", () => {
    const rows = [row("lucky", 0.9, 0.6, 4), row("steady", 0.7, 0.05, 900), row("poor", 0.2, 0.05, 300)];
    expect(inOrder(rows, "rush", "high").map((one) => one.value)).toEqual(["steady", "lucky", "poor"]);
    expect(inOrder(rows, "rush", "low").map((one) => one.value)).toEqual(["poor", "steady", "lucky"]);
    expect(inOrder(rows, "rush", null).map((one) => one.value)).toEqual(["steady", "poor", "lucky"]);
  });

  it("lets steps stand in their own order, also those below nought, and what is not known at the end", () => {
    const rows = ["", "10", "-2", "9", "11"].map((value) => row(value, 0.5, 0.1, 10));
    expect(inOrder(rows, "shutter", null).map((one) => one.value)).toEqual(["-2", "9", "10", "11", ""]);
    const months = ["2026-05", "", "2025-12"].map((value) => row(value, 0.5, 0.1, 10));
    expect(inOrder(months, "month", null).map((one) => one.value)).toEqual(["2025-12", "2026-05", ""]);
  });

  it("leaves the rows it was given as they were", () => {
    const rows = [row("b", 0.1, 0.1, 1), row("a", 0.2, 0.1, 2)];
    inOrder(rows, "area", "standing");
    expect(rows.map((one) => one.value)).toEqual(["b", "a"]);
  });
});

describe("numbers as a person reads them", () => {
  it("sets thousands apart and tells one from many", () => {
    expect(thousands(1_234_567)).toBe("1 234 567");
    expect(thousands(999)).toBe("999");
    expect(burstsOf(1)).toBe("1 burst");
    expect(burstsOf(2048)).toBe("2 048 bursts");
    expect(between(0.123, 0.456)).toBe("12 – 46 %");
  });
});
