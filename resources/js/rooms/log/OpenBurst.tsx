import { useEffect, useState, useSyncExternalStore } from "react";
import { Link } from "react-router-dom";
import { useAccount } from "../../session/boot";
import { waitingEyes } from "../../session/Outbox";
import { Dialog } from "../../ui/Dialog";
import { isShortcut, typing } from "../../ui/keyboard";
import { useRoomKeys, type RoomKeys } from "../../ui/keys";
import { BurstFor } from "./BurstFor";
import { FrameStrip } from "./FrameStrip";
import { FrameTold } from "./FrameTold";
import { JoinWith } from "./JoinWith";
import { Judging } from "./Judging";
import { Light } from "./Light";
import {
  dayOf,
  eyes,
  framesOf,
  isKeeper,
  timeOf,
  verdictWords,
  type BurstFrame,
  type BurstWhole,
  type Eye,
} from "./log";
import { useBurstActs } from "./useBurstActs";

const roomKeys: RoomKeys = [
  {
    title: "Judging by eye",
    keys: [
      ["← →", "the frame before, the next"],
      [`1 – ${eyes.length}`, eyes.map((one) => one.words).join(", ")],
      ["0", "takes your verdict back"],
      ["Enter", "the verdict as measured"],
      ["z", "the subject at full size, and that of the frame before"],
      ["y", "takes the rush that is proposed"],
      ["s", "splits the burst before this frame"],
      ["t", "shows where the subject is"],
      ["u", "undoes what was done last in the log"],
    ],
  },
];

