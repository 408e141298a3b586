import { describe, expect, it } from "vitest";
import { readTime } from "../../resources/js/rooms/outing/time";

describe("a time of day", () => {
  it.each([
    ["07:40", "07:40"],
    ["7:40", "07:40"],
    ["7.40", "07:40"],
    ["0740", "07:40"],
    ["740", "07:40"],
    ["7", "07:00"],
    ["7h40", "07:40"],
    ["7 am", "07:00"],
    ["7:40 PM", "19:40"],
    ["12 am", "00:00"],
    ["12:30 p.m.", "12:30"],
    ["23:59", "23:59"],
    ["0:00", "00:00"],
  ])("reads %s", (typed, time) => expect(readTime(typed)).toBe(time));

  it.each(["", "24:00", "7:60", "13 pm", "0 am", "noon", "7:4", "12345"])("does not read %j", (typed) =>
    expect(readTime(typed)).toBeNull(),
  );
});
