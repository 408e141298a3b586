// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import rooms from "../../resources/rooms.json";
import {
  all,
  api,
  chord,
  click,
  gone,
  hammer,
  keys,
  one,
  over,
  path,
  planning,
  reads,
  registered,
  saved,
  saying,
  see,
  text,
  until,
  visit,
} from "./page";

const inRoom = (id: string) => until(() => path().startsWith(`/${id}`), id);

describe("every room", () => {
  it("is reached from any other by g and a letter, and that is told", async () => {
    await planning();
    for (const room of [...rooms, rooms[0]!]) {
      chord("g", room.letter);
      await inRoom(room.id);
      await reads(".head nav a.active", room.name);
    }
    await keys("?");
    for (const room of rooms) await see(`g ${room.letter}`);
    expect(text(".keys")).toContain("From room to room");
    expect(text(".keys")).not.toContain("Words of the sentence");
    await click(".ant-modal-close");

    // in Plan the words of the sentence are there too; g and what is no room opens none of them, and a field keeps its g
    chord("g", "p");
    await inRoom("plan");
    await one("[data-testid=answer]");
    chord("g", "d");
    expect(all("[data-editor]")).toEqual([]);
    await keys("d");
    await over("[data-editor] input", "gk");
    expect(path()).toContain("/plan/");

    // who has switched letters off goes by the links, in the order of the work
    await api("PUT", "settings", { settings: { letters: "off" } });
    await visit("/kit");
    await one(".kit-list");
    chord("g", "p");
    expect(path()).toContain("/kit");
    expect(all(".head nav a").map((link) => link.getAttribute("href"))).toEqual(rooms.map((room) => `/${room.id}`));
    await click('.head nav a[href="/plan"]');
    await inRoom("plan");
  });
});

describe("what is asked for twice", () => {
  const count = async (of: string): Promise<number> => (await api("GET", of))[1][of].length;

  it("is made once", async () => {
    await registered();
    await hammer(".empty .primary");
    await one("[data-testid=sentence]");
    expect(await count("rushes")).toBe(1);
    // a press so soon after is the second half of a double one; later it counts, and is one again
    await until(async () => {
      if ((await count("rushes")) === 2) return true;
      await keys("n", "n");
      await new Promise((rest) => setTimeout(rest, 400));
      return false;
    }, "a second rush");
    await saved();
    expect(await count("rushes")).toBe(2);
    await keys("/");
    await hammer(".rushes [aria-label^=Copy]");
    await until(async () => (await count("rushes")) >= 3, "a copy");
    await visit("/kit");
    const pieces = await count("gear");
    await see("Add a lens");
    const add = await saying("button", "Add a lens");
    add.click();
    add.click();
    // whatever else was on its way has arrived by now
    await see("Another lens");
    await gone(".ant-spin");
    expect([await count("rushes"), await count("gear")]).toEqual([3, pieces + 1]);
  });
});
