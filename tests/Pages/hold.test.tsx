// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import {
  all,
  api,
  choose,
  click,
  demo,
  focus,
  gone,
  keys,
  one,
  otherwise,
  path,
  planning,
  press,
  put,
  reads,
  saved,
  saying,
  see,
  text,
  until,
  value,
  visit,
  write,
} from "./page";

const area = (): string | null => document.querySelector("[data-testid=pane]")?.getAttribute("data-area") ?? null;
const now = (grip: string): number =>
  Number(document.querySelector(`[data-grip=${grip}]`)?.getAttribute("aria-valuenow"));

describe("the hold", () => {
  it("changes area, reason and pane when clutter is put in front by keyboard, and says what changed", async () => {
    await planning();
    const before = area();
    await see("Change a word, and see here what it changes.");
    await choose("o", "{ArrowDown}{ArrowDown}{Enter}");
    await reads("[data-word=front]", "dense clutter in front");
    await until(() => area() !== before, "another area");
    const after = area();
    await keys("{Escape}");
    expect(["spot", "single-point", "point-plus", "zone-small"]).toContain(after);
    await see("Dense clutter in front");
    await see("nothing in front → dense clutter in front");
    expect(text("[data-testid=changes]")).toContain("area");
    expect(all(".in-front path")).not.toEqual([]);
    await saved();

    await click('[data-field="area.pattern"]');
    await see("How often each area keeps the right thing");
    await see("P · e^(−Σh)");
    await press("Done");
    await keys("{Control>}z{/Control}");
    await reads("[data-word=front]", "nothing in front");
    await until(() => area() === before, "the area from before");
  });

  it("moves near, far and obstacle on the lane by keyboard", async () => {
    await planning();
    for (const [grip, key] of [
      ["near", "{ArrowLeft}"],
      ["far", "{ArrowRight}"],
    ] as const) {
      const before = now(grip);
      await focus(`[data-grip=${grip}]`);
      await keys(key, key);
      await until(() => now(grip) !== before, `another ${grip}`);
    }
    expect(all("[data-grip=obstacle]")).toEqual([]);
    await focus("[data-word=front]");
    await keys("{ArrowUp}");
    await focus("[data-grip=obstacle]");
    const before = now("obstacle");
    await keys("{ArrowLeft}");
    await until(() => now("obstacle") < before, "a nearer obstacle");
    await saved();
  });

  it("is compared by schools side by side, and one is taken", async () => {
    await planning();
    await write("distance", "30");
    await press("Compare schools of practice");
    await one("table.side .other");
    const heads = all("table.side thead th");
    expect(heads.length).toBeGreaterThanOrEqual(3);
    expect(heads[1]!.textContent).toContain("usual");
    expect(heads[1]!.textContent).toContain("AF keeps it");
    await see("The same in all:");
    await press("Focus button");
    await see("three buttons");
    await click((await saying("table.side thead th", "three buttons")).querySelector("button")!);
    await reads("[data-word=schools]", "my school on focus button");
    await reads(".picked", "● yours");
    await keys("{Escape}");
    await reads("[data-field=scheme]", "Three buttons");
    await saved();
  });

  it("stands beside that of another rush", async () => {
    await demo("Terns over the bar");
    await press("Compare with another rush");
    await one("table.side .other");
    await see("that is what to change on the camera from one to the other");
  });

  it("is answered for other distances and speeds on a map that can be walked, and goes there", async () => {
    await planning();
    await click("[data-testid=map] .here");
    const says = text(".map-says");
    await keys("{ArrowLeft}{ArrowLeft}{ArrowUp}");
    await otherwise(".map-says", says);
    const there = /^([\d.]+).m, ([\d.]+).m\/s/.exec(text(".map-says"))!;
    await keys("{Enter}");
    await reads("[data-word=distance]", `${there[1]} m`);
    await reads("[data-word=speed]", `${there[2]} m/s`);
    await saved();
  });

  it("leaves the zoom to a hand, and takes it back", async () => {
    await demo("Gannets from the cliff path");
    expect(text(".hold")).toContain("no detection");
    // its points are in the middle: as wide as they are drawn
    const drawn = (await one(".area-shape")).getAttribute("d")!.matchAll(/[ML]([\d.]+) /g);
    const across = [...drawn].map(([, x]) => Number(x));
    const frame = Number((await one("[data-testid=pane] svg")).getAttribute("width"));
    expect(Math.max(...across) - Math.min(...across)).toBeLessThan(0.6 * frame);
    await click('[data-field="area.place"]');
    await see("A reflex body's best points are in the middle.");
    await press("Done");
    const set = value(".zoom input");
    await put(".zoom input", String(Number(set) - 20));
    await until(() => value(".zoom input") !== set, "another zoom");
    await saved();
    await press("let the plan set it");
    await see("set by the plan");
    await saved();
  });
});

describe("a subject", () => {
  it("is found by what people call it, and one that is not known is kept", async () => {
    await planning();
    await keys("s");
    await focus("[data-editor=subject] input");
    await keys("heron{Enter}");
    await reads("[data-word=subject]", "A heron");
    await reads("[data-word=size]", "95 cm");
    await keys("s");
    await focus("[data-editor=subject] input");
    await keys("wombat");
    await see("No name here is like “wombat”");
    await press("running mammal");
    await reads("[data-word=subject]", "A wombat");
    await write("speed", "11");
    await keys("s");
    await press("keep these numbers for every wombat");
    await see("kept as yours");
    await keys("{Escape}");
    await saved();

    // a new rush, another day
    await gone("[data-editor]");
    await keys("n");
    await reads("[data-word=subject]", "A small bird");
    await keys("s");
    await focus("[data-editor=subject] input");
    await keys("wom{Enter}");
    await reads("[data-word=subject]", "A wombat");
    await reads("[data-word=speed]", "11 m/s");
    await keys("m");
    await one("[data-editor=pattern]");
    await click(await saying("[data-editor=pattern] [role=radio]", "taking off"));
    await reads("[data-word=pattern]", "taking off");
    await reads("[data-word=speed]", "0 m/s, then off at 9 m/s");
  });
});

describe("two tabs", () => {
  it("do not overwrite each other unseen", async () => {
    await planning();
    const id = path().split("/").at(-1)!;
    // what another tab or device would send
    const elsewhere = async (distance: number): Promise<void> => {
      const [, kept] = await api("GET", `rushes/${id}`);
      kept.rush.distance.work_m = distance;
      const { revision, kit_id, rush } = kept;
      const [status] = await api("PUT", `rushes/${id}`, { revision, gesture: "other", kit_id, focal_mm: null, rush });
      expect(status).toBe(200);
    };
    await elsewhere(25);
    await write("speed", "12 m/s");
    await see("Another tab changed this rush.");
    await visit(path());
    await see("Another tab changed this rush.");
    await reads("[data-word=speed]", "12 m/s");
    await press("Take theirs");
    await reads("[data-word=distance]", "25 m");
    await saved();

    await elsewhere(30);
    await write("speed", "13 m/s");
    await see("Another tab changed this rush.");
    await press("Keep mine");
    await saved();
    await reads("[data-word=distance]", "25 m");
    await reads("[data-word=speed]", "13 m/s");

    // a tab that has nothing of its own to say brings itself up to date
    await elsewhere(35);
    window.dispatchEvent(new Event("focus"));
    await reads("[data-word=distance]", "35 m");
    await see("brought up to date from another tab");
  });
});
