import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { Assumed } from "../../ui/AssumedFigures";
import { useAccount } from "../../session/boot";
import { NumberField } from "../../ui/inputs";
import { follow, seconds, times, type Layout, type LayoutReport } from "./layout";
import type { FigureChange } from "../../session/usePutFigure";

type Props = {
  bodyId: string;
  layout: Layout;
  report: LayoutReport;
  stamp: string;
  onChange: (layout: Layout, what: string) => void;
  onAssumed: (change: FigureChange) => void;
};

/** What changing from hold to hold costs in seconds, and what the best layout would buy. */
export function Switching({ bodyId, layout, report, stamp, onChange, onAssumed }: Props) {
  const { user } = useAccount();
  const [often, setOften] = useState(false);
  const { holds } = report;
  const best = useQuery({
    queryKey: ["best", bodyId, stamp],
    queryFn: () => request("GET", `layouts/${bodyId}/best`),
    enabled: holds.length > 1,
    placeholderData: (old) => old,
  });
  if (holds.length < 2) return null;
  const gain = best.data;

  return (
    <section className="told switching" aria-label="Switching">
      <div className="told-head">
        <h2>From hold to hold</h2>
        <button type="button" className="text-button" aria-pressed={often} onClick={() => setOften(!often)}>
          {often ? "show seconds" : "how often each follows"}
        </button>
      </div>
      {gain !== undefined && (
        <div className="gain">
          <p className="gain-now">
            <span className="setting-name">a change, on average</span>
            <span className="setting-value">{seconds(gain.now_s)} s</span>
          </p>
          <div>
            {gain.saved_s > 0.05 ? (
              <>
                <p>
                  <b>{seconds(gain.saved_s)} s less per change</b> is to be had
                  {gain.most === null ? "" : `, most of it on the way to “${gain.most}”`}
                  {gain.saved_s > 1 ? ": the moment you would have missed." : "."}
                </p>
                <button type="button" className="cure" onClick={() => onChange(gain.layout, "best")}>
                  Lay it so
                </button>
              </>
            ) : (
              <p>No layout of these keys is quicker for this day.</p>
            )}
            <p className="note">
              {gain.exact
                ? "Every layout was compared."
                : "More than six holds: found by exchanging, close to the best but not proven."}{" "}
              Exposure is left alone, as a focus key should.
            </p>
            <Assumed
              title="The seconds it rests on, assumed: put in your own"
              assumed={report.assumed}
              units={user.settings.units}
              onChanged={onAssumed}
            />
          </div>
        </div>
      )}
      <div className="side-scroll">
        <table className="matrix">
          <caption className="unseen">
            {often ? "How often each follows each, in a day" : "Seconds from each to each"}
          </caption>
          <thead>
            <tr>
              <td className="note">from ↓ to →</td>
              {holds.map((hold, at) => (
                <th key={hold.id} scope="col" title={hold.name}>
                  {at + 1}
                  <span className="unseen"> {hold.name}</span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {holds.map((from, at) => (
              <tr key={from.id}>
                <th scope="row">
                  {at + 1} {from.name}
                </th>
                {holds.map((to) => {
                  const value = report.seconds[from.id]?.[to.id] ?? 0;
                  if (from.id === to.id) return <td key={to.id} className="matrix-none" aria-label="the same" />;
                  return often ? (
                    <td key={to.id}>
                      <NumberField
                        bare
                        label={`Times a day from ${from.name} to ${to.name}`}
                        quantity="plain"
                        units={user.settings.units}
                        value={times(layout, from.id, to.id)}
                        range={[0, 10000]}
                        onChange={(next) => onChange(follow(layout, from.id, to.id, next), "follows")}
                      />
                    </td>
                  ) : (
                    <td key={to.id} className={`shade-${value < 0.05 ? 0 : value < 0.35 ? 1 : 2}`}>
                      {seconds(value)}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
