import { thousands } from "../../units/numbers";
import { countedBy } from "../../generated/vocabulary";

/** What bursts are counted by. */
export type By = (typeof countedBy)[number]["value"];

export type Order = "standing" | "frames" | "high" | "low";

/** What the page of counts is asked for, as its address says it. */
export type Asked = {
  by: By;
  and: By | null;
  where: [By, string][];
  order: Order | null;
  /** The values that are compared, at most two. */
  beside: string[];
};

const names = countedBy.map((one) => one.value) as By[];
const orders: Order[] = ["standing", "frames", "high", "low"];

export const byWords = Object.fromEntries(countedBy.map((one) => [one.value, one.words])) as Record<By, string>;

export const isOrdered = (by: By): boolean => countedBy.some((one) => one.value === by && one.ordered);

const byOf = (text: string | null): By | null => names.find((name) => name === text) ?? null;

export const whereOf = (search: URLSearchParams): [By, string][] =>
  names.flatMap((name): [By, string][] => {
    const value = search.get(name);
    return value === null ? [] : [[name, value]];
  });

export const askedOf = (search: URLSearchParams): Asked => {
  const by = byOf(search.get("by")) ?? "rush";
  const and = byOf(search.get("and"));
  return {
    by,
    and: and === by ? null : and,
    where: whereOf(search),
    order: orders.find((one) => one === search.get("order")) ?? null,
    beside: [...new Set(search.getAll("beside"))].slice(0, 2),
  };
};

/** The address of what is asked, without what goes without saying. */
export const searchOf = ({ by, and, where, order, beside }: Asked): string => {
  const search = new URLSearchParams(where);
  if (by !== "rush") search.set("by", by);
  if (and !== null) search.set("and", and);
  if (order !== null) search.set("order", order);
  for (const value of beside) search.append("beside", value);
  const text = search.toString();
  return text === "" ? "" : `?${text}`;
};

/** The same, with one more thing that is to be so; null where nothing is to be so of it any more. */
export const narrowed = (where: [By, string][], by: By, value: string | null): [By, string][] => [
  ...where.filter(([name]) => name !== by),
  ...(value === null ? [] : [[by, value] as [By, string]]),
];

/** What the server is asked for. */
export const queryOf = (where: [By, string][], more: Record<string, string | null> = {}): "" | `?${string}` => {
  const search = new URLSearchParams(where);
  for (const [name, value] of Object.entries(more)) if (value !== null) search.set(name, value);
  const text = search.toString();
  return text === "" ? "" : `?${text}`;
};

type Rated = { share: number; least: number; most: number; frames: number };

/**
 * Rows in the order a person wants them. The highest are those that are high to be sure, by the lower end of their interval, and the lowest
 * those that are low to be sure: so nothing is ranked on a handful.
 */
export const inOrder = <T extends Rated & { value: string }>(rows: readonly T[], by: By, order: Order | null): T[] => {
  const told = order ?? (isOrdered(by) ? "standing" : "frames");
  // what is not known stands last, and a negative number, a step of shutter or distance, before those that are none
  const standing = (a: T, b: T): number =>
    Number(a.value === "") - Number(b.value === "") ||
    Number(a.value) - Number(b.value) ||
    a.value.localeCompare(b.value, undefined, { numeric: true }) ||
    b.frames - a.frames;
  const byOrder: Record<Order, (a: T, b: T) => number> = {
    standing,
    frames: (a, b) => b.frames - a.frames,
    high: (a, b) => b.least - a.least || b.share - a.share,
    low: (a, b) => a.most - b.most || a.share - b.share,
  };
  return [...rows].sort(byOrder[told]);
};

/** "36 – 46 %" */
export const between = (least: number, most: number): string =>
  `${Math.round(100 * least)} – ${Math.round(100 * most)} %`;

export const burstsOf = (count: number): string => `${thousands(count)} ${count === 1 ? "burst" : "bursts"}`;
