// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import {
  all,
  api,
  attach,
  click,
  demo,
  focus,
  keys,
  labelled,
  one,
  over,
  pick,
  planning,
  press,
  reads,
  saved,
  see,
  text,
  until,
  value,
  visit,
} from "./page";

const type = async (label: string, words: string): Promise<void> => over(await labelled(label), `${words}{Enter}`);
const hand = async (...presses: string[]): Promise<void> => {
  await focus(".strip-hand");
  await keys(...presses);
};
const outing = async (name: string): Promise<string> => {
  const [, list] = await api("GET", "outings");
  const { id } = list.outings.find((row: { name: string }) => row.name === name);
  await visit(`/outing/${id}`);
  await one(".strip-hand");
  return id;
};
const gpx = (words: string): File => new File([words], "inlet.gpx", { type: "application/gpx+xml" });

describe("an outing", () => {
  it("has its place from a GPX file, a bearing turned by keyboard, the sky typed over, and a hold that gives way", async () => {
    await planning();
    await press("Outing");
    await see("No outing yet.");
    // a file that means harm is refused in words, and nothing is made
    await attach(
      ".file-points input[type=file]",
      gpx('<!DOCTYPE gpx [<!ENTITY a "x">]><gpx><wpt lat="1" lon="1"/></gpx>'),
    );
    await see("document type or entities of its own");
    await attach(
      ".file-points input[type=file]",
      gpx(
        '<gpx><wpt lat="53.55" lon="-5.1"><name>The bar</name></wpt><wpt lat="53.553" lon="-5.107"><name>Turf</name></wpt></gpx>',
      ),
    );
    await one(".strip-hand");
    const spots = async (): Promise<any[]> => (await api("GET", "places"))[1].places[0].place.spots;
    expect(await spots()).toHaveLength(2);

    // three steps to the left of north
    await focus(".compass-turns");
    await keys("{PageDown}{PageDown}{ArrowLeft}");
    await until(async () => (await spots())[0].bearing_deg === 329, "the bearing");

    // an hour of the sky typed over: it is no longer made up
    await pick("Sky at 09:00", "heavy cloud");
    await one('[aria-label="give back 09:00"]');
    await type("Air at 09:00", "48 F");
    await until(() => value('[aria-label="Air at 09:00"]') === "8.89 °C", "the temperature");

    // the hand moves by keys, and everything beneath follows
    await hand("{Home}");
    await reads(".at-clock", "05:00");
    await hand("{PageUp}{PageUp}{ArrowRight}");
    await reads(".at-clock", "07:05");
    for (const words of ["EV", "of 100 frames"]) expect(text()).toContain(words);

    // by night nothing comes out, and it says why
    await type("Date", "2027-05-22");
    const minutes = (): number => Number(all(".strip-hand")[0]?.getAttribute("aria-valuemax"));
    const short = minutes();
    await type("Begins", "2:00");
    // what is no time stays as it was typed, and says why
    await type("First hour of A new rush", "26");
    await see("type a time such as 07:40");
    await type("First hour of A new rush", "0200");
    await see("Its hold keeps its promise from 0");
    // the day has become longer under the hand
    await until(() => minutes() > short, "three hours more");
    await hand("{Home}");
    await reads(".at-clock", "02:00");
    await see("too dark");
    await saved();

    // taken back, and still there after a reload
    await press("undo");
    await see("saved");
    await visit("/outing");
    await one(".strip-hand");
  });

  it("of the demo floods its bar; the calendar and the card of the day follow", async () => {
    await demo("Terns over the bar");
    await outing("Spring tide at the inlet");
    await see("Be off by 10:21.");
    await see("Free until 10:48: be off by 10:21; cut off 10:48 to 15:38.");
    await see("official table");
    // what is pressed in the order moves the hand there
    await click(".order-time");
    await reads(".at-clock", all(".order-time")[0]!.textContent.slice(0, 5));
    const calendar = await (await fetch((await one<HTMLAnchorElement>("a[download]")).href)).text();
    expect(calendar).toMatch(/^BEGIN:VCALENDAR/);
    for (const words of ["BEGIN:VALARM", "Be off The bar by 10:21"]) expect(calendar).toContain(words);
    // under the hand stands what the day has, and at its end the bar is not free
    await click(all(".order-time")[2]!);
    await reads(".at-clock", "08:40");
    await reads(".at-water b", "The bar: free now.");
    await hand("{End}");
    await reads(".at-water b", "The bar: cut off now.");
    await press("card of the day");
    await one(".to-set");
    await see("Set for");
    await press("Terns over the bar");
    await see("Free until 10:48: be off by 10:21");
    expect((await api("GET", "cards"))[1].cards[0].card.name).toBe("Spring tide at the inlet");

    // where the sun does not set it is said
    await outing("Night without sunset");
    await see("The sun does not set.");
    await see("next day");
  });

  it("takes water that is not known for high, until it is typed; over midnight it says which day", async () => {
    await demo("Terns over the bar");
    const id = await outing("Spring tide at the inlet");
    for (const water of [4, 3, 2]) await press(`take out water ${water}`);
    await see("only the high water at 00:50 (4.2 m) is typed");
    await one(".water-unknown");
    await see("Not in the order: nobody has said whether the water cuts off The bar");
    // a low water and a high one by keyboard: what was shut opens
    await press("Add a high or low water");
    await type("Time of water 2", "7.02");
    await type("Height of water 2", "0,5 m");
    await press("Add a high or low water");
    await type("Height of water 3", "4.4");
    await see("Free until 10:");
    await one(".water-shut");

    // the way off, in the spot; the order follows
    await type("Minutes on foot off The bar", "40");
    await see("and 40 min on foot to ground that stays dry");

    // a night: a rush past midnight, a water of the next day, all by itself
    await type("Begins", "20:00");
    await type("Ends", "4:00");
    await type("First hour of Owl along the dyke, last light", "0030");
    await type("Last hour of Owl along the dyke, last light", "0330");
    await see("next day");
    await until(
      async () =>
        JSON.stringify((await api("GET", `outings/${id}/day`))[1].day.rushes[0].hours ?? null).includes(
          "2027-05-23T00:30",
        ),
      "the hours of the next day",
    );
    await see("lie outside of yours, 20:00 to 04:00 next day.");
    await pick(
      "Before the first and after the last water",
      "they go on as tides usually do (reckoned, with wider margins)",
    );
    await see("45 min where a water is only reckoned");
    await saved();
  });
});
