import { expect, it } from "vitest";
import { furtherOf, type LogState } from "../../resources/js/rooms/log/log";

type Taking = NonNullable<LogState["intake"]>;
const taking = (own: Partial<Taking>): Taking => ({
  id: "01m8a",
  status: "running",
  done: 28,
  whole: 30,
  read: 28,
  known: 0,
  refused: [],
  more: 0,
  waiting: false,
  at: "2026-05-23T06:00:00Z",
  problem: null,
  ...own,
});

it("believes of two tellings of one taking in the one that knows more, whichever came first", () => {
  const [early, late] = [taking({}), taking({ done: 29 })];
  const over = taking({ status: "done", done: 30 });
  const next = taking({ id: "01m8b", done: 0 });
  for (const [one, other, further] of [
    [early, late, late],
    [early, over, over],
    // what was told before it broke off and began again counts for less than its end
    [taking({ done: 30 }), taking({ status: "failed", done: 12 }), taking({ status: "failed", done: 12 })],
    // the next one has begun
    [over, next, next],
    [null, early, early],
    [null, null, null],
  ] as const) {
    expect(furtherOf(one, other)).toEqual(further);
    expect(furtherOf(other, one)).toEqual(further);
  }
});
