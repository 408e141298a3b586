// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import brackwater from "../../database/demo/brackwater_d.json?raw";
import {
  all,
  api,
  click,
  demo,
  focus,
  keys,
  labelled,
  named,
  one,
  over,
  path,
  pick,
  planning,
  press,
  put,
  registered,
  saved,
  saying,
  see,
  text,
  until,
  value,
  visit,
} from "./page";

const gear = async (): Promise<any[]> => (await api("GET", "gear"))[1].gear;
const retype = async (label: string, words: string): Promise<void> => over(await labelled(label), words);

/** The document of a piece, once it reads so. */
const document = async (id: string, is: (kept: any) => boolean, what: string): Promise<any> =>
  until(async () => {
    const [, piece] = await api("GET", `gear/${id}`);
    return is(piece.document) ? piece.document : null;
  }, what);

const openPiece = async (name: string): Promise<string> => {
  const { id } = (await gear()).find((piece) => piece.name === name);
  await visit(`/kit/${id}`);
  await one(".piece");
  return id;
};

describe("a body of one's own", () => {
  it("is asked for in at most twelve questions, which survive a reload, and plans", async () => {
    await registered();
    await visit("/kit/new-body");
    await see("Question 1 of 12");
    await retype("Name", "Mudlark 7");
    await press("Next");
    await see("How large is its sensor?");
    const answer = async (words: string): Promise<void> => click(await saying("label", words));
    await answer("one size below");
    await press("Next");
    await see("How many pixels");
    // what cannot be read keeps the question, and says why
    await retype("Pixels", "abc");
    await press("Next");
    await see("“abc” is not a number");
    await see("Question 3 of 12");
    await retype("Pixels", "24 MP{Tab}");
    // 24 million over 23.5 by 15.6 mm: √(24e6 · 23.5 / 15.6)
    await see("6013 across");
    await visit(path());
    await see("Question 3 of 12");
    await see("6013 across");
    for (const question of ["frames a second", "shortest shutter", "a mirror", "focus modes"]) {
      await press("Next");
      await see(question);
      // nothing is ticked that nobody said
      expect(all(".guided-answer input:checked")).toEqual([]);
    }
    await retype("Its word for continuous", "Chase");
    await press("Next");
    await see("Which AF areas");
    await answer("one point");
    await answer("small zone");
    await retype("Its word for one point", "Dot");
    await press("Next");
    await see("What can it recognise?");
    await answer("It recognises nothing");
    await press("Next");
    await see("Which keys do your fingers reach?");
    await press("Next");
    await see("Where do you change the AF area?");
    await pick("Where AF area lives", "in the menu");
    await retype("Way through the menu to AF area", "Focus > Dot or field");
    await press("Next");
    await answer("a scale from 1 to 5");
    await see("Question 12 of 12");
    await press("Make this body");
    await one(".piece");

    const kept = (await gear()).find((piece) => piece.name === "Mudlark 7").document;
    expect(kept).toMatchObject({
      sensor_width_mm: 23.5,
      pixels_wide: 6013,
      areas: ["single-point", "zone-small"],
      detects: [],
      eye_detection_areas: [],
      // what was passed over is taken to be as usual, and says so
      assumed: ["fps", "shutter", "af_sensor", "modes", "controls"],
    });
    const { dialect, controls } = kept;
    expect(dialect.focus_mode.words.continuous).toBe("Chase");
    expect(dialect.area.where.menu).toEqual(["Focus", "Dot or field"]);
    expect(dialect.tuning.stay.steps.map((step: { word: string }) => step.word)).toEqual(["1", "2", "3", "4", "5"]);
    expect(controls.map((control: { id: string }) => control.id)).toEqual(["thumb", "thumb-2", "stick"]);
    // and the next blank page is blank
    await visit("/kit/new-body");
    await see("Question 1 of 12");
  });

  it("keeps its words as they are typed, and undoes them", async () => {
    await planning();
    const id = await openPiece("My body");
    await retype("Its word for large zone", "Big pond");
    await saved();
    await document(id, (kept) => kept.dialect?.area?.words?.["zone-large"] === "Big pond", "the word");
    // what it lacks is told where a hold needs it
    await click(await labelled("whole frame"));
    await saved();
    await press("undo");
    await document(id, (kept) => kept.areas.includes("whole-frame"), "the area again");
    await press("undo");
    await until(() => value('input[aria-label="Its word for large zone"]') === "", "no word");

    await press("Tuning");
    await click(await saying("label", "by named cases"));
    await retype("Word of preset 2", "Behind reeds");
    await saved();
    await see("How a hold reads on this body");
    const { tuning } = (await document(id, (kept) => kept.dialect.tuning.kind === "cases", "cases")).dialect;
    expect(tuning.presets[1]).toEqual({ word: "Behind reeds", stay: 3, pace: 0, pick: "auto" });

    await press("Keys");
    await press("Add a key");
    await retype("Name of this key", "thumb rest");
    await saved();
    // a key is moved over the body by the arrows
    await focus(".spot");
    await keys("{ArrowRight}");
    await document(id, (kept) => kept.controls[0]?.x === 0.52, "the key farther right");
  });

  it("adds up with its lens and converter", async () => {
    await demo("Terns over the bar");
    await visit("/kit");
    await one(".reach-value");
    await pick("Body", "Brackwater D");
    await pick("Lens", "Sandbar 500 f/5.6");
    await pick("Converter", "×2");
    await see("none: by hand");
    await see("it gives up beyond f/8");
    await see("1000 mm");
  });
});

