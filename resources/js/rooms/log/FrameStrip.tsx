import { FrameMark } from "./FrameMark";
import { verdictWords, type BurstFrame } from "./log";
import { SmallPicture } from "./SmallPicture";

/** Brings a frame of the strip into sight, and leaves the page where it is. */
const intoSight = (button: HTMLElement | null): void => {
  const strip = button?.closest<HTMLElement>(".strip");
  if (!button || !strip) return;
  const [left, right] = [
    button.offsetLeft - strip.offsetLeft,
    button.offsetLeft - strip.offsetLeft + button.offsetWidth,
  ];
  if (left < strip.scrollLeft) strip.scrollLeft = left;
  else if (right > strip.scrollLeft + strip.clientWidth) strip.scrollLeft = right - strip.clientWidth;
};

/** All frames of a burst side by side, each with its verdict. */
export function FrameStrip({
  frames,
  current,
  onGo,
}: {
  frames: BurstFrame[];
  current: string;
  onGo: (to: number) => void;
}) {
  return (
    <ol className="strip" aria-label="Frames of this burst">
      {frames.map((one, number) => (
        <li key={one.id}>
          <button
            type="button"
            aria-current={one.id === current}
            aria-label={`Frame ${number + 1}, ${one.eye === null ? "measured" : "by your eye"} ${verdictWords[one.eye ?? one.verdict]}`}
            ref={(button) => {
              if (one.id === current) intoSight(button);
            }}
            onClick={() => onGo(number)}
          >
            <SmallPicture frame={one} alt="" lazy />
            <span className={one.eye === null ? "strip-mark" : "strip-mark eyed"}>
              <FrameMark verdict={one.eye ?? one.verdict} />
              {number + 1}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
