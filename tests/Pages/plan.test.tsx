// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import {
  all,
  choose,
  click,
  gone,
  keys,
  named,
  one,
  over,
  planning,
  press,
  reads,
  saved,
  see,
  text,
  until,
  value,
  write,
} from "./page";

describe("the answer in Plan", () => {
  it("is taken from the curve and from the helps, and both are undone", async () => {
    await planning();
    const shutter = text("[data-field=shutter_s]");
    await click(".frontier");
    await one(".frontier-list [aria-current=true]");
    await click(".frontier-list li:last-child button");
    await until(() => text("[data-field=shutter_s]") !== shutter, "another shutter");
    await saved();
    await press("undo");
    await reads("[data-field=shutter_s]", shutter);

    await write("distance", "9");
    await saved();
    const sentence = text("[data-testid=sentence]");
    await click(".helps .text-button");
    await until(() => text("[data-testid=sentence]") !== sentence, "another sentence");
    await saved();
    await press("undo");
    await reads("[data-testid=sentence]", sentence);
    await see("What to do, in order");
  });

  it("leads with the odds where they are poor", async () => {
    await planning();
    await write("distance", "6");
    await choose("m", "{ArrowDown}{ArrowDown}{ArrowDown}{Enter}");
    await reads("[data-word=pattern]", "darting about");
    await see("What would help most:");
    expect(text(".poor h2")).toMatch(/frames? will be sharp/);
  });

  it("says why there is none when the subject is too close, and goes on when it is not", async () => {
    await planning();
    await write("distance", "2 m");
    await see("There is no plan for this.");
    await see("this lens focuses no closer than 3.5 m");
    await saved();
    await write("distance", "12 m");
    await one("[data-field=shutter_s]");
  });

  it("opens every figure to its formula, inputs and source, and lets an assumed one be changed", async () => {
    await planning();
    for (const [figure, formula] of Object.entries({
      ".setting:nth-child(1)": "(f·ω)²",
      ".setting:nth-child(3)": "100·N²",
      ".budget-used": "Sharpness standard",
      ".figure:nth-child(1)": "s(H−f)/(H+s−2f)",
      ".figure:nth-child(2)": "τ²",
      ".figure:nth-child(6)": "f²/(N·c) + f",
    })) {
      await click(figure);
      await see(formula);
      await press("Done");
      await gone(".working");
    }
    const speed = text(".figure:nth-child(5) .figure-value");
    await click(".figure:nth-child(5)");
    await one(".assumed input");
    expect(value(".assumed input")).toBe("0.85");
    await over(".assumed input", "7{Enter}");
    await see("it must be 0 to 0.99");
    await over(".assumed input", "0.5{Enter}");
    await until(() => text(".figure:nth-child(5) .figure-value") !== speed, "another speed");
    await press("back to default");
    await reads(".figure:nth-child(5) .figure-value", speed);
  });
});

describe("the list of rushes", () => {
  it("finds, copies, deletes and brings back", async () => {
    await planning();
    await press("all rushes");
    await press("Copy A new rush");
    await named("Copy of A new rush");
    await press("all rushes");
    await over(".rushes input", "copy");
    await until(() => all(".row").length === 1, "one row");
    await press("Delete Copy of A new rush");
    await named("A new rush");
    await see("Deleted “Copy of A new rush”.");
    await press("all rushes");
    await one(".row");
    expect(all(".row")).toHaveLength(1);
    await keys("{Escape}");
    await gone(".row");
    await press("Bring it back");
    await named("Copy of A new rush");
  });
});
