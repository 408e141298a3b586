import userEvent from "@testing-library/user-event";
import { createRoot, type Root } from "react-dom/client";
import { afterEach, beforeEach, expect, vi } from "vitest";

/*
 * A page as the real server sends it, drawn without a browser: words, presses and answers of a whole path at a fraction of its cost.
 * What needs a layout, a print, a clock, files on a disk, or no line at all is seen in tests/Browser.
 */

/** Where the server answers; bin/test starts it. */
const AT = process.env["RUSH_HOLD_PAGES"]!;

/** How long anything is waited for, in ms: a busy machine takes its time. */
const PATIENCE = 30_000;

/** How long until it is looked again, in ms. */
const LOOK = 15;

/** Everything is as wide as this, in px: nothing is laid out. */
const WIDTH = 640;

/** What an answer of the API holds: the tests read of it what they are about. */
// oxlint-disable-next-line typescript/no-explicit-any -- as above
type Answer = any;

/** What stands for the browser, with what a browser does when a page is left. */
type Happy = { setURL(url: string): void; abort(): Promise<void> };
const happy = (): Happy => (window as unknown as { happyDOM: Happy }).happyDOM;

class Measured {
  constructor(private readonly told: (entries: { contentRect: { width: number; height: number } }[]) => void) {}
  observe(): void {
    this.told([{ contentRect: { width: WIDTH, height: WIDTH } }]);
  }
  unobserve(): void {}
  disconnect(): void {}
}

const hands = () => userEvent.setup({ delay: 0, pointerEventsCheck: 0 });
let user = hands();
let root: Root | null = null;
let said: string[] = [];

beforeEach(() => {
  happy().setURL(AT);
  vi.stubGlobal("ResizeObserver", Measured);
  said = [];
  for (const level of ["error", "warn"] as const)
    vi.spyOn(console, level).mockImplementation((...words: unknown[]) => {
      said.push(words.map((word) => (word instanceof Error ? (word.stack ?? word.message) : String(word))).join(" "));
    });
  vi.doMock("../../resources/js/theme/antdTheme", async (actual) => {
    const { antdTheme } = await actual<typeof import("../../resources/js/theme/antdTheme")>();
    // no styles in the page: there is nothing to be laid out
    return { antdTheme: (name: Parameters<typeof antdTheme>[0]) => ({ ...antdTheme(name), zeroRuntime: true }) };
  });
});
afterEach(async () => {
  await leave();
  localStorage.clear();
  sessionStorage.clear();
  await api("POST", "sign-out");
  expect(said).toEqual([]);
});

/** Whatever a page was still asking for goes with it. */
const leave = async (): Promise<void> => {
  root?.unmount();
  root = null;
  await happy().abort();
  document.body.innerHTML = "";
};

/** Loads a page as a browser does: everything of the page before it is gone, what the browser keeps is still there. */
export const visit = async (to: string): Promise<void> => {
  await leave();
  happy().setURL(AT + to);
  const html = await (await fetch(AT + to)).text();
  const boot = /<script type="application\/json" id="boot">(.*?)<\/script>/s.exec(html)?.[1];
  if (boot === undefined) {
    // what is no page of ours says so by itself
    document.body.innerHTML = `<div id="root">${/<main>(.*)<\/main>/s.exec(html)?.[1]}</div>`;
    return;
  }
  document.body.innerHTML = `<div id="root"></div><script type="application/json" id="boot">${boot}</script>`;
  vi.resetModules();
  user = hands();
  const { App } = await import("../../resources/js/shell/App");
  const { keepFocus } = await import("../../resources/js/ui/keepFocus");
  keepFocus();
  root = createRoot(document.getElementById("root")!);
  root.render(<App />);
};

/** The part of the address after the server's name. */
export const path = (): string => window.location.pathname;

const ask = (method: string, to: string, own: Record<string, string>, body?: unknown): Promise<Response> =>
  fetch(`${AT}/api/${to}`, {
    method,
    headers: { "Content-Type": "application/json", Accept: "application/json", ...own },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });

/** One request to the API in the session of this page: status and body. */
export const api = async (method: string, to: string, body?: unknown): Promise<[number, Answer]> => {
  const token = /XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? "";
  const from = { "X-Requested-With": "XMLHttpRequest", "X-XSRF-TOKEN": decodeURIComponent(token) };
  const answer = await ask(method, to, from, body);
  const words = await answer.text();
  return [answer.status, words === "" ? null : JSON.parse(words)];
};