describe("a lens of one's own", () => {
  it("plans with its numbers, and a converter is deleted and brought back", async () => {
    await planning();
    await press("Kit");
    await see("Lenses");
    await press("my 400 mm f/5.6");
    await see("Widest aperture");
    await retype("Widest aperture", "f/200{Enter}");
    await see("Widest aperture is f/200; it must be f/0.7 to f/32.");
    expect((await labelled("Widest aperture")).value).toBe("f/200");
    await retype("Widest aperture", "4{Enter}");
    await retype("Longest focal length", "600{Enter}");
    await retype("Shortest focal length", "600{Enter}");
    await retype("Closest focus", "13 ft{Enter}");
    await until(async () => {
      const lens = (await gear()).find((piece) => piece.type === "lens").document;
      return lens.widest_f === 4 && lens.focal_mm === 600 && !lens.zoom && Math.abs(lens.closest_m - 3.9624) < 1e-4;
    }, "the lens as it was typed");
    await press("Plan");
    await until(() => text("[data-field=f_number]") === "f/4", "f/4");
    await press("Kit");
    await press("Add a converter");
    await see("Factor");
    await saved();
    await press("Delete Another converter");
    await see("Deleted “Another converter”");
    await press("Bring it back");
    await see("Factor");
  });

  it("is put on in the sentence, with its focal length and a converter", async () => {
    await demo("Gannets from the cliff path");
    await press("all rushes");
    await press("Copy Gannets from the cliff path");
    await named("Copy of Gannets from the cliff path");
    const kit = (words: string) => until(() => text("[data-word=kit]") === words, words);
    await kit("Brackwater D, Lagoon 150–400 f/6.3");
    await see("set by the plan");
    await click("[data-word=kit]");
    await over("[data-editor=kit] input:not([role=combobox])", "300{Enter}");
    await kit("Brackwater D, Lagoon 150–400 f/6.3 at 300 mm");
    await pick("Lens", "Sandbar 600 f/4");
    await kit("Brackwater D, Sandbar 600 f/4");
    await pick("Converter", "×2");
    await kit("Brackwater D, Sandbar 600 f/4, ×2");
    await press("Done");
    await see("1200 mm");
    await saved();
  });
});

describe("a kit file", () => {
  it("shows what it would change before it does, and a bad one is refused", async () => {
    await registered();
    await visit("/kit/import");
    const paste = async (words: string): Promise<void> => {
      await put("textarea", words);
      await press("See what it would change");
    };
    await paste('{"format": "kit/1", "body": ');
    await see("Nothing was changed.");
    expect(value("textarea")).toBe('{"format": "kit/1", "body": ');
    await paste(brackwater);
    await see("new here");
    expect(await gear()).toHaveLength(2);
    await press("Take it in");
    await see("Taken in:");
    expect((await gear()).map((piece) => piece.name)).toContain("Brackwater D");
    await paste(brackwater.replace('"fps": 8', '"fps": 9'));
    await see("differs from yours");
    await see("write over yours");
  });
});
