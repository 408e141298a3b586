import { describe, expect, it } from "vitest";
import { rushRanges } from "../../resources/js/generated/ranges";
import {
  bearingWords,
  lightWords,
  makeWords,
  subjectWords,
  withAct,
  withPattern,
  type WordId,
} from "../../resources/js/sentence/words";
import {
  withDistance,
  withIntent,
  withMotion,
  withOptional,
  withRangeAsSaid,
  withSubject,
  withSure,
} from "../../resources/js/rush/draft";
import { withKindOf } from "../../resources/js/sentence/naming";
import { pluralOf, withArticle } from "../../resources/js/units/wording";
import { step } from "../../resources/js/units/quantity";
import { draft, hare, seabird, telling } from "./draft";

const words = makeWords(step, rushRanges);
const word = (id: WordId) => words.find((entry) => entry.id === id)!;

describe("the words of the sentence", () => {
  it("has a letter of its own for each", () => {
    const letters = words.map((entry) => entry.letter);
    expect(new Set(letters).size).toBe(letters.length);
    expect(letters).not.toContain("n");
    expect(letters.every((letter) => /^[a-z]$/.test(letter))).toBe(true);
  });

  it("reads as a photographer would say it", () => {
    const say = (id: WordId) =>
      word(id)
        .text(telling())
        .replace(/\u00a0/g, " ");
    expect(say("subject")).toBe("A seabird");
    expect(say("size")).toBe("36 cm");
    expect(say("speed")).toBe("9 m/s");
    expect(say("distance")).toBe("18 m");
    expect(say("bearing")).toBe("crossing");
    expect(say("pattern")).toBe("moving steadily");
    expect(say("light")).toBe("thin cloud");
    expect(say("support")).toBe("hand-holding");
    expect(say("panning")).toBe("panning with it");
    expect(say("limbs")).toBe("wing tips may blur");
    expect(say("standard")).toBe("fine detail");
    expect(say("iso")).toBe("ISO 6400");
    expect(say("kit")).toBe("Skerry One, Lagoon 70–200 f/2.8");
    expect(word("kit").text(telling({ draft: { ...draft(), focal_mm: 135 } }))).toBe(
      "Skerry One, Lagoon 70–200 f/2.8 at 135 mm",
    );
    expect(word("kit").text(telling({ kit: null }))).toBe("no kit");
  });

  it("reads in feet where the person does", () => {
    const imperial = telling({ units: "imperial" });
    expect(word("distance").text(imperial)).toBe("59.1\u00a0ft");
    expect(word("size").text(imperial)).toBe("14.2\u00a0in");
    expect(word("speed").text(imperial)).toBe("20.1\u00a0mph");
  });

  it("says which way it looks while it does not travel, and where it goes when it does", () => {
    const still = telling({ draft: draft((d) => withMotion(d, { pattern: "still", speed_mps: 0, bearing_deg: 30 })) });
    expect(word("bearing").text(still)).toBe("facing aside");
    const turned = word("bearing").stepped(still, 1);
    expect(turned.rush.motion.facing).toBe("away");
    expect(turned.rush.motion.bearing_deg).toBe(30);
    expect(word("bearing").text(telling({ draft: draft((d) => withMotion(d, { bearing_deg: 30 })) }))).toBe(
      "coming on at 30°",
    );
  });

  it("says how fast it is off where it bursts away, as is usual or as typed", () => {
    const sudden = draft((d) => withMotion(d, { pattern: "sudden", speed_mps: 0.3 }));
    const say = (d: typeof sudden) =>
      word("speed")
        .text(telling({ draft: d }))
        .replace(/\u00a0/g, " ");
    expect(say(sudden)).toBe("0.3 m/s, then off at 6 m/s");
    expect(say(withMotion(sudden, { burst_mps: 4 }))).toBe("0.3 m/s, then off at 4 m/s");
    expect(say(withMotion(sudden, { speed_mps: 12 }))).toBe("12 m/s");
    // another kind has its own
    expect(withKindOf(withMotion(sudden, { burst_mps: 4 }), hare).rush.motion).not.toHaveProperty("burst_mps");
  });

  it("says how the camera is held, how far it streaks and how sure it is to be, only where somebody has said", () => {
    const plain = draft();
    expect(word("support").text(telling({ draft: plain }))).toBe("hand-holding");
    expect(word("standard").text(telling({ draft: plain }))).toBe("fine detail");
    const upright = withOptional(plain, "intent", { frame: "portrait" });
    expect(word("support").text(telling({ draft: upright }))).toBe("hand-holding, camera upright");
    expect(withOptional(upright, "intent", { frame: undefined }).rush.intent).not.toHaveProperty("frame");
    expect(word("standard").text(telling({ draft: withSure(plain, "nearly-all") }))).toBe(
      "fine detail in nearly all frames",
    );
    expect(withSure(withSure(plain, "most"), undefined).rush).not.toHaveProperty("sure");
    const streaking = withIntent(plain, { style: "pan-blur", streak: "hint" });
    expect(word("style").text(telling({ draft: streaking }))).toBe("frozen before a hint of streak");
  });

  it("tells how many, and how deep", () => {
    const many = telling({ draft: draft((d) => withSubject(d, { count: 3, depth_spread_m: 0.9 })) });
    expect(subjectWords(many).replace(/\u00a0/g, " ")).toBe("Three seabirds 90 cm deep");
    expect(subjectWords({ ...many, draft: withSubject(many.draft, { count: 40, depth_spread_m: 0 }) })).toBe(
      "40 seabirds",
    );
    expect(subjectWords({ ...many, kind: { ...seabird, id: "waterfowl", words: "a waterfowl" } })).toContain(
      "Three waterfowl ",
    );
  });

  it.each([
    [0, "coming straight at me"],
    [12, "coming straight at me"],
    [40, "coming on at 40°"],
    [90, "crossing"],
    [70, "crossing at 70°"],
    [140, "going away at 140°"],
    [180, "going straight away"],
  ])("calls a bearing of %d° “%s”", (degrees, expected) => expect(bearingWords(degrees)).toBe(expected));

  it.each([
    [15, "full sun"],
    [13.5, "hazy sun, EV 13.5"],
    [6, "dusk"],
    [20, "EV 20"],
    [-6, "EV -6"],
  ])("calls EV %d “%s”", (ev, expected) => expect(lightWords(ev)).toBe(expected));
});