/** What the API answers another program that has a key; the status. */
export const withKey = async (method: string, to: string, key: string): Promise<number> =>
  (await ask(method, to, { Authorization: `Bearer ${key}` }, method === "GET" ? undefined : {})).status;

/** Waits until this is something, and gives it. */
export const until = async <T,>(is: () => T | Promise<T>, what: string): Promise<NonNullable<T>> => {
  for (const end = Date.now() + PATIENCE; Date.now() < end;) {
    const found = await is();
    if (found) return found;
    await new Promise((rest) => setTimeout(rest, LOOK));
  }
  throw new Error(`Waited for ${what}; read: ${text()}`);
};

const plain = (words: string | null | undefined): string => (words ?? "").replaceAll("\u00a0", " ");

/** Everything of this kind that is there now. */
export const all = (css: string): HTMLElement[] => [...document.querySelectorAll<HTMLElement>(css)];

/** What stands in a part of the page, or in all of it. */
export const text = (css = "#root, .ant-modal-root, .ant-drawer, .ant-select-dropdown, [role=dialog]"): string =>
  all(css)
    .map((it) => plain(it.textContent))
    .join("\n");

export const value = (css: string): string => document.querySelector<HTMLInputElement>(css)?.value ?? "";

/** The first of this kind, once it is there. */
export const one = <T extends HTMLElement = HTMLElement>(css: string): Promise<T> =>
  until(() => document.querySelector<T>(css), css);

/** The first of this kind that says so somewhere in it. */
export const saying = (css: string, words: string): Promise<HTMLElement> =>
  until(() => all(css).find((it) => plain(it.textContent).includes(words)), `“${words}” in ${css}`);

export const see = (words: string): Promise<boolean> => until(() => text().includes(words), `“${words}”`);
export const gone = (css: string): Promise<boolean> => until(() => all(css).length === 0, `no ${css}`);
export const reads = (css: string, words: string): Promise<boolean> =>
  until(() => text(css).trim() === words, `“${words}” in ${css}`);
export const otherwise = (css: string, words: string): Promise<boolean> =>
  until(() => text(css) !== words, `${css} to read otherwise`);
export const saved = (): Promise<HTMLElement> => one("[data-testid=save][data-dirty=false]");
export const named = (name: string): Promise<boolean> => until(() => value(".name input") === name, `“${name}”`);

/** A field by its label. */
export const labelled = (words: string): Promise<HTMLInputElement> =>
  until(() => {
    const told = document.querySelector<HTMLInputElement>(`input[aria-label="${words}"]`);
    const label = all("label").find((it) => plain(it.textContent).trim().startsWith(words));
    return told ?? ((label as HTMLLabelElement | undefined)?.control as HTMLInputElement | null | undefined);
  }, `the field “${words}”`);

/** The first of this kind that may be pressed: what still waits for something is waited for. */
const ready = (css: string): Promise<HTMLElement> =>
  until(() => all(css).find((it) => !it.matches(":disabled")), `${css} that may be pressed`);

export const click = async (at: string | HTMLElement): Promise<void> =>
  user.click(typeof at === "string" ? await ready(at) : at);

/** Presses so often in a row that nothing can be drawn in between. */
export const hammer = async (css: string): Promise<void> => {
  const button = await ready(css);
  for (let press = 0; press < 3; press += 1) button.click();
};

/** Presses a button or link by what is written on it. */
export const press = async (label: string): Promise<void> => {
  const says = (it: HTMLElement): boolean =>
    plain(it.getAttribute("aria-label")) === label ||
    (it.matches("button, a") && plain(it.textContent).trim().replaceAll(/\s+/g, " ") === label);
  await click(
    await until(
      () => all("button, a, [aria-label]").find((it) => says(it) && !it.matches(":disabled")),
      `the button “${label}”`,
    ),
  );
};

export const focus = async (css: string): Promise<void> => {
  const at = await one(css);
  at.focus();
  expect(document.activeElement).toBe(at);
};

/** Presses keys one after the other; those with a name stand in braces. */
export const keys = (...presses: string[]): Promise<void> => user.keyboard(presses.join(""));

