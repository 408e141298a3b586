import { FrameMark } from "./FrameMark";
import { eyes, type BurstFrame, type Eye } from "./log";

type Props = { frame: BurstFrame; onJudge: (verdict: Eye | null) => void };

/** The verdicts a person can give, each with its key. */
export function Judging({ frame, onJudge }: Props) {
  return (
    <fieldset className="judging">
      <legend>Your eye</legend>
      {eyes.map((one, at) => (
        <button
          key={one.value}
          type="button"
          aria-pressed={frame.eye === one.value}
          className={frame.verdict === one.value ? "as-measured" : ""}
          onClick={() => onJudge(frame.eye === one.value ? null : one.value)}
        >
          <kbd>{at + 1}</kbd>
          <FrameMark verdict={one.value} />
          {one.words}
        </button>
      ))}
      <button
        type="button"
        disabled={frame.verdict === "unclear"}
        onClick={() => frame.verdict !== "unclear" && onJudge(frame.verdict)}
      >
        <kbd>↵</kbd>
        as measured
      </button>
    </fieldset>
  );
}
