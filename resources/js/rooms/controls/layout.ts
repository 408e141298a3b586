import { schemes as ofHolds } from "../../generated/vocabulary";
import { capital } from "../../units/wording";
import type { AssumedFigure, Translated } from "../../api/types";
import type { Layout } from "../../generated/layout";
import { Autosave, type UndoState } from "../../autosave/Autosave";

export type { Layout };
export type Use = Layout["uses"][number];

export type Finding = {
  code: string;
  message: string;
  control: string | null;
  hold: string | null;
  cure: string | null;
  cured: Layout | null;
  steps: string[];
};

export type LayoutReport = {
  holds: { id: string; name: string; translation: Translated[] }[];
  base: string | null;
  buttons: { name: string; where: string; words: Record<string, string> };
  findings: Finding[];
  seconds: Record<string, Record<string, number>>;
  /** The seconds a change is reckoned with. */
  assumed: AssumedFigure[];
  set: { control: string; how: string }[];
};

export type LayoutWhole = UndoState & { layout: Layout; report: LayoutReport };
export type LayoutDraft = { layout: Layout };

export type Best = {
  now_s: number;
  best_s: number;
  saved_s: number;
  exact: boolean;
  layout: Layout;
  most: string | null;
};

/** Keeps the layout of one body. */
export class LayoutAutosave extends Autosave<LayoutDraft, LayoutWhole> {
  constructor(server: LayoutWhole) {
    super(server, { path: `layouts/${server.id}`, draftOf: ({ layout }) => ({ layout }) });
  }
}

export const schemes: readonly { value: Layout["scheme"]; words: string; note: string }[] = [
  ...ofHolds.map((scheme) => ({ ...scheme, words: capital(scheme.words) })),
  { value: "own", words: "Your own", note: "as the keys lie now, held to no scheme" },
];

/** A control put to this use instead of what it did. */
export const put = (layout: Layout, use: Use): Layout => ({
  ...layout,
  uses: [...layout.uses.filter((one) => one.control !== use.control), use],
});

export const without = (layout: Layout, control: string): Layout => ({
  ...layout,
  uses: layout.uses.filter((one) => one.control !== control),
});

/** How often one hold follows another in a day; once unless told. */
export const times = (layout: Layout, from: string, to: string): number =>
  layout.follows.find((one) => one.from === from && one.to === to)?.times ?? 1;

export const follow = (layout: Layout, from: string, to: string, often: number): Layout => ({
  ...layout,
  follows: [...layout.follows.filter((one) => one.from !== from || one.to !== to), { from, to, times: often }],
});

/** The layout without a hold of the day, and without anything that recalls it. */
export const withoutHold = (layout: Layout, id: string): Layout => ({
  ...layout,
  holds: layout.holds.filter((one) => one !== id),
  base: layout.base === id ? null : layout.base,
  uses: layout.uses.filter((one) => one.hold !== id),
  follows: layout.follows.filter((one) => one.from !== id && one.to !== id),
});

/** Seconds as they are told: two figures, no noise. */
export const seconds = (value: number): string => (value < 0.005 ? "0" : value.toFixed(value < 10 ? 1 : 0));
