import type { SubjectKind, User } from "../api/types";
import { withOptional, withSubject, type Draft } from "../rush/draft";

type Names = (typeof import("../generated/names"))["names"];

/** The everyday names, on their way as soon as a sentence is there: they are of use only to who asks for a subject. */
export const arriving: Promise<Names> = import("../generated/names").then(({ names }) => names);

export type OwnSubject = User["subjects"][string];

/** Something somebody may mean by what is typed. */
export type Meant = {
  /** What it is called, without an article; null where it is the kind itself. */
  called: string | null;
  kind: SubjectKind;
  length_m: number;
  speed_mps: number;
  own: OwnSubject | null;
};

const asIs = (kind: SubjectKind): Meant => ({
  called: null,
  kind,
  length_m: kind.length_m.typical,
  speed_mps: kind.speed_mps.typical,
  own: null,
});

/** How well a word fits what is typed: as it is, from its beginning, from the beginning of one of its parts, anywhere, or not. */
const fit = (word: string, sought: string): number => {
  const at = word.indexOf(sought);
  if (at < 0) return 0;
  if (word === sought || word === sought.replace(/s$/, "")) return 4;
  if (at === 0) return 3;
  return /[ -]/.test(word[at - 1]!) ? 2 : 1;
};

const best = (words: readonly string[], sought: string): number =>
  Math.max(
    ...words.flatMap((word) => [fit(word, sought), sought.length > 3 ? fit(word, sought.replace(/s$/, "")) : 0]),
  );

/** What may be meant, the likeliest first: one's own names before the usual ones, those before the kinds. */
export const meant = (sought: string, kinds: SubjectKind[], names: Names, own: User["subjects"]): Meant[] => {
  const wanted = sought.trim().toLowerCase();
  const kindOf = (id: string): SubjectKind => kinds.find((kind) => kind.id === id) ?? kinds[0]!;
  const all: { found: Meant; fits: number }[] = [
    ...Object.entries(own).map(([called, one]) => ({
      found: { called, kind: kindOf(one.kind), length_m: one.length_m, speed_mps: one.speed_mps, own: one },
      fits: best([called.toLowerCase()], wanted) * 10 + 3,
    })),
    ...names.map(([called, kind, length_m, speed_mps, also]) => ({
      found: { called, kind: kindOf(kind), length_m, speed_mps, own: null },
      // the name itself before another word for something else
      fits: Math.max(best([called], wanted) * 10 + 2, also.length === 0 ? 0 : best(also, wanted) * 10 + 1),
    })),
    ...kinds.map((kind) => ({ found: asIs(kind), fits: best([kind.words.replace(/^an? /, "")], wanted) * 10 })),
  ];
  return all
    .filter(({ fits }) => fits >= 10)
    .toSorted((a, b) => b.fits - a.fits)
    .map(({ found }) => found);
};

/** The draft about what was meant, with the numbers that are usual for it. */
export const withMeant = (draft: Draft, { called, kind, length_m, speed_mps, own }: Meant): Draft => {
  const { called: _, ...subject } = draft.rush.subject;
  const next = withSubject(
    { ...draft, rush: { ...draft.rush, subject } },
    {
      ...(called !== null && called !== kind.words.replace(/^an? /, "") && { called }),
      kind: kind.id,
      length_m,
      detection: own?.detection ?? kind.detection,
      limb_speed_mps: own?.limb_speed_mps ?? kind.limb_speed_mps.typical,
    },
  );
  return withOptional(next, "motion", {
    speed_mps,
    burst_mps: own?.burst_mps,
    act: undefined,
    ...(kind.rooted && { pattern: "still" as const }),
  });
};

/** Another kind that it moves like, under the same name. */
export const withKindOf = (draft: Draft, kind: SubjectKind): Draft => {
  const { called } = draft.rush.subject;
  return withMeant(draft, { ...asIs(kind), called: called ?? null });
};

/** The rush's subject as one of somebody's own. */
export const ownOf = ({ rush }: Draft): OwnSubject => ({
  kind: rush.subject.kind,
  length_m: rush.subject.length_m,
  speed_mps: rush.motion.speed_mps,
  ...(rush.motion.burst_mps !== undefined && { burst_mps: rush.motion.burst_mps }),
  limb_speed_mps: rush.subject.limb_speed_mps,
  detection: rush.subject.detection,
});
