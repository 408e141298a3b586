// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import skerry from "../../database/demo/skerry_one.json?raw";
import {
  all,
  api,
  click,
  kitWith,
  one,
  path,
  pick,
  planning,
  press,
  rushLike,
  saved,
  saying,
  see,
  text,
  until,
  visit,
} from "./page";

/** An account with the demo's best body and three holds on it: flight, in the reeds, asleep; the body's id. */
const threeHolds = async (): Promise<string> => {
  await planning();
  const kit = await kitWith(skerry);
  const reeds = { foreground: "dense", background: "busy", background_gap_m: 2, obstacle_width_m: 0.01 };
  await rushLike("Flight", kit.id, {});
  await rushLike("Reeds", kit.id, { clutter: reeds, motion: { speed_mps: 3 } });
  await rushLike("Asleep", kit.id, { motion: { speed_mps: 0, pattern: "still" } });
  await visit(`/controls/${kit.body_id}`);
  return kit.body_id;
};
const add = async (label: string, option: string): Promise<void> => {
  await pick(label, option);
  await saved();
};
const conflicts = (): string[] => all(".conflicts [data-code]").map((at) => at.dataset["code"]!);
const meets = (code: string) => until(() => conflicts().includes(code), code);
const isRid = (code: string) => until(() => !conflicts().includes(code), `no ${code}`);
const nothing = () => see("Nothing stands in the way.");
const button = async (words: string): Promise<void> => click(await saying("button", words));
const scheme = async (name: string, words: string): Promise<void> => {
  await click(
    await until(
      () => all("button").find((at) => [...at.querySelectorAll("span")].some((part) => part.textContent === words)),
      words,
    ),
  );
  await until(async () => (await api("GET", `layouts/${path().split("/").at(-1)}`))[1].layout.scheme === name, name);
};

describe("three buttons", () => {
  it("are laid out, meet each conflict and put it right", async () => {
    const body = await threeHolds();
    await see("One thing to put right");
    for (const hold of ["Flight", "Reeds", "Asleep"]) {
      await add("Add a hold to the day", hold);
      await see(hold);
    }
    // as it came out of the box: nothing recalls anything, nothing stops focus, nothing moves the point
    for (const code of ["nothing-stops", "point-lost", "no-control"]) await meets(code);
    expect(text()).toContain("by hand it takes");
    await button("Three buttons");
    await nothing();
    const { uses } = (await api("GET", `layouts/${body}`))[1].layout;
    for (const control of ["thumb", "thumb-outer"])
      expect(uses.find((use: { control: string }) => use.control === control)).toMatchObject({ does: "recall" });

    // each conflict in turn: made by hand, told, and put right by its own button
    await press("the thumb key");
    for (const [part, code, cure] of [
      ["metering", "bundle-too-much", "Leave metering out"],
      ["tuning", "bundle-misses", "Put tuning in"],
    ] as const) {
      const set = all("fieldset").find((at) => at.textContent.includes("The set it recalls"))!;
      const label = [...set.querySelectorAll("label")].find((at) => at.textContent.trim() === part)!;
      await click(label.querySelector("input")!);
      await meets(code);
      await press(cure);
      await nothing();
    }
    // one control held under the finger that fires
    await press("the thumb key");
    await press("the ISO key");
    await add("What the ISO key does", "Reeds");
    await meets("same-finger");
    await see("needs the first finger, which is on the shutter");
    await press("undo");
    await nothing();
    // the shutter goes on focusing under a thumb scheme
    await scheme("thumb", "Thumb");
    await press("let it focus");
    await meets("focus-on-shutter");
    await press("Take focus off the shutter");
    await isRid("focus-on-shutter");
    // keys laid as they please are held to no scheme
    await press("let it focus");
    await scheme("own", "Your own");
    await isRid("focus-on-shutter");
    // focusing unasked
    await click(await saying("label", "before anything is pressed"));
    await meets("pre-focus");
    await press("Switch it off");
    await isRid("pre-focus");
  });

  it("tell what a change costs, and are laid the quickest", async () => {
    await threeHolds();
    for (const hold of ["Flight", "Reeds", "Asleep"]) await add("Add a hold to the day", hold);
    await see("less per change");
    await see("Every layout was compared.");
    const cost = (): number => Number.parseFloat(text(".gain .setting-value"));
    const before = cost();
    // every conflict of a hold without a control goes with it
    await press("Lay it so");
    await see("No layout of these keys is quicker for this day.");
    expect(cost()).toBeLessThan(before);
    expect(conflicts()).not.toContain("no-control");
    await press("undo");
    await see("less per change");
    await press("how often each follows");
    await one(".matrix input");
  });
});
