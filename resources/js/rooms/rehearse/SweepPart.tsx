import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useRef, useState, type KeyboardEvent } from "react";
import { request } from "../../api/client";
import { runKey, useRun } from "../../api/useRun";
import type { Dials } from "../../api/types";
import { when } from "../../units/when";
import { count, percent } from "../../units/counts";
import { type Cell, type Grid, type Sweep } from "./rehearsal";

type Props = {
  id: string;
  /** Changes with everything a plan rests on. */
  stamp: string;
  /** Whether the focus follows, so that area and hold can be swept. */
  follows: boolean;
  onTry: (dials: Dials) => void;
  onChange: (dials: Dials) => void;
};

const names: Record<string, string> = { tracking: "area × stay × pace", exposure: "shutter × aperture" };

/** Sweeps of settings: begun, watched while they run in the background, cancelled, read, taken into the hold. */
export function SweepPart({ id, stamp, follows, onTry, onChange }: Props) {
  const client = useQueryClient();
  const kinds = follows ? (["tracking", "exposure"] as const) : (["exposure"] as const);
  const [picked, setPicked] = useState<"tracking" | "exposure">(kinds[0]);
  const kind = (kinds as readonly string[]).includes(picked) ? picked : kinds[0];
  const key = ["sweeps", id, stamp];
  const last = useQuery({
    queryKey: key,
    queryFn: () => request("GET", `rushes/${id}/sweeps`),
    placeholderData: (old) => old,
  });
  const found = last.data?.sweeps.find((one) => one.kind === kind);
  const path = `sweeps/${found?.id}`;
  const watched = useRun(path, found);
  const sweep = watched.run && { ...watched.run, stale: watched.run.stale || found?.stale === true };
  const put = (next: Sweep): void => {
    client.setQueryData<{ sweeps: Sweep[] }>(key, (old) => ({
      sweeps: [next, ...(old?.sweeps ?? []).filter((one) => one.kind !== next.kind)],
    }));
  };
  const begin = useMutation({
    mutationFn: () => request("POST", `rushes/${id}/sweeps`, { kind }),
    onSuccess: put,
  });
  const cancel = useMutation({
    mutationFn: (one: Sweep) => request("DELETE", `sweeps/${one.id}`),
    onSuccess: (one) => {
      client.setQueryData(runKey(path), one);
      put(one);
    },
  });
  const runs = sweep?.status === "running";
  const problem = begin.error ?? cancel.error ?? watched.error;

  return (
    <section className="sweep" aria-label="Sweep of settings">
      <div className="told-head">
        <h2>Sweep</h2>
        <span className="sweep-kinds" role="group" aria-label="What is swept">
          {kinds.map((one) => (
            <button
              key={one}
              type="button"
              className="quiet"
              aria-pressed={one === kind}
              onClick={() => setPicked(one)}
            >
              {names[one]}
            </button>
          ))}
        </span>
      </div>
      <div className="sweep-acts">
        {runs ? (
          <>
            <progress max={sweep.passes} value={sweep.done} aria-label="Passes played" />
            <span role="status">
              {sweep.waiting
                ? "It waits for a worker and goes on by itself; nothing is lost."
                : `${sweep.done} of ${sweep.passes} passes`}
            </span>
            <button type="button" className="cure" onClick={() => cancel.mutate(sweep)}>
              Cancel
            </button>
          </>
        ) : (
          <>
            <button type="button" className="cure" disabled={begin.isPending} onClick={() => begin.mutate()}>
              {sweep === undefined ? "Sweep" : "Sweep again"}
            </button>
            <span className="note" role="status">
              {sweep === undefined ? `Plays every ${names[kind]} on the same hundred passes.` : ended(sweep)}
            </span>
          </>
        )}
        {problem !== null && <span className="note fault">{problem.message}</span>}
      </div>
      {sweep !== undefined && sweep.done > 0 && (
        <SweepGrid grid={sweep.grid} finished={!runs} stale={sweep.stale} onTry={onTry} onChange={onChange} />
      )}
    </section>
  );
}

const ended = (sweep: Sweep): string => {
  const made = when(sweep.at);
  if (sweep.status === "overtaken") return "The rush changed while it ran; it stopped there.";
  if (sweep.status === "failed")
    return `It broke off: ${sweep.problem ?? "nobody knows why."} What it had found is kept; sweep again.`;
  if (sweep.status === "cancelled") return `Cancelled after ${sweep.done} of ${sweep.passes} passes, ${made}.`;
  return sweep.stale ? `Made ${made}; the rush has changed since.` : `${sweep.passes} passes of every hold, ${made}.`;
};

type GridProps = {
  grid: Grid;
  finished: boolean;
  stale: boolean;
  onTry: (dials: Dials) => void;
  onChange: (dials: Dials) => void;
};

/** Share of sharp frames below which nobody would go out for the best of them. */
const HOPELESS = 0.05;

