// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import skerry from "../../database/demo/skerry_one.json?raw";
import {
  all,
  api,
  click,
  focus,
  gone,
  keys,
  kitWith,
  labelled,
  one,
  over,
  planning,
  press,
  registered,
  rushLike,
  saved,
  see,
  text,
  until,
  visit,
  write,
} from "./page";

/** An account with a darting bird behind posts on the demo's best body, opened in Rehearse; its id. */
const rehearsing = async (): Promise<string> => {
  await planning();
  const kit = await kitWith(skerry);
  const id = await rushLike("Past the posts", kit.id, {
    motion: { speed_mps: 6 },
    clutter: { foreground: "sparse", background: "busy", background_gap_m: 8, obstacle_width_m: 0.1 },
  });
  await visit(`/rehearse/${id}`);
  await one("[data-testid=time-chart] svg");
  await one("[data-testid=expect]");
  return id;
};
const kept = async (id: string): Promise<any> => (await api("GET", `rushes/${id}`))[1];
const drawn = (css: string): string | null => document.querySelector(css)?.getAttribute("d") ?? null;

describe("a rehearsal", () => {
  it("lets its assumed figures be replaced, and plays anew", async () => {
    await rehearsing();
    const before = text(".expect-small");
    await click(".rehearse > .seconds summary");
    const label = "Scatter of one measurement of autofocus, as a share of the half depth at the widest aperture";
    await over(await labelled(label), "1,5{Tab}");
    await until(() => text(".expect-small") !== before, "another keeper rate");
    await press("back to 0.12");
    await until(() => text(".expect-small") === before, "the keeper rate from before");
  });

  it("tries another dial on the same pass beside the hold as it is, and takes it into the hold", async () => {
    const id = await rehearsing();
    const { hold } = (await kept(id)).plan;
    const [plane, truth] = [drawn(".chart-plane"), drawn(".chart-truth")];
    await press("stay 0");
    await one(".chart-ghost");
    // the same pass, the old plane as a ghost
    expect([drawn(".chart-truth"), drawn(".chart-ghost")]).toEqual([truth, plane]);
    await one("[data-testid=tried-gain]");
    expect(text("[data-testid=tried-gain]")).toMatch(/^stay 0: (.* sharp a pass|not to be told apart)/);
    await press("put them back");
    await gone(".chart-ghost");
    await press("shutter: a third less");
    await press("Take it into the hold");
    await see("Taken from a rehearsal: shutter");
    await saved();
    const taken = await kept(id);
    expect(taken.dials.shutter_s).toBeGreaterThan(hold.shutter_s);
    expect(taken.plan.hold.shutter_s).toBe(taken.dials.shutter_s);
    // it stands in Plan, with its reason, and survives a reload; undo gives it back
    await press("plan");
    await see("with dials of your own");
    await saved();
    expect(text()).not.toContain("from another tab");
    await visit(`/plan/${id}`);
    await see("with dials of your own");
    await see("from a rehearsal");
    await press("rehearse");
    await see("Taken from a rehearsal");
    await press("undo");
    await until(() => !text().includes("Taken from a rehearsal"), "the dials given back");
    expect((await kept(id)).plan.hold.shutter_s).toBe(hold.shutter_s);
  });

  it("sweeps with progress, cancels, sweeps to the end, and adopts a cell", async () => {
    const id = await rehearsing();
    await press("Sweep");
    await until(() => document.querySelector<HTMLProgressElement>(".sweep-acts progress")?.value ?? 1, "progress");
    // what has been found so far is there to be read
    await one(".sweep-grid .sweep-cell");
    all(".sweep-acts button")
      .find((at) => at.textContent === "Cancel")
      ?.click();
    await see("Sweep again");
    expect(text()).toMatch(/Cancelled after \d+ of 100|100 passes of every hold/);
    await press("shutter × aperture");
    await press("Sweep");
    await see("100 passes of every hold");
    expect(text("[data-testid=sweep-best]")).toContain("best");
    // by keyboard: arrows go over the grid, the line below tells the cell
    await focus('.sweep-cell[tabindex="0"]');
    await keys("{ArrowUp}");
    await one(".sweep-cell[aria-pressed=true]");
    await press("take what it found into the hold");
    await see("Taken from a rehearsal: shutter, aperture");
    await saved();
    expect(Object.keys((await kept(id)).dials).sort()).toEqual(["f_number", "shutter_s"]);
    await see("the rush has changed since");
    await press("undo");
    await until(async () => Object.keys((await kept(id)).dials).length === 0, "the dials undone");
  });

  it("says the next step where there is nothing to rehearse", async () => {
    await registered();
    await visit("/rehearse");
    await see("Nothing to rehearse yet.");
    await press("Write the first one in Plan");
    await press("Write the first one");
    await one("[data-testid=answer]");
    await write("distance", "1");
    await see("There is no plan for this.");
    await press("Rehearse");
    await see("There is no plan to rehearse.");
    await visit("/rehearse/01ARZ3NDEKTSV4RRFFQ69G5FAV");
    await see("This rush is not here.");
    expect(all(".chart-plane")).toEqual([]);
  });
});