describe("what it is called and what it is doing", () => {
  it("says the name a person has for it, one or many", () => {
    const called = draft((d) => withSubject(d, { called: "oystercatcher" }));
    expect(subjectWords(telling({ draft: called }))).toBe("An oystercatcher");
    expect(subjectWords(telling({ draft: withSubject(called, { count: 3 }) }))).toBe("Three oystercatchers");
    expect(["goose", "brent goose", "fox", "puppy", "jay", "sheep", "horse and rider"].map(pluralOf)).toEqual([
      "geese",
      "brent geese",
      "foxes",
      "puppies",
      "jays",
      "sheep",
      "horses and riders",
    ]);
    expect(["owl", "unicyclist", "heron", "eider"].map(withArticle)).toEqual([
      "an owl",
      "a unicyclist",
      "a heron",
      "an eider",
    ]);
  });

  it("takes off, lands, dives and hovers by a pattern with speeds of its own, until another pattern is picked", () => {
    const doing = (act: Parameters<typeof withAct>[2]) => withAct(draft(), seabird, act).rush.motion;
    expect(doing("taking-off")).toMatchObject({ pattern: "sudden", act: "taking-off", speed_mps: 0 });
    expect(doing("landing")).toMatchObject({ pattern: "accelerating", speed_mps: 9, acceleration_mps2: -6 });
    expect(doing("diving")).toMatchObject({ pattern: "accelerating", speed_mps: 14 });
    expect(doing("hovering")).toMatchObject({ pattern: "steady", speed_mps: 0.5 });
    const lands = withAct(draft(), seabird, "landing");
    expect(word("pattern").text(telling({ draft: lands }))).toBe("landing");
    expect(withPattern(lands, "steady").rush.motion).not.toHaveProperty("act");
  });
});

describe("changing a word", () => {
  it("brings the usual numbers of another kind", () => {
    const changed = withKindOf(draft(), hare).rush;
    expect(changed.subject).toMatchObject({
      kind: "running-mammal",
      length_m: 0.55,
      detection: "animal",
      limb_speed_mps: 9,
    });
    expect(changed.motion.speed_mps).toBe(12);
    expect(changed.name).toBe("Terns");
  });

  it("keeps nearest, working and farthest distance in order, whichever is moved", () => {
    for (const change of [{ work_m: 5 }, { work_m: 500 }, { near_m: 100 }, { far_m: 1 }, { work_m: 20 }]) {
      const { near_m, work_m, far_m } = withDistance(draft(), change).rush.distance;
      expect(near_m).toBeLessThanOrEqual(work_m);
      expect(work_m).toBeLessThanOrEqual(far_m);
    }
    expect(withDistance(draft(), { work_m: 5 }).rush.distance).toEqual({ near_m: 5, work_m: 5, far_m: 40 });
  });

  it("stretches the range it may be in only for as long as it is photographed outside of it", () => {
    const start = withDistance(draft(), { near_m: 12, work_m: 25, far_m: 40 });
    const said = { current: start.rush.distance };
    const range = ({ rush: { distance } }: typeof start) => [distance.near_m, distance.work_m, distance.far_m];
    let now = start;
    const go = (work_m: number) => {
      now = withRangeAsSaid(now, withDistance(now, { work_m }), said);
      return range(now);
    };
    expect([go(60), go(8), go(25)]).toEqual([
      [12, 60, 60],
      [8, 8, 40],
      [12, 25, 40],
    ]);
    // what is said itself counts from then on
    now = withRangeAsSaid(now, withDistance(now, { near_m: 20 }), said);
    expect([go(10), go(25)]).toEqual([
      [10, 10, 40],
      [20, 25, 40],
    ]);
  });

  it("leaves the draft it was given alone", () => {
    const before = draft();
    const copy = structuredClone(before);
    withMotion(before, { speed_mps: 30 });
    withDistance(before, { work_m: 3 });
    withKindOf(before, hare);
    expect(before).toEqual(copy);
  });

  it("steps by arrow keys, inside the range, and back again by the opposite key", () => {
    for (const entry of words) {
      const start = telling();
      const up = entry.stepped(start, 1);
      const back = entry.stepped({ ...start, draft: up }, -1);
      if (["subject", "kit", "schools"].includes(entry.id)) expect(up).toEqual(start.draft);
      else {
        expect(up).not.toEqual(start.draft);
        expect(entry.text({ ...start, draft: back })).toBe(entry.text(start));
      }
    }
  });

  it("stops at the ends of the range", () => {
    const at = (id: WordId, start: ReturnType<typeof draft>, by: 1 | -1) => {
      let now = start;
      for (let turn = 0; turn < 400; turn++) now = word(id).stepped(telling({ draft: now }), by);
      return now.rush;
    };
    expect(at("speed", draft(), 1).motion.speed_mps).toBe(rushRanges["motion.speed_mps"]![1]);
    expect(at("bearing", draft(), -1).motion.bearing_deg).toBe(0);
    expect(at("light", draft(), -1).light.ev100).toBe(-6);
    expect(at("distance", draft(), -1).distance.work_m).toBe(rushRanges["distance.work_m"]![0]);
  });
});