/** Letters one right after the other, however busy the machine is. */
export const chord = (...letters: string[]): void => {
  for (const key of letters)
    (document.activeElement ?? document.body).dispatchEvent(
      new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true }),
    );
};

/** Types over what stands in a field. */
export const over = async (at: string | HTMLElement, words: string): Promise<void> => {
  const field = (typeof at === "string" ? await one(at) : at) as HTMLInputElement;
  await user.click(field);
  // such a field tells nobody what is marked in it
  if (field.type === "email") await user.clear(field);
  else field.setSelectionRange(0, field.value.length);
  await user.keyboard(words);
};

/** Sets a slider, as a hand would; or pastes a text. */
export const put = async (css: string, to: string): Promise<void> => {
  const at = await one<HTMLInputElement>(css);
  const kind = at.tagName === "TEXTAREA" ? HTMLTextAreaElement : HTMLInputElement;
  Object.getOwnPropertyDescriptor(kind.prototype, "value")!.set!.call(at, to);
  at.dispatchEvent(new Event("input", { bubbles: true }));
};

export const attach = async (css: string, file: File): Promise<void> =>
  user.upload(await one<HTMLInputElement>(css), file);

/** Opens a word of the sentence, replaces its number and closes it. */
export const write = async (word: string, number: string): Promise<void> => {
  await click(`[data-word=${word}]`);
  await over(`[data-editor=${word}] input`, `${number}{Enter}`);
  await gone("[data-editor]");
};

/** Opens a word by its letter and answers by keys, once the focus is on what it says now. */
export const choose = async (letter: string, presses: string): Promise<void> => {
  await keys(letter);
  await until(() => document.activeElement?.matches("[role=radio][aria-checked=true]"), `the choice behind ${letter}`);
  await keys(presses);
};

/** Picks an option of a list by the list's name for assistive technology. */
export const pick = async (label: string, option: string): Promise<void> => {
  await click(`input[role=combobox][aria-label="${label}"]`);
  await click(
    await until(
      () => all(".ant-select-item-option").find((it) => plain(it.textContent).trim() === option),
      `“${option}” in “${label}”`,
    ),
  );
};

/** Lets somebody in: who has come too often waits until it is their turn again. */
const letIn = async (by: string, body: object): Promise<void> => {
  await ask("GET", "session", {});
  await until(async () => (await api("POST", by, body))[0] < 300, by);
};

/** An account of its own, at the first page it sees; its address. */
export const registered = async (): Promise<string> => {
  const email = `${crypto.randomUUID().slice(0, 12)}@turf.example`;
  await letIn("register", { name: "Ada", email, password: "sandpiper-dawn" });
  await visit("/");
  await see("No rush yet.");
  return email;
};

/** An account with its first rush open. */
export const planning = async (): Promise<string> => {
  const email = await registered();
  await press("Write the first one");
  await one("[data-testid=answer]");
  await saved();
  return email;
};

/** The demo, at a rush of it by its name. */
export const demo = async (name: string): Promise<void> => {
  await letIn("demo", {});
  const [, list] = await api("GET", "rushes");
  await visit(`/plan/${list.rushes.find((row: Answer) => row.name === name).id}`);
  await named(name);
  await one("[data-testid=answer]");
};

/** A body of a kit file with the lens of this account. */
export const kitWith = async (sheet: string): Promise<{ id: string; body_id: string }> => {
  const [, taken] = await api("POST", "kit-file", { file: sheet, choices: ["new"] });
  const [, owned] = await api("GET", "gear");
  const body_id = taken.gear[0].id;
  const lens_id = owned.gear.find((piece: Answer) => piece.type === "lens").id;
  const [, kit] = await api("POST", "kits", { body_id, lens_id });
  return { id: kit.id, body_id };
};

/** Another rush like the first of this account, but for what is said of it; its id. */
export const rushLike = async (name: string, kit_id: string, own: Record<string, object>): Promise<string> => {
  const [, list] = await api("GET", "rushes");
  const [, { rush }] = await api("GET", `rushes/${list.rushes.at(-1).id}`);
  for (const [part, what] of Object.entries(own)) rush[part] = { ...rush[part], ...what };
  return (await api("POST", "rushes", { kit_id, focal_mm: null, rush: { ...rush, name } }))[1].id;
};
