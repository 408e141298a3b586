// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import {
  all,
  api,
  chord,
  click,
  gone,
  keys,
  one,
  over,
  planning,
  press,
  reads,
  registered,
  saved,
  see,
  text,
  until,
  value,
  visit,
  withKey,
  write,
} from "./page";

const enter = async (name: string, words: string): Promise<void> => over(`input[name=${name}]`, words);
const signIn = async (email: string, password: string): Promise<void> => {
  await visit("/sign-in");
  await enter("email", email);
  await enter("password", `${password}{Enter}`);
};

describe("an account", () => {
  it("is left and entered again, has another password, and is deleted", async () => {
    const email = await planning();
    await visit("/settings");
    await enter("current", "sandpiper-dawn");
    await enter("password", "turnstone-dusk");
    await press("Change password");
    await see("Changed. Other devices have been signed out.");
    await press("Sign out");
    await see("One second");
    await signIn(email, "sandpiper-dawn");
    await see("No account has this address and this password.");
    expect(value("input[name=email]")).toBe(email);
    await signIn(email, "turnstone-dusk");
    await one("[data-testid=answer]");

    await visit("/settings");
    await press("Delete my account and everything in it");
    await over(".ant-modal input[name=password]", "turnstone-dusk");
    await press("Delete everything");
    await see("One second");
    await signIn(email, "turnstone-dusk");
    await see("No account has this address and this password.");
  });

  it("shows who is signed out the way in, and a lost visitor the way back", async () => {
    await visit("/plan/01ARZ3NDEKTSV4RRFFQ69G5FAV");
    await see("Look around the demo");
    await registered();
    await visit("/plan/01ARZ3NDEKTSV4RRFFQ69G5FAV");
    await see("This rush is not here.");
    await visit("/nowhere");
    await see("There is nothing here.");
  });

  it("has a key made for another program, shown once, and ended", async () => {
    await planning();
    await visit("/settings");
    await click(".programs summary");
    await over(".program-new input", "A script of mine");
    await press("Make a key");
    await one(".program-text code");
    const key = text(".program-text code");
    await see("may read everything, the archive too, made");
    const ask = (method: string, to: string): Promise<number> => withKey(method, to, key);
    const rush = (await api("GET", "rushes"))[1].rushes[0].id;
    expect([
      await ask("GET", "rushes"),
      await ask("POST", `rushes/${rush}/duplicate`),
      await ask("DELETE", "account"),
    ]).toEqual([200, 403, 403]);
    await visit("/settings");
    await click(".programs summary");
    await see("A script of mine");
    expect(all(".program-text")).toEqual([]);
    await press("End the key A script of mine");
    await gone(".program");
    expect(await ask("GET", "rushes")).toBe(401);
  });

  it("remembers theme, units and letter keys", async () => {
    await planning();
    await visit("/settings");
    for (const choice of ["dusk", "imperial", "off"]) await click(`input[value=${choice}]`);
    await until(async () => {
      const { settings } = (await api("GET", "session"))[1].user;
      return settings.theme === "dusk" && settings.units === "imperial" && settings.letters === "off";
    }, "the settings");
    await visit("/plan");
    await reads("[data-word=distance]", "59.1 ft");
    await see("mph of its motion");
    expect(document.documentElement.dataset["theme"]).toBe("dusk");
    await keys("d");
    expect(all("[data-editor]")).toEqual([]);
    await write("distance", "50");
    await reads("[data-word=distance]", "50 ft");
    await saved();
    await visit("/plan");
    await reads("[data-word=distance]", "50 ft");
  });
});

describe("the title of a page", () => {
  it("names the room and what is open in it, for tabs and the way back", async () => {
    await planning();
    const titled = (title: string) => until(() => document.title === title, title);
    await titled("A new rush · Plan · Rush Hold");
    chord("g", "r");
    await titled("A new rush · Rehearse · Rush Hold");
    await visit("/settings");
    await titled("Settings · Rush Hold");
  });
});
