import { useQuery } from "@tanstack/react-query";
import { requestAs } from "./client";

/** What is told of any run: long work in the background, as far as it has come. */
export type Progress = {
  id: string;
  status: "running" | "done" | "cancelled" | "overtaken" | "failed";
  done: number;
  /** No worker has come to it for a while. */
  waiting: boolean;
  /** Why it failed, in words. */
  problem: string | null;
  /** When a worker last came back from it. */
  at: string;
};

/** How often a run under way is asked for, in ms. */
const ASK_MS = 350;

/** The key under which a run is kept, for what is known of it otherwise: a cancellation, say. */
export const runKey = (path: string) => ["run", path];

/**
 * A run while it goes on: asked for again and again until it has ended.
 * @param path where it is asked for, "sweeps/01H…"
 * @param known what a list told of it; undefined while there is none
 * @returns the newest that is known of it, and what stands in the way of asking
 */
export function useRun<R extends Progress>(
  path: string,
  known: R | undefined,
): { run: R | undefined; error: Error | null } {
  const watched = useQuery({
    queryKey: runKey(path),
    queryFn: () => requestAs<R>("GET", path),
    enabled: known?.status === "running",
    refetchInterval: (query) =>
      query.state.data === undefined || query.state.data.status === "running" ? ASK_MS : false,
  });
  const run = known !== undefined && watched.data?.id === known.id ? watched.data : known;
  return { run, error: run?.status === "running" ? watched.error : null };
}
