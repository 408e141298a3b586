import { FrameMark } from "./FrameMark";
import { shutterOf, verdictWords, type BurstFrame } from "./log";

const foundBy: Record<BurstFrame["found_by"], string> = {
  touch: "where you showed it",
  found: "found again",
  file: "where the file says",
  plan: "where the plan puts it",
  middle: "taken to be in the middle: show it",
  table: "not seen",
};

/** What a frame was taken with, and what was measured in it. */
export function FrameTold({ frame, at, of }: { frame: BurstFrame; at: number; of: number }) {
  const set = [
    frame.shutter_s === null ? null : shutterOf(frame.shutter_s),
    frame.f_number === null ? null : `f/${frame.f_number}`,
    frame.iso === null ? null : `ISO ${frame.iso}`,
    frame.focal_mm === null ? null : `${Math.round(frame.focal_mm)} mm`,
  ].filter((one) => one !== null);
  // what the body blurs of its own is no fault of the frame
  const blur = frame.blur_px === null ? null : Math.sqrt(Math.max(0, frame.blur_px ** 2 - frame.floor_px ** 2));
  const share = blur === null || frame.limit_px <= 0 ? null : blur / frame.limit_px;
  const isSeen = frame.found_by !== "table";
  return (
    <div className="frame-told">
      <p className="note">
        Frame {at + 1} of {of}, {frame.name}
      </p>
      <p className="frame-verdict">
        {(isSeen || frame.verdict !== "unclear") && <FrameMark verdict={frame.verdict} />}
        {isSeen || frame.verdict !== "unclear" ? verdictWords[frame.verdict] : "not measured"}
        <span className="note">
          {isSeen ? ` measured, ${Math.round(100 * frame.confidence)} % sure` : " as its table says"}
        </span>
      </p>
      {share !== null && (
        <p className="frame-margin">
          <span
            className={share > 1 ? "margin-bar over" : "margin-bar"}
            style={{ ["--used" as string]: `${Math.min(100, 100 * share)}%` }}
            aria-hidden="true"
          />
          {blur! < 1
            ? "Less blur than can be told"
            : `${share < 2 ? `${Math.round(100 * share)} % of` : `${share.toFixed(share < 10 ? 1 : 0)} times`} the blur that is allowed`}
        </p>
      )}
      {frame.why.map((one) => (
        <p key={one}>{one}</p>
      ))}
      <p className="note">
        {isSeen && `Subject ${foundBy[frame.found_by]}`}
        {frame.likeness !== null && `, ${Math.round(100 * frame.likeness)} % alike`}
        {isSeen && ". "}
        {set.join(", ")}
      </p>
      {frame.left_out.length > 0 && <p className="note">Left out of what the file says: {frame.left_out.join(" ")}</p>}
    </div>
  );
}