/** Sharp frames a pass for every hold: shaded by keeper rate, ○ now, ▲ best; arrows move, Enter picks. */
function SweepGrid({ grid, finished, stale, onTry, onChange }: GridProps) {
  const body = useRef<HTMLTableElement>(null);
  const [spot, setSpot] = useState<[number, number] | null>(null);
  const find = (is: (cell: Cell) => boolean): [number, number] | null => {
    for (const [row, { cells }] of grid.rows.entries()) {
      const column = cells.findIndex(is);
      if (column >= 0) return [row, column];
    }
    return null;
  };
  const shown = spot ?? find((cell) => cell.best) ?? [0, 0];
  const cell = grid.rows[shown[0]]?.cells[shown[1]];
  const go = (event: KeyboardEvent): void => {
    const by = { ArrowRight: [0, 1], ArrowLeft: [0, -1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const to: [number, number] = [
      Math.max(0, Math.min(grid.rows.length - 1, shown[0] + by[0]!)),
      Math.max(0, Math.min(grid.columns.length - 1, shown[1] + by[1]!)),
    ];
    setSpot(to);
    body.current?.querySelector<HTMLElement>(`[data-cell="${to.join("-")}"]`)?.focus();
  };
  const best = grid.best;
  const frames = Math.max(0, ...grid.rows.flatMap(({ cells }) => cells.map((one) => one.frames)));
  const hopeless = best !== null && finished && best.sharp < HOPELESS * frames;
  return (
    <>
      {best !== null && (
        <p className="sweep-best" data-testid="sweep-best">
          {stale ? "Before the rush changed: " : ""}
          {hopeless ? (
            <>
              <b>None of these helps</b>: at most {best.sharp.toFixed(1)} of {count(frames)} frames are sharp. What
              would help is beside the plan
            </>
          ) : best.is_present ? (
            <>
              <b>The hold as it is</b> does best
            </>
          ) : best.over_present?.telling && best.over_present.mean > 0 ? (
            <>
              <b>{best.words}</b> does best: {count(best.over_present.mean)} ±{" "}
              {(best.over_present.half ?? 0).toFixed(1)} more sharp a pass than the hold as it is
              {best.iso === grid.present_iso ? "" : `, at ISO ${best.iso} instead of ${grid.present_iso}`}
              {best.because === null ? "" : `; ${count(best.because.saved)} fewer die ${best.because.dies}`}
            </>
          ) : (
            <>
              <b>The hold as it is</b> does as well as any. Highest is {best.words}, which cannot be told apart
            </>
          )}
          {hopeless || best.runner_up === null
            ? ""
            : best.runner_up.margin.telling && best.runner_up.margin.mean > 0
              ? `; next is ${best.runner_up.words}, ${count(Math.abs(best.runner_up.margin.mean))} ± ${(best.runner_up.margin.half ?? 0).toFixed(1)} behind`
              : `; ${best.runner_up.words} is as good, as far as can be told`}
          .{finished ? " Margins are from a hundred fresh passes." : " So far."}
        </p>
      )}
      <div className="side-scroll">
        <table className="sweep-grid" ref={body}>
          <caption className="unseen">
            Sharp frames a pass by {grid.rows_are} and {grid.columns_are}
          </caption>
          <thead>
            <tr>
              <td className="note">
                {grid.rows_are} ↓ {grid.columns_are} →
              </td>
              {grid.columns.map((words) => (
                <th key={words} scope="col">
                  {words}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {grid.rows.map((row, r) => (
              <tr key={row.words}>
                <th scope="row">{row.words}</th>
                {row.cells.map((one, c) => (
                  <td key={grid.columns[c]}>
                    <button
                      type="button"
                      data-cell={`${r}-${c}`}
                      style={{ backgroundSize: `${Math.round(one.keeper.share * (one.passes > 0 ? 100 : 0))}% 5px` }}
                      className={`sweep-cell${one.keeper.share >= 0.5 && one.passes > 0 ? " half" : ""}${one.present ? " here" : ""}${one.given_up ? " given-up" : ""}`}
                      tabIndex={r === shown[0] && c === shown[1] ? 0 : -1}
                      aria-pressed={spot !== null && r === spot[0] && c === spot[1]}
                      onKeyDown={go}
                      onClick={() => setSpot([r, c])}
                      onFocus={() => setSpot([r, c])}
                    >
                      {one.passes === 0 ? "·" : one.sharp.toFixed(1)}
                      <small>
                        {one.best ? "▲" : ""}
                        {one.dials.pace === undefined ? "" : `p${one.dials.pace}`}
                        {one.dark_stops > 0 ? "☾" : ""}
                      </small>
                      <span className="unseen">
                        {` sharp: ${says(one)}${one.present ? "; now" : ""}${one.best ? "; best" : ""}`}
                      </span>
                    </button>
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {cell !== undefined && cell.passes > 0 && (
        <p className="sweep-says">
          <span aria-live="polite">{says(cell)}.</span>
          {!cell.present && (
            <>
              <button type="button" className="text-button" onClick={() => onTry(cell.dials)}>
                try it on this pass
              </button>
              <button type="button" className="text-button" onClick={() => onChange(cell.dials)}>
                take what it found into the hold
              </button>
            </>
          )}
        </p>
      )}
      <p className="note">
        Numbers are sharp frames of a pass, the line below them their share of all frames. ○ now, ▲ best
        {grid.kind === "tracking" ? ", p the pace that does best there" : ", ☾ darker than your ISO ceiling allows"};
        slanted figures were given up early.
      </p>
    </>
  );
}

const says = (cell: Cell): string =>
  cell.passes === 0
    ? `${cell.words}: not played yet`
    : `${cell.words}: ${cell.sharp.toFixed(1)} of ${count(cell.frames)} sharp, ${percent(cell.keeper.share)} (${percent(cell.keeper.least)} – ${percent(cell.keeper.most)})${
        cell.dark_stops > 0 ? `, ${cell.dark_stops.toFixed(1)} stops dark` : `, ISO ${cell.iso}`
      }${cell.given_up ? `, given up after ${cell.passes} passes` : ""}`;
