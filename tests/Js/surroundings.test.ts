import { schools } from "../../resources/js/generated/vocabulary";
import { describe, expect, it } from "vitest";
import type { Rush } from "../../resources/js/api/types";
import {
  behindWords,
  clutterSeen,
  followWords,
  frontWords,
  hasObstacles,
  obstacleAt,
  schoolWords,
  withClutter,
} from "../../resources/js/sentence/surroundings";
import { withIntent, withPhotographer } from "../../resources/js/rush/draft";
import { setFigures } from "../../resources/js/session/figures";
import { draft } from "./draft";

const clutter = (own: Partial<Rush["clutter"]>) => withClutter(draft(), own);

describe("what surrounds the subject", () => {
  it("tells what is in front, and who passes", () => {
    expect(frontWords(draft(), "metric")).toBe("nothing in front");
    expect(frontWords(clutter({ foreground: "dense" }), "metric")).toBe("dense clutter in front");
    expect(frontWords(clutter({ crossers: "frequent" }), "metric")).toBe("others passing all the time");
    expect(frontWords(clutter({ foreground: "sparse", crossers: "occasional" }), "metric")).toBe(
      "a few things in front, others passing now and then",
    );
  });

  it("tells what was said to be in front but stands behind, and sees it there", () => {
    const reeds = clutter({ foreground: "dense", obstacle_distance_m: 22 });
    expect(reeds.rush.distance.work_m).toBeLessThan(22);
    expect(frontWords(reeds, "metric")).toBe("dense clutter at 22\u00a0m, behind it,");
    expect(clutterSeen(reeds.rush)).toMatchObject({ foreground: "none", background: "busy" });
    expect(clutterSeen(clutter({ foreground: "dense", obstacle_distance_m: 5 }).rush).foreground).toBe("dense");
  });

  it("tells what is behind, in the units read", () => {
    expect(behindWords(draft(), "metric")).toBe("plain ground far behind");
    expect(behindWords(clutter({ background: "busy", background_gap_m: 3 }), "metric")).toBe(
      "a busy ground 3\u00a0m behind",
    );
    expect(
      behindWords(
        clutter({ background: "moderate", background_gap_m: 30.48, foliage_moving: true, separation: "similar" }),
        "imperial",
      ),
    ).toBe("some shapes of its own tone 100\u00a0ft behind, leaves moving");
  });

  it("tells whom to follow and from where", () => {
    expect(followWords(draft())).toBe("this one");
    expect(followWords(withIntent(draft(), { follow: "whoever-enters", entry: "left" }))).toBe(
      "whoever comes in from the left",
    );
    expect(followWords(withIntent(draft(), { follow: "nearest", entry: "below" }))).toBe("whoever leads rising");
  });

  it("tells whose schools", () => {
    const by = (picked: Rush["photographer"]["schools"]) => schoolWords(withPhotographer(draft(), { schools: picked }));
    expect(by({})).toBe("the usual schools");
    expect(by({ flight: "long-box" })).toBe("my school on flight");
    expect(by({ flight: "long-box", button: "thumb" })).toBe("2 schools of my own");
    expect(schools).toSatisfy((all: unknown[]) => all.length >= 9);
  });

  it("takes obstacles to stand at four fifths of the way until the rush says where", () => {
    expect(obstacleAt(draft().rush)).toBeCloseTo(draft().rush.distance.work_m * 0.8);
    expect(obstacleAt(clutter({ obstacle_distance_m: 7 }).rush)).toBe(7);
    expect(hasObstacles(draft().rush)).toBe(false);
    expect(hasObstacles(clutter({ crossers: "occasional" }).rush)).toBe(true);
  });
});

describe("where obstacles stand", () => {
  it("is as the rush says, else by the figure the plan assumes, as this account has it", () => {
    const { rush } = clutter({ foreground: "sparse" });
    expect(obstacleAt(rush)).toBeCloseTo(rush.distance.work_m * 0.8, 12);
    setFigures({ "obstacle.place": 0.5 });
    expect(obstacleAt(rush)).toBeCloseTo(rush.distance.work_m * 0.5, 12);
    expect(obstacleAt(clutter({ obstacle_distance_m: 7 }).rush)).toBe(7);
    setFigures({});
  });
});
