import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { request } from "../../api/client";
import { ASK_MS, framesOf } from "./log";

export const tableKey = ["table-taken"];

/** The table that is being taken in, or was last: how far it is, what could not be read, and the way back. */
export function TableTaken() {
  const client = useQueryClient();
  const asked = useQuery({
    queryKey: tableKey,
    queryFn: () => request("GET", "log/tables"),
    refetchInterval: (query) => (query.state.data?.table?.status === "running" ? ASK_MS : false),
    staleTime: 0,
  });
  const run = asked.data?.table ?? null;
  const told = run === null ? "" : `${run.id} ${run.done} ${run.status}`;
  useEffect(() => {
    if (told !== "") void client.invalidateQueries({ queryKey: ["log"] });
  }, [told, client]);
  const stop = useMutation({
    mutationFn: (id: string) => request("DELETE", `log/tables/${id}`),
    onSuccess: (state) => client.setQueryData(tableKey, state),
  });
  const back = useMutation({
    mutationFn: async (id: string) => {
      let left = 1;
      while (left > 0) left = (await request("POST", `log/tables/${id}/back`)).left;
    },
    onSettled: () => client.invalidateQueries({ queryKey: ["log"] }),
  });
  // of one that was taken back before there is nothing more to say
  if (run === null || (run.is_back && back.variables !== run.id)) return null;
  const isBack = back.isSuccess && back.variables === run.id;
  const isReading = run.status === "running";
  const refused = run.refused.length + run.more;
  return (
    <section aria-label="Table of frames">
      {isReading ? (
        <p className="intake-line">
          <b>
            {run.name}: {run.done} of {run.whole}
          </b>
          <progress max={Math.max(1, run.whole)} value={run.done} aria-label="Frames of the table taken in" />
          <span className="note" role="status">
            {run.waiting ? "waiting for a worker to come back; it goes on where it was" : "taking its frames in"}
          </span>
          <button type="button" className="text-button" onClick={() => stop.mutate(run.id)}>
            Stop
          </button>
        </p>
      ) : (
        <p className="note" role="status">
          {isBack
            ? `What ${run.name} brought has been taken back.`
            : run.status === "failed"
              ? `${run.name} broke off: ${run.problem ?? ""}`
              : `${run.name} brought ${framesOf(run.read)}${run.known > 0 ? `, ${run.known} known already` : ""}${run.status === "cancelled" ? "; then it was stopped" : ""}.`}{" "}
          {run.read > 0 && !isBack && (
            <button type="button" className="text-button" disabled={back.isPending} onClick={() => back.mutate(run.id)}>
              {back.isPending ? "Taking them back…" : "Take them back"}
            </button>
          )}
        </p>
      )}
      {(stop.error ?? back.error) !== null && <p className="note fault">{(stop.error ?? back.error)?.message}</p>}
      {refused > 0 && !isBack && (
        <details className="intake-refused">
          <summary>{refused === 1 ? "One row" : `${refused} rows`} could not be read; all others are here</summary>
          <ul>
            {run.refused.map((one) => (
              <li key={one.name}>
                <b>{one.name}</b> <span className="note">{one.why}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}
