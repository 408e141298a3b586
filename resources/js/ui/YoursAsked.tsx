import { useQueries } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/client";
import type { PlanAssumed } from "../generated/answers";
import { YoursNote } from "./YoursNote";

type Props = {
  /** Whose holds are shown. */
  rushes: { id: string; name: string }[];
  /** Names of the figures that what is shown rests on; of everything, where nobody has listed them. */
  of?: string[];
  /** Changes when the holds may have. */
  stamp: string;
};

const said = (told: PlanAssumed): string =>
  told.changes.map((one) => `${one.assumed} instead of ${one.yours}`).join(", ");

/** What would be set otherwise, in one line: "Terns: 1/4000 instead of 1/5000; the others the same". */
const inWords = (all: { name: string; told: PlanAssumed }[]): string => {
  const changed = all.filter((one) => one.told.changes.length > 0);
  if (changed.length === 0) return "the same";
  if (all.length === 1) return said(all[0]!.told);
  const each = changed.map((one) => `${one.name}: ${said(one.told)}`);
  return [...each, ...(changed.length < all.length ? ["the others the same"] : [])].join("; ");
};

/** Says which of the person's own figures are used, and what the holds would be with the assumed ones. */
export function YoursAsked({ rushes, of, stamp }: Props) {
  const [asked, setAsked] = useState(false);
  const others = useQueries({
    queries: rushes.map(({ id }) => ({
      queryKey: ["assumed", id, stamp],
      queryFn: () => request("GET", `rushes/${id}/assumed`),
      enabled: asked,
      staleTime: 0,
    })),
  });
  const waits = others.find((one) => one.data === undefined);
  return (
    <YoursNote {...(of === undefined ? {} : { of })}>
      .{" "}
      {!asked ? (
        <button type="button" className="text-button" onClick={() => setAsked(true)}>
          What would it be with the assumed ones?
        </button>
      ) : waits !== undefined ? (
        <span aria-busy="true">{waits.failureReason?.message ?? "Reckoning…"}</span>
      ) : (
        <span role="status" data-testid="as-assumed">
          With the assumed ones: {inWords(others.map(({ data }, at) => ({ name: rushes[at]!.name, told: data! })))}.
        </span>
      )}
    </YoursNote>
  );
}
