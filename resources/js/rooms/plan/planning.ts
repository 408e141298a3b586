import { useMutationState, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { request } from "../../api/client";
import type { Plan, RushWhole } from "../../api/types";
import type { Hold } from "../../hold/hold";
import type { Grip } from "../../lane/Lane";
import { withDistance, withRangeAsSaid, type Draft } from "../../rush/draft";
import type { RushAutosave, RushState } from "../../rush/rushAutosave";
import { words } from "../../sentence/Sentence";
import { useFigureStep, type FigureChange, type FigureWords } from "../../session/usePutFigure";
import { withClutter } from "../../sentence/surroundings";
import type { Telling } from "../../sentence/words";
import type { Change } from "./Changes";

/** The draft with one mark of the lane moved; near and far never cross the working distance. */
export const moved = (draft: Draft, grip: Grip, metres: number): Draft => {
  const to = Math.min(20000, Math.max(0.05, metres));
  const { work_m } = draft.rush.distance;
  if (grip === "obstacle") return withClutter(draft, { obstacle_distance_m: Math.min(to, work_m) });
  if (grip === "near") return withDistance(draft, { near_m: Math.min(to, work_m) });
  if (grip === "far") return withDistance(draft, { far_m: Math.max(to, work_m) });
  return withDistance(draft, { work_m: to });
};

/** Under which deletions of rushes run. */
export const DELETION = ["delete-rush"];

/** Whether the rush of an open page is being deleted, or has been: nothing more is to be asked for it. */
export function useIsLeaving(id: string): boolean {
  const [openedAt] = useState(() => Date.now());
  const last = useMutationState({
    filters: {
      mutationKey: DELETION,
      predicate: (one) => (one.state.variables as { id: string } | undefined)?.id === id,
    },
    select: ({ state }) => ({ status: state.status, submittedAt: state.submittedAt }),
  }).at(-1);
  // one that was brought back since is open anew
  return last !== undefined && last.status !== "error" && last.submittedAt >= openedAt;
}

/** Wait this long after the last change before other distances and speeds are planned, in ms. */
const SETTLE_MS = 250;

/** The revision of the last plan that stood for a moment: what costs many plans follows that, not every step of a drag. */
export function useSettled(record: RushState): number {
  const now = record.server.revision;
  const [settled, setSettled] = useState(now);
  useEffect(() => {
    if (record.dirty) return;
    const timer = window.setTimeout(() => setSettled(now), SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [now, record.dirty]);
  return settled;
}

/**
 * The plan with what would change it, which is asked for once it has stood for a moment. The marks of the plan before stay
 * until then; a reason waits for its own.
 */
export function useTips(server: RushWhole, settled: number, stamp: string, isLeaving: boolean): Plan | null {
  const { plan } = server;
  const told = useQuery({
    queryKey: ["tips", server.id, stamp],
    queryFn: ({ signal }) => request("GET", `rushes/${server.id}/tips`, undefined, signal),
    enabled: plan !== null && !isLeaving,
    placeholderData: (old) => old,
  });
  const fresh = !told.isPlaceholderData && settled === server.revision;
  return useMemo(() => {
    if (plan === null || !told.data) return plan;
    const { tipping, flips } = told.data;
    return {
      ...plan,
      tipping,
      reasons: plan.reasons.map((reason) => ({ ...reason, flips: fresh ? (flips[reason.field] ?? null) : null })),
    };
  }, [plan, told.data, fresh]);
}

/** Words of the sentence that read otherwise now. */
const reworded = (before: Telling, after: Telling): Change["words"] =>
  words.map((word) => ({ from: word.text(before), to: word.text(after) })).filter(({ from, to }) => from !== to);

const asWords = ({ what, from, to }: FigureWords): Change["words"][number] => ({ from: `${what}: ${from}`, to });

type Began = { gesture: string; telling: Telling; hold: Hold; figure: FigureWords | null };

/** Takes changes, and tells what the last gesture has done to the hold: from where it began to where it stands. */
export function useChanges(autosave: RushAutosave, record: RushState, telling: Telling) {
  const [began, setBegan] = useState<Began | null>(null);
  const [isAsking, setAsking] = useState(false);
  const plan = record.server.plan;
  const said = useRef(telling.draft.rush.distance);
  const change = useCallback(
    (next: Draft, gesture: string) => {
      if (plan !== null && began?.gesture !== gesture) setBegan({ gesture, telling, hold: plan.hold, figure: null });
      autosave.edit(withRangeAsSaid(telling.draft, next, said), gesture);
    },
    // the telling is what stood on the screen when the gesture began
    [autosave, plan, began?.gesture, telling],
  );

  /** An assumed figure was changed: a step of its own, with a line of its own. */
  const follow = useCallback(
    ({ words: figure }: FigureChange) => {
      const { server, draft } = autosave.snapshot();
      if (server.plan !== null)
        setBegan({ gesture: "figure", telling: { ...telling, draft }, hold: server.plan.hold, figure });
      setAsking(true);
      void autosave.refresh().finally(() => setAsking(false));
    },
    [autosave, telling],
  );
  const step = useFigureStep(follow);
  const assume = useCallback(
    (figure: FigureChange) => {
      autosave.did(step(figure));
      follow(figure);
    },
    [autosave, step, follow],
  );

  const { save, dirty } = record;
  const changes = useMemo<Change | null>(() => {
    if (began === null) return null;
    const wait = save.kind === "saved" || save.kind === "saving" ? (dirty || isAsking ? "reckoning" : null) : save.kind;
    return {
      before: began.hold,
      words: began.figure === null ? reworded(began.telling, telling) : [asWords(began.figure)],
      waitsFor: wait,
    };
  }, [began, telling, save.kind, dirty, isAsking]);
  return { change, changes, assume };
}
