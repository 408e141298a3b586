import { describe, expect, it } from "vitest";
import type { Plan, SubjectKind } from "../../resources/js/api/types";
import { differences, holdFields, holdText, type Hold } from "../../resources/js/hold/hold";
import { logScale, placedTips } from "../../resources/js/lane/scale";
import { shapes } from "../../resources/js/lane/shapes";
import { fitted, shapeOf } from "../../resources/js/lane/silhouettes";
import { firstSentence, tied } from "../../resources/js/hold/sentences";
import { hare, seabird } from "./draft";

const hold: Hold = {
  format: "hold/1",
  focus_mode: "continuous",
  manual_technique: null,
  area: { pattern: "zone-wide", place: { x: 0.5, y: 0.4 } },
  detection: { subject: "bird", eye: true },
  tuning: { stay: 3, pace: null, pick: "auto" },
  aim: "eye",
  frame: "portrait",
  drive: { fps: 20, burst: "short" },
  stabiliser: "panning",
  limiter_m: [8, null],
  focal_mm: 500,
  shutter_s: 0.0005,
  f_number: 5.6,
  iso: 800,
  scheme: "two-thumbs",
};

describe("a hold in words", () => {
  it("says every field", () => {
    const said = Object.fromEntries(holdFields.map(({ id }) => [id, holdText(hold, id, "metric")]));
    expect(said).toMatchObject({
      shutter_s: "1/2000",
      f_number: "f/5.6",
      "area.pattern": "Wide zone",
      "area.place": "50 % across, 40 % down",
      "tuning.pace": "no dial",
      limiter_m: "8\u00a0m – ∞",
      scheme: "Two thumbs",
      frame: "Upright",
      "drive.burst": "Short bursts",
    });
    expect(Object.values(said).every((text) => text !== "")).toBe(true);
    expect(holdText({ ...hold, limiter_m: null }, "limiter_m", "metric")).toBe("none");
  });

  it("finds what differs, and nothing else", () => {
    expect(differences(hold, hold)).toEqual([]);
    const other: Hold = {
      ...hold,
      iso: 1600,
      area: { ...hold.area, pattern: "lock-on" },
      tuning: { ...hold.tuning, stay: 1 },
    };
    expect(differences(hold, other)).toEqual(["iso", "area.pattern", "tuning.stay"]);
  });
});

describe("reasons", () => {
  it("are cut after the first sentence, not inside a number", () => {
    expect(firstSentence("At f/5.6 it is 1.5 m off. Then more.")).toBe(tied("At f/5.6 it is 1.5 m off."));
    expect(firstSentence("One only")).toBe("One only");
  });

  it("keep numbers and units on one line", () => {
    expect(tied("15.0 µm of blur")).toBe("15.0\u00a0µm of blur");
    expect(tied("it keeps 88 % of them")).toBe("it keeps 88\u00a0% of them");
  });
});

describe("the drawings", () => {
  it("have one for every kind and posture, of a size and with a head inside it", () => {
    for (const shape of Object.values(shapes)) {
      const [x, y, width, height] = shape.box;
      expect(width).toBeGreaterThan(0);
      expect(shape.head[0]).toBeGreaterThanOrEqual(x);
      expect(shape.head[0]).toBeLessThanOrEqual(x + width);
      expect(shape.head[1]).toBeGreaterThanOrEqual(y);
      expect(shape.head[1]).toBeLessThanOrEqual(y + height);
    }
    expect(Object.keys(shapes).length).toBeGreaterThanOrEqual(14);
  });

  it("follow posture and kind", () => {
    const kind = (id: SubjectKind["id"], family: SubjectKind["family"]): SubjectKind => ({ ...seabird, id, family });
    expect(shapeOf(seabird, "flying")).toBe(shapes["gull-flying"]);
    expect(shapeOf(seabird, "perched")).toBe(shapes["wader-standing"]);
    expect(shapeOf(kind("tall-wader", "bird"), "stalking")).toBe(shapes["heron-stalking"]);
    expect(shapeOf(hare, null)).toBe(shapes["hare-running"]);
    expect(shapeOf(kind("diver", "person"), "tumbling")).toBe(shapes["tumbler"]);
    expect(shapeOf(kind("field-player", "person"), "upright")).toBe(shapes["runner"]);
  });

  it("fit a box without stretching", () => {
    const { width, height } = fitted(shapes["car"], 50, 50);
    expect(width).toBe(50);
    expect(width / height).toBeCloseTo(shapes["car"].box[2] / shapes["car"].box[3]);
  });
});

describe("tipping points on the lane", () => {
  const scale = logScale(2, 100, 48, 1200);
  const tip = (direction: "below" | "above", value: number, fields: string[]): Plan["tipping"][number] => ({
    dimension: "distance",
    direction,
    value,
    condition: direction === "below" ? `Nearer than ${value} m` : `Farther than ${value} m`,
    change: "large zone, 1/4000",
    fields,
  });

  it("mark what tells something, labelled with the first change", () => {
    const placed = placedTips(
      [
        tip("below", 9.4, ["area.pattern", "shutter_s"]),
        tip("above", 72, ["aim"]),
        tip("above", 19, ["shutter_s", "iso"]),
      ],
      scale,
    );
    expect(placed.map((one) => [one.metres, one.text])).toEqual([
      [9.4, "nearer than 9.4 m: large zone"],
      [72, "farther than 72 m: large zone"],
    ]);
    expect(placed[0]!.x).toBeCloseTo(scale.x(9.4));
  });

  it("leave out a label that has no room, never the mark", () => {
    const placed = placedTips([tip("above", 20, ["aim"]), tip("above", 20.4, ["tuning.stay"])], scale);
    expect(placed).toHaveLength(2);
    expect(placed[1]!.text).toBe("");
  });
});
