import { describe, expect, it } from "vitest";
import { Timeline, type Aside } from "../../resources/js/autosave/Timeline";
import { seek, terms, termOf } from "../../resources/js/glossary/terms";
import { holdFields } from "../../resources/js/hold/hold";
import { parting } from "../../resources/js/hold/parting";

const aside = (): Aside => ({ undo: () => Promise.resolve(), redo: () => Promise.resolve() });

describe("the order of steps", () => {
  it("takes an aside back in its turn, between the steps of the record", () => {
    const line = new Timeline();
    const figure = aside();
    line.edited("distance-1");
    line.edited("distance-1");
    line.done(figure);
    line.edited("speed-2");
    expect(line.back()).toBeNull();
    expect(line.undoes).toBe(true);
    expect(line.back()).toBe(figure);
    expect(line.back()).toBeNull();
    expect(line.forth()).toBeNull();
    expect(line.redoes).toBe(true);
    expect(line.forth()).toBe(figure);
    expect(line.forth()).toBeNull();
  });

  it("goes on beyond what this page has done, and forgets what another has overtaken", () => {
    const line = new Timeline();
    expect(line.back()).toBeNull();
    expect(line.forth()).toBeNull();
    line.done(aside());
    line.forget();
    expect(line.undoes).toBe(false);
    // what is done after a step back takes the place of what lay ahead
    const [first, second] = [aside(), aside()];
    line.done(first);
    line.back();
    line.done(second);
    expect(line.redoes).toBe(false);
    expect(line.back()).toBe(second);
  });
});

describe("the words of the craft", () => {
  it("explains every field of a hold that a person may ask about", () => {
    const known = new Set(terms.map(({ id }) => id));
    expect(known.size).toBe(terms.length);
    for (const { id } of holdFields) if (!["focal_mm", "detection.eye"].includes(id)) expect(known, id).toContain(id);
  });

  it("is found by its name, by what others say, and by what is said of it", () => {
    expect(seek("stay")[0]?.id).toBe("tuning.stay");
    expect(seek("tracking sensitivity")[0]?.id).toBe("tuning.stay");
    expect(seek("behind a post").map(({ id }) => id)).toContain("tuning.stay");
    expect(seek("zebra crossing")).toEqual([]);
    expect(seek(" ")).toBe(terms);
    expect(termOf("nothing")).toBeUndefined();
  });
});

describe("plan and rehearsal", () => {
  const odds = { share: 0.42, kept: 0.5, still: 0.8, poor: false, words: "", of: "frames" } as const;

  it("say where they part, and only there", () => {
    expect(parting(odds, 0.05)).toBe("The plan reckons 42 of 100 frames sharp; played out, 5 were.");
    expect(parting(odds, 0.3)).toBeNull();
    expect(parting({ ...odds, of: "passes" }, 0)).toBeNull();
  });
});
