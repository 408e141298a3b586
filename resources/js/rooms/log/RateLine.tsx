import type { CSSProperties } from "react";
import type { CountRate } from "../../generated/answers";

type Props = {
  rate: CountRate;
  /** Share of all, drawn through every line; null for none. */
  whole?: number | null;
  /** Share that was promised. */
  promised?: number | null;
};

/** Frames that would tell as much by themselves, from which a dot is full: below it is a ring. */
const TELLS = 8;

const at = (share: number): CSSProperties => ({ left: `${100 * share}%` });

/** A share on the line from none to all: its dot, its interval, and what it is to be seen against. */
export function RateLine({ rate, whole = null, promised = null }: Props) {
  return (
    <span className="rate-line" aria-hidden="true">
      {[0, 25, 50, 75, 100].map((mark) => (
        <i key={mark} className="rate-mark" style={at(mark / 100)} />
      ))}
      {whole !== null && <i className="rate-whole" style={at(whole)} />}
      {rate.frames > 0 && (
        <>
          <i className="rate-reach" style={{ ...at(rate.least), width: `${100 * (rate.most - rate.least)}%` }} />
          <i className={rate.worth < TELLS ? "rate-dot thin" : "rate-dot"} style={at(rate.share)} />
        </>
      )}
      {promised !== null && <i className="rate-promised" style={at(promised)} />}
    </span>
  );
}

/** The line from none to all, named. */
export function RateAxis() {
  return (
    <span className="rate-axis" aria-hidden="true">
      {[0, 25, 50, 75, 100].map((mark) => (
        <i key={mark} style={at(mark / 100)}>
          {mark}
          {mark === 100 ? " %" : ""}
        </i>
      ))}
    </span>
  );
}
