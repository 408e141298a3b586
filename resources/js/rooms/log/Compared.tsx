import { useQuery } from "@tanstack/react-query";
import { request } from "../../api/client";
import type { CountRate } from "../../generated/answers";
import { percent } from "../../units/counts";
import { thousands } from "../../units/numbers";
import { between, burstsOf, queryOf, type By } from "./counting";
import { RateAxis, RateLine } from "./RateLine";

type Props = { by: By; one: string; other: string; where: [By, string][]; onClose: () => void };

/** Two set-ups beside each other: what each brought, by how much they differ, and whether that can be told. */
export function Compared({ by, one, other, where, onClose }: Props) {
  const compared = useQuery({
    queryKey: ["log", "compared", by, one, other, where],
    queryFn: () => request("GET", `log/counts/compare${queryOf(where, { by, one, other })}`),
    placeholderData: (old) => old,
    staleTime: 0,
  });
  const told = compared.data;
  return (
    <section className="compared" aria-label="Compared" aria-busy={told === undefined}>
      <button type="button" className="quiet compared-close" onClick={onClose}>
        compare no more
      </button>
      {told === undefined ? (
        <p className="note">{compared.failureReason?.message ?? "Comparing…"}</p>
      ) : (
        <>
          <p className="compared-words" role="status" data-testid="compared">
            {told.words}
          </p>
          <Sides rows={[told.one, told.other]} />
          <Span least={told.least} more={told.more} most={told.most} one={told.one.words} other={told.other.words} />
          {told.paired !== null && (
            <>
              <p className="compared-paired">{told.paired.words}</p>
              <details>
                <summary>
                  {told.paired.rushes.length === 1 ? "The rush that has both" : "The rushes that have both"}
                </summary>
                <table className="counts-table">
                  <tbody>
                    {told.paired.rushes.flatMap((rush, at) => [
                      <tr key={`${at}`} className="count-group">
                        <th colSpan={4} scope="rowgroup">
                          {rush.words}
                        </th>
                      </tr>,
                      <Side key={`${at} one`} words={told.one.words} rate={rush.one} />,
                      <Side key={`${at} other`} words={told.other.words} rate={rush.other} />,
                    ])}
                  </tbody>
                </table>
              </details>
            </>
          )}
        </>
      )}
    </section>
  );
}

function Sides({ rows }: { rows: (CountRate & { words: string })[] }) {
  return (
    <table className="counts-table">
      <thead className="unseen">
        <tr>
          <th scope="col">which</th>
          <td>
            <RateAxis />
          </td>
          <th scope="col">sharp</th>
          <th scope="col">frames</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <Side key={row.words} words={row.words} rate={row} />
        ))}
      </tbody>
    </table>
  );
}

function Side({ words, rate }: { words: string; rate: CountRate }) {
  return (
    <tr>
      <th scope="row">{words}</th>
      <td className="count-line">
        <RateLine rate={rate} />
      </td>
      <td className="count-share">
        <b>{percent(rate.share)}</b> <span className="note">{between(rate.least, rate.most)}</span>
      </td>
      <td className="count-frames">
        {thousands(rate.frames)}
        <span className="note"> in {burstsOf(rate.bursts)}</span>
      </td>
    </tr>
  );
}

/** By how much they differ, on a line whose middle is not at all; nothing is told that crosses it. */
function Span({
  least,
  more,
  most,
  one,
  other,
}: {
  least: number;
  more: number;
  most: number;
  one: string;
  other: string;
}) {
  const at = (share: number): string => `${50 + 50 * share}%`;
  return (
    <p className="compared-span">
      <span className="note">← more with “{other}”</span>
      <span className="rate-line" aria-hidden="true">
        <i className="rate-nought" style={{ left: "50%" }} />
        <i className="rate-reach" style={{ left: at(least), width: `${50 * (most - least)}%` }} />
        <i className={least <= 0 && most >= 0 ? "rate-dot thin" : "rate-dot"} style={{ left: at(more) }} />
      </span>
      <span className="note">more with “{one}” →</span>
    </p>
  );
}