/** A burst on the table: one frame large, its measured verdict and the person's, the strip of all. */
export function OpenBurst({ whole }: { whole: BurstWhole }) {
  const { outbox } = useAccount();
  const { burst, look } = whole;
  const letters = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const waiting = waitingEyes(letters);
  const frames: BurstFrame[] = burst.all.map((frame) =>
    waiting.has(frame.id) ? { ...frame, eye: waiting.get(frame.id) as Eye | null } : frame,
  );
  const [current, setCurrent] = useState(frames[0]?.id);
  const [isClose, setClose] = useState(false);
  const [touching, setTouching] = useState(false);
  const [deleting, setDeleting] = useState(false);
  const at = Math.max(
    0,
    frames.findIndex((one) => one.id === current),
  );
  const frame = frames[at];
  const { change, turn, remove, said, say } = useBurstActs(burst.id);

  const go = (to: number): void => {
    const next = frames[Math.max(0, Math.min(frames.length - 1, to))];
    if (next !== undefined) setCurrent(next.id);
    setTouching(false);
  };
  const judge = (verdict: Eye | null): void => {
    if (frame === undefined) return;
    outbox.eye(frame.id, verdict);
    say(`${frame.name}: ${verdict === null ? "your verdict taken back" : verdictWords[verdict]}`);
    if (verdict !== null) go(at + 1);
  };
  const give = (id: string | null): void => change.mutate({ verb: "PUT", path: "rush", body: { rush_id: id } });
  /** What was picked from a list is done, and the keys of the room work again: the frame has the focus, not the list. */
  const picked = (act: () => void): void => {
    act();
    window.setTimeout(() => document.querySelector<HTMLElement>('.strip [aria-current="true"]')?.focus());
  };
  const split = (): void => {
    if (frame !== undefined && at > 0) change.mutate({ verb: "POST", path: "split", body: { frame: frame.id } });
  };
  const touch = (): void => setTouching(frame?.is_there === true);
  const help = useRoomKeys(roomKeys);

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z" && !typing(event.target)) {
        event.preventDefault();
        turn.mutate(event.shiftKey ? "redo" : "undo");
        return;
      }
      // a button that has the focus is pressed by Enter, and nothing else
      const onButton = event.target instanceof HTMLElement && event.target.closest("a, button, summary") !== null;
      if (!isShortcut(event) || (event.key === "Enter" && onButton)) return;
      const digit = /^[1-9]$/.test(event.key) ? eyes[Number(event.key) - 1] : undefined;
      const acts: Record<string, () => void> = {
        ArrowLeft: () => go(at - 1),
        ArrowRight: () => go(at + 1),
        Home: () => go(0),
        End: () => go(frames.length - 1),
        "0": () => judge(null),
        Enter: () => frame !== undefined && frame.verdict !== "unclear" && judge(frame.verdict),
        z: () => setClose(!isClose),
        y: () => burst.guess !== null && give(burst.guess.id),
        s: split,
        t: touch,
        u: () => turn.mutate("undo"),
      };
      const act = digit === undefined ? acts[event.key] : () => judge(digit.value);
      if (act === undefined) return;
      event.preventDefault();
      act();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  });

  if (frame === undefined) return <p className="note empty">This burst has no frames left.</p>;
  const isCut = frames.length < burst.frames;
  const eyed = isCut ? burst.eyed : frames.filter((one) => one.eye !== null).length;
  const keepers = isCut ? burst.keepers : frames.filter((one) => isKeeper(one.eye ?? one.verdict)).length;
  const before = at > 0 ? frames[at - 1]! : null;
  const isLooking = look?.status === "running";
  const problem = change.error ?? turn.error ?? remove.error;

  return (
    <div className="burst-room">
      <div className="titleline">
        <h1 className="burst-title">
          {timeOf(burst.clock)} <span>{dayOf(burst.clock)}</span>
        </h1>
        <span className="note">
          {framesOf(burst.frames)}
          {burst.seconds > 0 && ` in ${burst.seconds} s`}
          {burst.body !== "" && `, ${burst.body}`}
        </span>
        <Link to="/log">All bursts</Link>
        <span className="save">
          <span role="status" aria-live="polite" data-testid="said">
            {waiting.size > 0 ? "Not sent yet; kept in this browser" : said === "" ? "Saved" : said}
          </span>
          <button
            type="button"
            className="text-button"
            disabled={whole.undo === null && waiting.size === 0}
            onClick={() => turn.mutate("undo")}
          >
            Undo
          </button>
          <button
            type="button"
            className="text-button"
            disabled={whole.redo === null}
            onClick={() => turn.mutate("redo")}
          >
            Redo
          </button>
        </span>
      </div>

      <BurstFor burst={burst} keepers={keepers} eyed={eyed} onGive={(id) => picked(() => give(id))} />
      {problem !== null && (
        <p className="note fault" role="alert">
          {problem.message}
        </p>
      )}
      {isLooking && (
        <p className="note" role="status">
          Looking through the burst for the subject: {look.done} of {look.whole}{" "}
          <progress max={look.whole} value={look.done} aria-label="Frames looked at" />
        </p>
      )}

      <div className="burst-table">
        <div className="burst-light">
          <Light
            frame={frame}
            before={before}
            isClose={isClose}
            touching={touching}
            version={look?.at ?? ""}
            onTouched={(box) => {
              setTouching(false);
              change.mutate({ verb: "PUT", path: "subject", body: { frame: frame.id, box } });
            }}
            onLeft={() => setTouching(false)}
          />
          <p className="burst-acts">
            <button type="button" className="text-button" aria-pressed={isClose} onClick={() => setClose(!isClose)}>
              {isClose ? "Whole frame (z)" : "At full size (z)"}
            </button>
            <button type="button" className="text-button" disabled={!frame.is_there} onClick={touch}>
              Show the subject (t)
            </button>
            <button
              type="button"
              className="text-button"
              onClick={() => change.mutate({ verb: "POST", path: "agree" })}
            >
              All the rest as measured
            </button>
          </p>
          {!frame.is_there && frame.found_by !== "table" && (
            <p className="note">Its file has gone, so nothing more can be measured in it; what was measured stays.</p>
          )}
        </div>
        <div className="burst-side">
          <FrameTold frame={frame} at={at} of={burst.frames} />
          <Judging frame={frame} onJudge={judge} />
        </div>
      </div>

      <FrameStrip frames={frames} current={frame.id} onGo={go} />
      {isCut && (
        <p className="note">
          Shown are the first {frames.length} of {framesOf(burst.frames)}. Split it to see the others; what is done with
          the burst is done with all.
        </p>
      )}
      <p className="burst-acts">
        <button type="button" className="text-button" disabled={at === 0} onClick={split}>
          Split before frame {at + 1} (s)
        </button>
        <JoinWith
          burst={burst.id}
          onJoin={(id) => picked(() => change.mutate({ verb: "POST", path: "join", body: { with: id } }))}
        />
        <button type="button" className="text-button" onClick={() => setDeleting(true)}>
          Delete this burst
        </button>
        <button type="button" className="quiet" onClick={help}>
          All keys (?)
        </button>
      </p>
      <Dialog open={deleting} title="Delete this burst?" onClose={() => setDeleting(false)}>
        <p>
          {framesOf(burst.frames)} with their pictures and verdicts go for good. The files on your own disk are not
          touched.
        </p>
        <button type="button" className="primary" disabled={remove.isPending} onClick={() => remove.mutate()}>
          Delete {framesOf(burst.frames)}
        </button>
      </Dialog>
    </div>
  );
}
