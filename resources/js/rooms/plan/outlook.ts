import { useQuery } from "@tanstack/react-query";
import { request } from "../../api/client";
import type { Outlook } from "../../generated/answers";
import type { Rush } from "../../api/types";
import type { Draft } from "../../rush/draft";
import { useRested } from "../../ui/useRested";

export type { Outlook };
export type FrontierPoint = Outlook["frontier"][number];
export type Help = Outlook["helps"][number];

/** Wait this long after a plan has come to stand before its outlook is asked for, in ms: it costs many passes. */
const STANDS_MS = 600;

/** What a plan may look forward to, asked for once it has stood for a moment; the one before stays until then. */
export function useOutlook(id: string, stamp: string, stands: boolean) {
  const stood = useRested(stamp, STANDS_MS, "");
  return useQuery({
    queryKey: ["outlook", id, stood],
    queryFn: ({ signal }) => request("GET", `rushes/${id}/rehearsal/outlook`, undefined, signal),
    enabled: stands && stood === stamp,
    placeholderData: (old) => old,
    retry: 1,
  });
}

/** The draft with what a help changes of the rush; its range of distances stretches where it has to. */
export const helped = (draft: Draft, help: Help): Draft => {
  const rush = Object.entries(help.change).reduce<Rush>(
    (changed, [part, change]) => ({
      ...changed,
      [part]: { ...(changed[part as keyof Rush] as object), ...(change as object) },
    }),
    draft.rush,
  );
  const { near_m, work_m, far_m } = rush.distance;
  return {
    ...draft,
    rush: { ...rush, distance: { near_m: Math.min(near_m, work_m), work_m, far_m: Math.max(far_m, work_m) } },
  };
};
