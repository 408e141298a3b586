import { queryOptions } from "@tanstack/react-query";
import { request } from "./client";
import type { Gear, KitWhole, RushRow } from "./types";

export const gearQuery = queryOptions({ queryKey: ["gear"], queryFn: () => request<{ gear: Gear[] }>("GET", "gear") });
export const kitsQuery = queryOptions({
  queryKey: ["kits"],
  queryFn: () => request<{ kits: KitWhole[] }>("GET", "kits"),
});
export const rushesQuery = queryOptions({
  queryKey: ["rushes"],
  queryFn: () => request<{ rushes: RushRow[] }>("GET", "rushes"),
});
