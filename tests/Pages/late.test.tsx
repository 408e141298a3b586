// @vitest-environment happy-dom
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import {
  all,
  api,
  click,
  gone,
  one,
  over,
  path,
  pick,
  planning,
  press,
  see,
  text,
  until,
  value,
  visit,
  write,
} from "./page";

/* Every answer takes its own time, and what is only read comes latest of all. What has come once must not go back. */

let underWay = 0;
let isLate = false;

beforeEach(() => {
  const real = window.fetch.bind(window);
  let seed = 20261125;
  const random = (): number => (seed = (seed * 48271) % 2147483647) / 2147483647;
  const wait = (ms: number) => new Promise((rest) => setTimeout(rest, ms));
  underWay = 0;
  isLate = false;
  vi.stubGlobal("fetch", async (address: string, init?: RequestInit) => {
    // what a test itself asks for is not late
    if (!isLate) return real(address, init);
    underWay += 1;
    try {
      const read = (init?.method ?? "GET") === "GET";
      await wait((read ? 50 : 150) * random());
      const answer = await real(address, init);
      await wait(read ? 1500 * random() ** 2 : 250 * random());
      return answer;
    } finally {
      underWay -= 1;
    }
  });
});
afterEach(() => vi.unstubAllGlobals());

const late = async (of: string): Promise<void> => {
  isLate = false;
  await visit(of);
  isLate = true;
};

/** Does something, and holds what it must lead to: it comes, and is still there when the last answer has come. */
const stays = async (name: string, holds: () => boolean, act: () => Promise<unknown>): Promise<void> => {
  let came = false;
  let went = 0;
  const watch = setInterval(() => {
    const now = holds();
    if (came && !now) went += 1;
    came ||= now;
  }, 15);
  await act();
  await until(holds, name);
  // quiet for a while: what an answer causes is asked for by then
  let quiet = 0;
  await until(async () => {
    await new Promise((rest) => setTimeout(rest, 80));
    quiet = underWay === 0 ? quiet + 1 : 0;
    return quiet > 4;
  }, `the last answer after ${name}`);
  clearInterval(watch);
  expect([name, came, went, holds()]).toEqual([name, true, 0, true]);
};
const reading = (words: string, css?: string) => (): boolean => text(css).includes(words);
const both =
  (...holds: (() => boolean)[]) =>
  (): boolean =>
    holds.every((hold) => hold());
const not = (holds: () => boolean) => (): boolean => !holds();

describe("an older state is never shown", () => {
  it("of a rush or of the list of rushes", async () => {
    await planning();
    await late(path());
    await one("[data-testid=answer]");
    const distance = reading("27 m", "[data-word=distance]");
    const speed = reading("12 m/s", "[data-word=speed]");
    await stays("distance", distance, () => write("distance", "27"));
    await stays("speed", both(speed, distance), () => write("speed", "12 m/s"));
    await stays("undo", both(not(speed), distance), () => press("undo"));
    const copied = (): boolean => value(".name input") === "Copy of A new rush";
    await stays("a copy", copied, async () => {
      await press("all rushes");
      await press("Copy A new rush");
    });
    await press("all rushes");
    await one(".row");
    await stays("deleted", reading("Deleted “Copy of A new rush”."), () => press("Delete Copy of A new rush"));
    await press("all rushes");
    await one(".row");
    expect(all(".row")).toHaveLength(1);
    await press("Done");
    await gone(".row");
    await stays("back", copied, () => press("Bring it back"));
    // a figure of one's own, and the default again
    await click(".figure:nth-child(5)");
    const figure = (is: string) => (): boolean => value(".assumed input") === is;
    await over(".assumed input", "0.3{Enter}");
    await stays("figure", both(figure("0.5"), reading("back to default")), () => over(".assumed input", "0.5{Enter}"));
    await stays("default", both(figure("0.85"), not(reading("back to default"))), () => press("back to default"));
  });

  it("of what is ticked and how the camera was left", async () => {
    await planning();
    await visit("/card");
    await press("Make the first one");
    await one(".to-set");
    await late(path());
    const set = reading("The camera is set for this.");
    await see("Nobody has said how My body was left");
    await stays("set", set, () => press("It is all set: remember it so"));
    await stays("not set", both(not(set), reading("It is all set: remember it so")), () =>
      press("undo: it was not set"),
    );
    await stays("left otherwise", reading("1 change from how it was left"), async () => {
      await press("It is all set: remember it so");
      await press("It was left otherwise");
      await pick("focus mode", "single");
      await press("It was left so");
    });
    // as it failed once: a tick, and at once that all is set
    await stays("ticked and set", set, async () => {
      await click(".changes-list input");
      await press("Set: remember it so");
    });
    await stays("another name", reading("Sunday", ".title-select"), async () => {
      await press("name and holds");
      await over('input[aria-label="Name of this card"]', "Sunday{Enter}");
    });
  });

  it("of a piece, of a layout, of settings or of a sweep", async () => {
    await planning();
    const rush = path().split("/").at(-1)!;
    const [, { gear }] = await api("GET", "gear");
    const lens = gear.find((piece: { type: string }) => piece.type === "lens").id;
    await late(`/kit/${lens}`);
    await one(".piece-name");
    const renamed = reading("Long one", ".kit-list");
    await stays("renamed, in the list too", renamed, () => over(".piece-name", "Long one{Enter}"));
    await stays("renamed back", not(renamed), () => press("undo"));

    await press("Controls");
    await see("gloves");
    const box = (): HTMLInputElement =>
      all("label.has")
        .find((label) => label.textContent.includes("gloves"))!
        .querySelector("input")!;
    await stays(
      "gloves",
      () => box().checked,
      () => click(box()),
    );
    await stays(
      "no gloves",
      () => !box().checked,
      () => press("undo"),
    );

    await click("a.who");
    const on = (choice: string) => (): boolean =>
      document.querySelector<HTMLInputElement>(`input[value=${choice}]`)?.checked === true;
    await stays("theme and units", both(on("ember"), on("imperial")), async () => {
      for (const choice of ["dusk", "imperial", "ember"]) await click(`input[value=${choice}]`);
    });

    await late(`/rehearse/${rush}`);
    await stays(
      "a sweep",
      () => /of 100 passes|Sweep again/.test(text()),
      () => press("Sweep"),
    );
    // cancelled or at its end, it never runs again by itself
    await stays("no sweep", reading("Sweep again"), async () => {
      const cancel = all(".sweep-acts button").find((at) => at.textContent === "Cancel");
      if (cancel !== undefined) await click(cancel);
    });
  });
});
