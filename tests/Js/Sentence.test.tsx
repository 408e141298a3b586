// @vitest-environment happy-dom
import { cleanup, configure, render, screen, waitFor, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useRef, useState } from "react";
import { MemoryRouter } from "react-router-dom";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { Sentence } from "../../resources/js/sentence/Sentence";
import { withRangeAsSaid, type Draft } from "../../resources/js/rush/draft";
import { draft, telling } from "./draft";

/* A word of the sentence as a person has it: opened, typed into, left. What is saved of it and where the focus goes is seen in a browser. */

configure({ asyncUtilTimeout: 20_000 });

/** Every state the sentence has been in, the last one last. */
let states: Draft[] = [];

/** Which rush it tells of: what could not be read waits by it. */
let turn = 0;

function Told() {
  const [now, setNow] = useState(draft);
  const said = useRef(now.rush.distance);
  return (
    <MemoryRouter>
      <Sentence
        place={`rushes/${turn}`}
        telling={telling({ draft: now })}
        letters
        onChange={(next) => {
          const meant = withRangeAsSaid(now, next, said);
          states.push(meant);
          setNow(meant);
        }}
      />
      <button type="button">elsewhere</button>
    </MemoryRouter>
  );
}

const user = userEvent.setup({ delay: null, pointerEventsCheck: 0 });
const word = (name: string): HTMLElement => document.querySelector(`[data-word=${name}]`)!;
const reads = (name: string, text: string) =>
  waitFor(() => expect(word(name).textContent.replaceAll("\u00a0", " ")).toBe(text));
const field = async (name: string, at = 0): Promise<HTMLInputElement> =>
  waitFor(() => {
    const found = document.querySelectorAll<HTMLInputElement>(`[data-editor=${name}] input`)[at];
    expect(found).toBeDefined();
    return found!;
  });
const over = async (input: HTMLInputElement, text: string): Promise<void> => {
  await user.clear(input);
  await user.type(input, text);
};
/** Opens a word, types over its number and leaves by Enter. */
const write = async (name: string, text: string): Promise<void> => {
  await user.click(word(name));
  await over(await field(name), `${text}{Enter}`);
};
const closed = () => waitFor(() => expect(document.querySelector("[data-editor]")).toBeNull());
const range = (): number[] => {
  const { near_m, work_m, far_m } = states.at(-1)!.rush.distance;
  return [near_m, work_m, far_m];
};

beforeEach(() => {
  states = [];
  turn += 1;
  localStorage.clear();
  render(<Told />);
});
afterEach(cleanup);

describe("a number that cannot be", () => {
  it.each([
    ["9 parsecs", "“parsecs” is not a unit for this; use m/s, km/h, mph, kn, ft/s"],
    ["4000", "Own speed is 4000; it must be 0 m/s to 400 m/s."],
    ["fast", "“fast” is not a number"],
    ["-3", "Own speed is -3; it must be 0 m/s to 400 m/s."],
  ])("stays as it was typed and says field, value and range: %s", async (typed, words) => {
    await user.click(word("speed"));
    const input = await field("speed");
    await over(input, `${typed}{Enter}`);
    await waitFor(() => expect(screen.getByRole("alert").textContent.replaceAll("\u00a0", " ")).toContain(words));
    expect([input.value, input.getAttribute("aria-invalid")]).toEqual([typed, "true"]);
    const says = document.getElementById(input.getAttribute("aria-describedby")!);
    expect(says).toBe(screen.getByRole("alert"));
    // the number is again what it was
    expect(states.at(-1)?.rush.motion.speed_mps ?? 9).toBe(9);
    await over(input, "20 mph{Enter}");
    await reads("speed", "8.94 m/s");
    await closed();
  });

  it("waits where it was typed when the word is left, through a reload, until it is mended", async () => {
    await user.click(word("distance"));
    await over(await field("distance"), "12 parsecs");
    await user.click(screen.getByText("elsewhere"));
    await closed();
    expect(screen.getByRole("alert").textContent).toContain("“parsecs” is not a unit for this");
    expect(word("distance").className).toContain("word-unread");
    expect(word("distance").getAttribute("aria-label")).toContain("Not taken");
    // the page is loaded again
    cleanup();
    render(<Told />);
    await user.click(word("distance"));
    const input = await field("distance");
    expect(input.value).toBe("12 parsecs");
    await over(input, "1,200 m{Enter}");
    await waitFor(() => expect(screen.getByRole("alert").textContent).toContain("may be 1200 or 1.200"));
    await over(input, "5 ft 11{Enter}");
    await reads("distance", "1.8 m");
    await closed();
    expect(document.querySelector(".word-unread, .not-taken")).toBeNull();
  });

  it("is not bent into one that can: the nearest is not beyond where it is photographed", async () => {
    await write("distance", "12–40 m");
    await write("distance", "25");
    await user.click(word("distance"));
    await over(await field("distance", 1), "50");
    await waitFor(() =>
      expect(screen.getByRole("alert").textContent.replaceAll("\u00a0", " ")).toContain(
        "Nearest it may come is 50; it must be 5 cm to 25 m",
      ),
    );
    expect(range()).toEqual([12, 25, 40]);
  });
});

describe("a range", () => {
  it("is typed with a dash, and comes back after a detour that stretched it", async () => {
    await write("distance", "12–40 m");
    expect(range()).toEqual([12, states.at(-1)!.rush.distance.work_m, 40]);
    for (const [metres, told] of [
      ["60", [12, 60, 60]],
      ["8", [8, 8, 40]],
      ["25", [12, 25, 40]],
    ] as const) {
      await write("distance", metres);
      await reads("distance", `${metres} m`);
      expect(range()).toEqual(told);
    }
  });
});

describe("a number that is typed", () => {
  it("is taken at every key, and what is on its way to another leaves no trace", async () => {
    const before = draft().rush.distance;
    await user.click(word("distance"));
    const input = await field("distance");
    await over(input, "1");
    await reads("distance", "1 m");
    await user.type(input, "9");
    await reads("distance", "19 m");
    await user.type(input, " ft");
    await reads("distance", "5.79 m");
    await user.type(input, "x");
    await waitFor(() => expect(screen.getByRole("alert").textContent).toContain("It takes"));
    await user.type(input, "{Backspace}{Backspace}{Backspace}{Backspace}");
    await reads("distance", "19 m");
    await user.click(within(document.querySelector<HTMLElement>("[data-editor]")!).getByText("Done"));
    expect(states.at(-1)!.rush.distance).toEqual({ ...before, work_m: 19 });
  });

  it("is let go of by Escape alone", async () => {
    await user.click(word("distance"));
    await over(await field("distance"), "77");
    await reads("distance", "77 m");
    await user.keyboard("{Escape}");
    await closed();
    await reads("distance", "18 m");
    await user.click(word("distance"));
    await over(await field("distance"), "31");
    await user.click(screen.getByText("elsewhere"));
    await reads("distance", "31 m");
  });
});
