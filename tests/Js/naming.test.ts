import { describe, expect, it } from "vitest";
import { names } from "../../resources/js/generated/names";
import { meant, ownOf, withKindOf, withMeant } from "../../resources/js/sentence/naming";
import { withSubject } from "../../resources/js/rush/draft";
import type { SubjectKind } from "../../resources/js/api/types";
import { draft, hare, seabird } from "./draft";

const ids = [...new Set(names.map(([, kind]) => kind))] as SubjectKind["id"][];
const kinds = ids.map((id): SubjectKind => ({ ...(id === "running-mammal" ? hare : seabird), id, words: `a ${id}` }));
const first = (typed: string, own: Parameters<typeof meant>[3] = {}) => meant(typed, kinds, names, own)[0];

describe("what may be meant", () => {
  it.each([
    ["heron", "heron", "tall-wader"],
    ["Herons", "heron", "tall-wader"],
    ["duck", "duck", "waterfowl"],
    ["goose", "goose", "waterfowl"],
    ["eagle", "eagle", "raptor"],
    ["gull", "gull", "seabird"],
    ["swan", "swan", "waterfowl"],
    ["deer", "deer", "running-mammal"],
    ["football", "footballer", "field-player"],
    ["tennis", "tennis player", "racket-player"],
    ["golf", "golfer", "swing-player"],
    ["train", "train", "car"],
    ["plane", "aircraft", "aircraft"],
    ["bee", "bee", "insect"],
    ["dragonfly", "dragonfly", "insect"],
    ["dancer", "dancer", "gymnast"],
    ["child", "child", "person"],
    ["kayak", "kayaker", "paddler"],
    ["sailing", "sailing boat", "boat"],
  ])("by “%s” is a %s, which moves like a %s", (typed, called, kind) => {
    expect(first(typed)).toMatchObject({ called, kind: { id: kind } });
  });

  it("knows at least 300 names, each once, with sizes and speeds that can be", () => {
    const all = names.flatMap(([name, , , , also]) => [name, ...also]);
    expect(new Set(all).size).toBe(all.length);
    expect(names.length).toBeGreaterThanOrEqual(300);
    for (const [name, , length, speed] of names) {
      expect(length, name).toBeGreaterThan(0.004);
      expect(length, name).toBeLessThanOrEqual(100);
      expect(speed, name).toBeGreaterThanOrEqual(0);
      expect(speed, name).toBeLessThanOrEqual(200);
      // typed in full, it is what comes first
      expect(first(name)?.called, name).toBe(name);
    }
  });

  it("is nothing where nothing is like it, and one's own before all else", () => {
    expect(first("wombat")).toBeUndefined();
    const own = { ...ownOf(draft()), kind: "running-mammal" as const, length_m: 0.9, speed_mps: 11 };
    expect(first("wombat", { wombat: own })).toMatchObject({ called: "wombat", length_m: 0.9, own });
    expect(first("heron", { heron: own })).toMatchObject({ kind: { id: "running-mammal" } });
  });

  it("brings its own numbers, keeps its name when it moves like something else, and loses it with another pick", () => {
    const heron = withMeant(draft(), first("heron")!);
    expect(heron.rush.subject).toMatchObject({ called: "heron", kind: "tall-wader", length_m: 0.95 });
    expect(withKindOf(heron, hare).rush.subject).toMatchObject({ called: "heron", kind: "running-mammal" });
    const kind = withMeant(heron, { called: null, kind: hare, length_m: 1, speed_mps: 2, own: null });
    expect(kind.rush.subject).not.toHaveProperty("called");
    // a kind that is called just that needs no name besides
    expect(
      withMeant(withSubject(draft(), {}), { ...first("heron")!, called: "tall-wader" }).rush.subject,
    ).not.toHaveProperty("called");
  });
});
