import { queryOptions, type QueryKey } from "@tanstack/react-query";
import { ApiProblem, request, requestAs } from "./client";
import type { Gear, Quota, RushRow } from "./types";

/** An answer that says when it was begun. */
type Dated = { as_of: string };

/**
 * A list that never goes back in time: an answer that was begun before the one there is, such as what this device has kept while the
 * network was slow, does not take its place.
 *
 * @param join puts together what there is and what has come, where a part of it has a time of its own
 */
export const listQuery = <T extends Dated>(key: QueryKey, fetch: () => Promise<T>, join?: (had: T, came: T) => T) =>
  queryOptions({
    queryKey: key,
    queryFn: async ({ client }) => {
      const came = await fetch();
      const had = client.getQueryData<T>(key);
      if (had === undefined) return came;
      // the very answer there is already lacks what has arrived since
      if (came.as_of <= had.as_of) return had;
      return join === undefined ? came : join(had, came);
    },
  });

export const gearQuery = listQuery(["gear"], () =>
  requestAs<Dated & { gear: Gear[]; quota?: Record<string, Quota> }>("GET", "gear"),
);
export const kitsQuery = listQuery(["kits"], () => request("GET", "kits"));

type Rushes = Dated & { rushes: RushRow[]; next: string | null; quota: Quota };

/** Every rush, page after page; one that was changed meanwhile, and so comes twice, is there once. */
const allRushes = async (): Promise<Rushes> => {
  const first = await request("GET", "rushes");
  const rows = new Map(first.rushes.map((row) => [row.id, row]));
  for (let next = first.next; next !== null;) {
    const page: Rushes = await request("GET", `rushes?after=${encodeURIComponent(next)}`);
    for (const row of page.rushes) if (!rows.has(row.id)) rows.set(row.id, row);
    next = page.next;
  }
  return { ...first, rushes: [...rows.values()], next: null };
};
export const rushesQuery = listQuery(["rushes"], allRushes);

/** A rush as a room opens it: always fresh, never what another room had, asked for again while the server or its store is away. */
export const rushQuery = (id: string | undefined, room: string) =>
  queryOptions({
    queryKey: ["rush", id, room],
    queryFn: () => request("GET", `rushes/${id}`),
    enabled: id !== undefined,
    staleTime: 0,
    gcTime: 0,
    retry: (count, thrown) =>
      thrown instanceof ApiProblem && thrown.status < 500 && thrown.status !== 0 ? false : count < 30,
    retryDelay: 1500,
  });

export const outingsQuery = listQuery(["outings"], () => request("GET", "outings"));
