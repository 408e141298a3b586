import { isKeeper, verdictWords, type FrameVerdict } from "./log";

/** Each verdict has a shape of its own, 14 wide round its middle: what is kept is full, what is lost is drawn in lines. */
const paths: Record<FrameVerdict, string> = {
  sharp: "M-5 0a5 5 0 1 0 10 0a5 5 0 1 0 -10 0Z",
  panned: "M-1 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0ZM-7 -3H-3M-7 0H-4M-7 3H-3",
  moved: "M-6 -3.5H6M-3 0H6M-6 3.5H6",
  shaken: "M-6 3l3 -6l3 6l3 -6l3 6",
  elsewhere: "M-5 -5L5 5M-5 5L5 -5",
  soft: "M-1.5 0a1.5 1.5 0 1 0 3 0a1.5 1.5 0 1 0 -3 0M-5.5 0a5.5 5.5 0 1 0 11 0a5.5 5.5 0 1 0 -11 0",
  out: "M-6 -2V-5H-2M2 5H6V2M-2 5H-6V2M2 -5H6V-2",
  dark: "M2 -5.5a5.5 5.5 0 1 0 3.5 7a4.5 4.5 0 0 1 -3.5 -7Z",
  bright: "M-2.5 0a2.5 2.5 0 1 0 5 0a2.5 2.5 0 1 0 -5 0M0 -6V-4.5M0 6V4.5M-6 0H-4.5M6 0H4.5",
  unclear: "M-3 -3a3 3 0 1 1 4 2.8q-1 .5 -1 2M0 5V5.2",
};

type Props = { verdict: FrameVerdict; named?: boolean };

/** The shape of a verdict; where it stands alone it says what it is. */
export function FrameMark({ verdict, named = false }: Props) {
  const kind = isKeeper(verdict) ? "frame-kept" : "frame-lost";
  return (
    <svg
      className={`frame-mark ${kind}`}
      width="16"
      height="16"
      viewBox="-8 -8 16 16"
      {...(named ? { role: "img", "aria-label": verdictWords[verdict] } : { "aria-hidden": true })}
    >
      <path d={paths[verdict]} />
    </svg>
  );
}
