import { queryOptions } from "@tanstack/react-query";
import { ApiProblem, request } from "./client";
import type { Gear, KitWhole, RushRow, RushWhole } from "./types";

export const gearQuery = queryOptions({ queryKey: ["gear"], queryFn: () => request<{ gear: Gear[] }>("GET", "gear") });
export const kitsQuery = queryOptions({
  queryKey: ["kits"],
  queryFn: () => request<{ kits: KitWhole[] }>("GET", "kits"),
});
export const rushesQuery = queryOptions({
  queryKey: ["rushes"],
  queryFn: () => request<{ rushes: RushRow[] }>("GET", "rushes"),
});

/** A rush as a room opens it: always fresh, never what another room had, asked for again while the server or its store is away. */
export const rushQuery = (id: string | undefined, room: string) =>
  queryOptions({
    queryKey: ["rush", id, room],
    queryFn: () => request<RushWhole>("GET", `rushes/${id}`),
    enabled: id !== undefined,
    staleTime: 0,
    gcTime: 0,
    retry: (count, thrown) =>
      thrown instanceof ApiProblem && thrown.status < 500 && thrown.status !== 0 ? false : count < 30,
    retryDelay: 1500,
  });
