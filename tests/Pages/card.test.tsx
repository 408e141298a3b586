// @vitest-environment happy-dom
import { describe, expect, it } from "vitest";
import { all, api, click, one, path, pick, planning, press, see, text, value, visit } from "./page";

/** An account with one card of one hold open. */
const carrying = async (): Promise<string> => {
  const email = await planning();
  await visit("/card");
  await press("Make the first one");
  await one(".to-set");
  return email;
};

describe("a card", () => {
  it("remembers the camera as set, and starts the next time from there", async () => {
    await carrying();
    await see("Nobody has said how My body was left");
    await press("It is all set: remember it so");
    await see("The camera is set for this.");
    await press("undo: it was not set");
    await press("It is all set: remember it so");
    await see("The camera is set for this.");
    // typed in the body's own words: only what differs is left to change
    await press("It was left otherwise");
    await pick("focus mode", "single");
    await press("It was left so");
    await see("1 change from how it was left");
    await see("the first frame sharp, the rest soft");
    await click(".changes-list input");
    await see("All done.");
    await press("Set: remember it so");
    await see("The camera is set for this.");
  });

  it("is shared by a link that is dead once it is ended", async () => {
    const email = await carrying();
    const card = path();
    await press("share");
    await press("Make a link");
    await one(".share-link");
    const link = new URL(value(".share-link")).pathname;
    // somebody else, who has no account here
    await api("POST", "sign-out");
    await visit(link);
    await one(".card-settings");
    expect(text()).toContain("A card shared with you to read");
    expect(text()).not.toContain("Before you go");
    expect(text()).not.toContain("Ada");
    expect(all("input, select")).toEqual([]);
    await api("POST", "sign-in", { email, password: "sandpiper-dawn" });
    await visit(card);
    await press("shared");
    await press("end it now");
    await see("Make a link");
    await visit(link);
    await see("This link leads nowhere any more.");
  });
});
