import { describe, expect, it } from "vitest";
import { starterBody } from "../../resources/js/generated/vocabulary";
import { consistent, whereKind } from "../../resources/js/rooms/kit/kit";
import { readPixels } from "../../resources/js/rooms/kit/pixels";
import {
  confirmed,
  everyPart,
  isAssumed,
  laidOver,
  onlySaid,
  unsaid,
  withSaid,
} from "../../resources/js/rooms/kit/said";
import { withPresets, withTuning } from "../../resources/js/rooms/kit/tuning";

describe("pixels as a sheet says them", () => {
  it.each([
    ["24 MP", 6000],
    ["24.0 megapixels", 6000],
    ["24 million", 6000],
    ["24", 6000],
    ["6000", 6000],
    ["6,000", 6000],
    ["6000 × 4000", 6000],
    ["4000x6000 px", 6000],
    ["45.7 MP", 8279],
    ["20,8 MP", 5586],
  ])("%s", (typed, across) => expect(readPixels(typed, 1.5)).toEqual({ value: across }));

  it.each(["abc", "-5", "24 MP or so", ""])("leaves “%s” to be refused", (typed) =>
    expect(readPixels(typed, 1.5)).toBeNull(),
  );
});

describe("what was said of a body, and what is assumed", () => {
  const fresh = unsaid([]);

  it("begins with nothing ticked, and marks what is changed as said", () => {
    expect(fresh.assumed).toEqual(everyPart);
    const shown = onlySaid(fresh);
    expect([shown.areas, shown.modes, shown.detects, shown.eye_detection_areas]).toEqual([[], [], [], []]);
    const ticked = laidOver(fresh, shown, { ...shown, areas: ["single-point"] });
    expect(ticked.areas).toEqual(["single-point"]);
    expect(isAssumed(ticked, "areas")).toBe(false);
    // what was not touched is as usual, and still marked
    expect(ticked.modes).toEqual(starterBody.modes);
    expect(isAssumed(ticked, "modes")).toBe(true);
  });

  it("is said by being confirmed as well, and says nothing once all is", () => {
    const all = everyPart.reduce(confirmed, fresh);
    expect(all).not.toHaveProperty("assumed");
    expect(withSaid(fresh, { ...fresh, fps: 8 }).assumed).not.toContain("fps");
    expect(withSaid(fresh, fresh)).toBe(fresh);
  });

  it("makes as many presets as there are, keeping those that are named", () => {
    const body = withPresets(withTuning(fresh, "presets"), 7);
    expect(body.dialect?.tuning?.presets?.map(({ word }) => word)).toEqual(["1", "2", "3", "4", "5", "6", "7"]);
    expect(withPresets(body, 3).dialect?.tuning?.presets).toHaveLength(3);
  });
});

describe("a lens", () => {
  it("zooms when its ends differ, and is set between them", () => {
    const lens = {
      focal_mm: 400,
      focal_min_mm: 150,
      focal_max_mm: 600,
      widest_f: 6.3,
      closest_m: 3,
      stabiliser_stops: 4,
      limiter_m: [],
      zoom: false,
    };
    expect(consistent(lens, "focal_min_mm")).toMatchObject({ zoom: true, focal_mm: 400 });
    expect(consistent(lens, "focal_max_mm")).toMatchObject({ focal_mm: 600 });
    expect(consistent({ ...lens, focal_min_mm: 600 }, "focal_min_mm")).toMatchObject({ zoom: false, focal_mm: 600 });
  });

  it("lives nowhere until somebody says where", () => {
    expect(whereKind({})).toBe("unsaid");
    expect(whereKind({ turn: "the rear dial" })).toBe("turn");
  });
});
