import { verdicts } from "../../generated/vocabulary";
import type { Verdict } from "./rehearsal";

/** Each verdict has a shape of its own, 14 wide round its middle: what is sharp is full, what died is drawn in lines. */
const paths: Record<Verdict, string> = {
  sharp: "M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z",
  motion: "M-6 -3.5H6M-3 0H6M-6 3.5H6",
  shake: "M-6 3l3 -6l3 6l3 -6l3 6",
  front: "M5 -5L-5 0L5 5Z",
  back: "M-5 -5L5 0L-5 5Z",
  "wrong-thing": "M-5 -5L5 5M-5 5L5 -5",
  "out-of-area": "M0 -6L6 0L0 6L-6 0Z",
  "out-of-frame": "M-6 -2V-5H-2M2 5H6V2M-2 5H-6V2M2 -5H6V-2",
  hidden: "M-3.5 -6V6M3.5 -6V6",
  depth: "M0 -6V6M-3 -3L0 -6L3 -3M-3 3L0 6L3 3",
  air: "M-6 -3c2 -3 4 3 6 0s4 3 6 0M-6 3c2 -3 4 3 6 0s4 3 6 0",
  diffraction: "M-1 0a1 1 0 1 0 2 0a1 1 0 1 0 -2 0M-5.5 0a5.5 5.5 0 1 0 11 0a5.5 5.5 0 1 0 -11 0",
};

export const verdictWords = Object.fromEntries(verdicts.map((one) => [one.value, one.words])) as Record<
  Verdict,
  string
>;

type PathProps = { verdict: Verdict; x: number; y: number; scale?: number; faint?: boolean };

/** The shape of a verdict, inside a drawing. */
export function VerdictPath({ verdict, x, y, scale = 1, faint = false }: PathProps) {
  return (
    <path
      d={paths[verdict]}
      transform={`translate(${x} ${y}) scale(${scale})`}
      className={`verdict ${verdict === "sharp" ? "verdict-sharp" : "verdict-lost"}${faint ? " verdict-faint" : ""}`}
    />
  );
}

/** The shape of a verdict, in running text. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <svg className="verdict-mark" width="16" height="16" viewBox="-8 -8 16 16" aria-hidden="true">
      <VerdictPath verdict={verdict} x={0} y={0} />
    </svg>
  );
}
