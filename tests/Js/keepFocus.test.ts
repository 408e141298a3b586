// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from "vitest";
import { keepFocus } from "../../resources/js/ui/keepFocus";

const frames = async (count: number): Promise<void> => {
  for (let frame = 0; frame < count; frame += 1) await new Promise((done) => requestAnimationFrame(done));
};

const room = (): HTMLElement => document.getElementById("room")!;

beforeEach(() => {
  document.body.innerHTML =
    '<div id="root"><main id="room" tabindex="-1"><div><button id="here">new</button></div></main></div>';
  // nothing is drawn here
  HTMLElement.prototype.checkVisibility = () => true;
});

keepFocus();

it("waits at a room that takes long, and goes on to what it wants its visitors to come to", async () => {
  document.getElementById("here")!.focus();
  room().innerHTML = "<p>One moment…</p>";
  (document.activeElement as HTMLElement | null)?.blur();
  await vi.waitFor(() => expect(document.activeElement).toBe(room()), 4000);
  await frames(20);
  room().innerHTML = '<p><button data-arrive="">a word</button></p>';
  await vi.waitFor(() => expect((document.activeElement as HTMLElement).textContent).toBe("a word"), 4000);
});

it("leaves who has gone elsewhere meanwhile where they are", async () => {
  document.getElementById("here")!.focus();
  room().innerHTML = "<p>One moment…</p>";
  (document.activeElement as HTMLElement | null)?.blur();
  await vi.waitFor(() => expect(document.activeElement).toBe(room()), 4000);
  document.dispatchEvent(new KeyboardEvent("keydown", { key: "Tab" }));
  room().innerHTML = '<p><button data-arrive="">a word</button></p>';
  await frames(20);
  expect(document.activeElement).toBe(room());
});
