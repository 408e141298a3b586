import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import type { PlanAssumed } from "../../generated/answers";
import type { Plan } from "../../api/types";
import { YoursNote } from "../../ui/YoursNote";

type Props = { rush: string; plan: Plan; stamp: string };

/** Which of the person's own figures the plan rests on, and what it would be with the assumed ones. */
export function Yours({ rush, plan, stamp }: Props) {
  const [asked, setAsked] = useState(false);
  const other = useQuery({
    queryKey: ["assumed", rush, stamp],
    queryFn: () => request<PlanAssumed>("GET", `rushes/${rush}/assumed`),
    enabled: asked,
    staleTime: 0,
  });
  const told = other.data;
  return (
    <YoursNote of={plan.assumptions.map((one) => one.name)}>
      .{" "}
      {!asked ? (
        <button type="button" className="text-button" onClick={() => setAsked(true)}>
          What would it be with the assumed ones?
        </button>
      ) : told === undefined ? (
        <span aria-busy="true">{other.failureReason?.message ?? "Reckoning…"}</span>
      ) : (
        <span role="status" data-testid="as-assumed">
          {told.changes.length === 0
            ? "With the assumed ones it would be the same."
            : `With the assumed ones: ${told.changes.map((one) => `${one.assumed} instead of ${one.yours}`).join(", ")}.`}
        </span>
      )}
    </YoursNote>
  );
}
