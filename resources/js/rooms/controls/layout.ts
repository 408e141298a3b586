import type { LayoutWhole } from "../../generated/answers";
import { schemes as ofHolds } from "../../generated/vocabulary";
import { capital } from "../../units/wording";
import type { Layout } from "../../generated/layout";
import { Autosave } from "../../autosave/Autosave";

export type { Layout };
export type Use = Layout["uses"][number];

export type { Finding, LayoutBest, LayoutReport, LayoutWhole } from "../../generated/answers";
export type LayoutDraft = { layout: Layout };

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
