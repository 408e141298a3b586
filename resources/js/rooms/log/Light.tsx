import type { CSSProperties } from "react";
import { pictureOf, verdictWords, type BurstFrame } from "./log";
import { SmallPicture } from "./SmallPicture";
import { Subject } from "./Subject";

type Props = {
  frame: BurstFrame;
  before: BurstFrame | null;
  /** Whether its subject is shown at full size, beside that of the frame before. */
  isClose: boolean;
  touching: boolean;
  /** Changes when the pieces may have been cut anew. */
  version: string;
  onTouched: (box: BurstFrame["subject"]) => void;
  onLeft: () => void;
};

/** The frame on the table. */
export function Light({ frame, before, isClose, touching, version, onTouched, onLeft }: Props) {
  if (isClose && !touching)
    return (
      <div className="light close">
        <Piece frame={frame} words="This frame" version={version} />
        {before === null ? (
          <p className="note">This is the first frame of its burst.</p>
        ) : (
          <Piece frame={before} words="The frame before" version={version} />
        )}
      </div>
    );
  return (
    <div className="light">
      <figure className="whole" style={{ "--wide": frame.width || 3, "--high": frame.height || 2 } as CSSProperties}>
        <SmallPicture frame={frame} alt={`${frame.name}, ${verdictWords[frame.eye ?? frame.verdict]}`} />
        {frame.found_by !== "table" && (
          <Subject
            key={`${frame.id} ${touching}`}
            frame={frame}
            touching={touching}
            onTouched={onTouched}
            onLeft={onLeft}
          />
        )}
      </figure>
    </div>
  );
}

function Piece({ frame, words, version }: { frame: BurstFrame; words: string; version: string }) {
  return (
    <figure className="piece">
      {frame.piece === null ? (
        <p className="note">
          {frame.found_by === "table"
            ? "It came in a table, without its picture."
            : "Its piece at full size has been let go."}
        </p>
      ) : (
        <span className="piece-sight">
          <img
            src={`${pictureOf(frame.id, "piece")}&at=${encodeURIComponent(version)}`}
            alt={`The subject of ${frame.name} at full size`}
          />
        </span>
      )}
      <figcaption>
        {words} <span className="note">{frame.name}, pixel for pixel</span>
      </figcaption>
    </figure>
  );
}
