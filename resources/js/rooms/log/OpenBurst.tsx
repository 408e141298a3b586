import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, useSyncExternalStore } from "react";
import { Link, useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { rushesQuery } from "../../api/queries";
import type { LogTurned } from "../../generated/answers";
import { useAccount } from "../../session/boot";
import { waitingEyes } from "../../session/Outbox";
import { Choice } from "../../ui/Choice";
import { Dialog } from "../../ui/Dialog";
import { isShortcut, typing } from "../../ui/keyboard";
import { useRoomKeys, type RoomKeys } from "../../ui/keys";
import { FrameMark } from "./FrameMark";
import { FrameTold } from "./FrameTold";
import { Judging } from "./Judging";
import { Light } from "./Light";
import {
  burstQuery,
  dayOf,
  eyes,
  framesOf,
  isKeeper,
  pictureOf,
  timeOf,
  verdictWords,
  type BurstFrame,
  type BurstWhole,
  type Eye,
} from "./log";

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

/** A burst on the table: one frame large, its measured verdict and the person's, the strip of all. */
export function OpenBurst({ whole }: { whole: BurstWhole }) {
  const { outbox } = useAccount();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { burst, look } = whole;
  const letters = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const waiting = waitingEyes(letters);
  const frames: BurstFrame[] = burst.all.map((frame) =>
    waiting.has(frame.id) ? { ...frame, eye: waiting.get(frame.id) as Eye | null } : frame,
  );
  const [current, setCurrent] = useState(frames[0]?.id);
  const [isClose, setClose] = useState(false);
  const [touching, setTouching] = useState(false);
  const [said, setSaid] = useState("");
  const [deleting, setDeleting] = useState(false);
  const at = Math.max(
    0,
    frames.findIndex((one) => one.id === current),
  );
  const frame = frames[at];
  const rushes = useQuery(rushesQuery);
  const key = burstQuery(burst.id).queryKey;
  const wider = (): Promise<void> => client.invalidateQueries({ queryKey: ["log"] });
  /** What was judged before something else is done is kept before it. */
  const judged = async (): Promise<void> => {
    await outbox.flush();
    if (waitingEyes(outbox.snapshot()).size > 0)
      throw new Error("What you judged has not been saved yet. It waits in this browser; try again once it has.");
  };
  const change = useMutation({
    mutationFn: async ({ verb, path, body }: { verb: string; path: string; body?: object }) => {
      await judged();
      return request<BurstWhole>(verb, `bursts/${burst.id}/${path}`, body ?? {});
    },
    onSuccess: async (next) => {
      client.setQueryData(key, next);
      await wider();
    },
  });
  const turn = useMutation({
    mutationFn: async (way: "undo" | "redo") => {
      await judged();
      return request<LogTurned>("POST", `log/${way}`, {});
    },
    onSuccess: async (done, way) => {
      setSaid(
        done.words === null
          ? `There is nothing to ${way}.`
          : `${way === "undo" ? "Taken back" : "Done again"}: ${done.words}.`,
      );
      await Promise.all([client.invalidateQueries({ queryKey: ["burst"] }), wider()]);
    },
  });
  const remove = useMutation({
    mutationFn: () => request<null>("DELETE", `bursts/${burst.id}`),
    onSuccess: async () => {
      await navigate("/log");
      await wider();
    },
  });

  const go = (to: number): void => {
    const next = frames[Math.max(0, Math.min(frames.length - 1, to))];
    if (next !== undefined) setCurrent(next.id);
    setTouching(false);
  };
  const judge = (verdict: Eye | null): void => {
    if (frame === undefined) return;
    outbox.eye(frame.id, verdict);
    setSaid(`${frame.name}: ${verdict === null ? "your verdict taken back" : verdictWords[verdict]}`);
    if (verdict !== null) go(at + 1);
  };
  const give = (id: string | null): void => change.mutate({ verb: "PUT", path: "rush", body: { rush_id: id } });
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
  const eyed = frames.filter((one) => one.eye !== null).length;
  const keepers = frames.filter((one) => isKeeper(one.eye ?? one.verdict)).length;
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
          {framesOf(frames.length)}
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

      <div className="burst-for">
        {burst.rush === null && burst.guess !== null ? (
          <>
            <span className="burst-guess">
              {burst.guess.clearly ? "Taken for " : "Perhaps taken for "}
              <b>{burst.guess.name}</b>
              <span className="note"> {burst.guess.because.join(", ")}</span>
            </span>
            <button type="button" className="cure" onClick={() => give(burst.guess!.id)}>
              Yes, that one (y)
            </button>
          </>
        ) : (
          <span className="burst-guess">{burst.rush === null ? "Taken for" : "Taken for "}</span>
        )}
        <Choice
          label="The rush it was taken for"
          value={burst.rush?.id ?? ""}
          options={[
            { value: "", words: burst.guess === null ? "no rush yet" : "another rush …" },
            ...(rushes.data?.rushes ?? []).map((one) => ({ value: one.id, words: one.name })),
            ...(burst.rush !== null && rushes.data?.rushes.every((one) => one.id !== burst.rush!.id)
              ? [{ value: burst.rush.id, words: burst.rush.name }]
              : []),
          ]}
          onChange={(id) => give(id === "" ? null : id)}
        />
        {burst.rush !== null && <Link to={`/plan/${burst.rush.id}`}>Its plan</Link>}
        <span className="burst-tally">
          <b>{keepers}</b> of {frames.length} sharp <span className="note">{eyed} judged by eye</span>
        </span>
      </div>
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
          {!frame.is_there && (
            <p className="note">Its file has gone, so nothing more can be measured in it; what was measured stays.</p>
          )}
        </div>
        <div className="burst-side">
          <FrameTold frame={frame} at={at} of={frames.length} />
          <Judging frame={frame} onJudge={judge} />
        </div>
      </div>

      <ol className="strip" aria-label="Frames of this burst">
        {frames.map((one, number) => (
          <li key={one.id}>
            <button
              type="button"
              aria-current={one.id === frame.id}
              aria-label={`Frame ${number + 1}, ${one.eye === null ? "measured" : "by your eye"} ${verdictWords[one.eye ?? one.verdict]}`}
              ref={(button) => {
                if (one.id === frame.id) intoSight(button);
              }}
              onClick={() => go(number)}
            >
              <img src={pictureOf(one.id, "whole")} alt="" loading="lazy" />
              <span className={one.eye === null ? "strip-mark" : "strip-mark eyed"}>
                <FrameMark verdict={one.eye ?? one.verdict} />
                {number + 1}
              </span>
            </button>
          </li>
        ))}
      </ol>
      <p className="burst-acts">
        <button type="button" className="text-button" disabled={at === 0} onClick={split}>
          Split before frame {at + 1} (s)
        </button>
        <JoinWith burst={burst.id} onJoin={(id) => change.mutate({ verb: "POST", path: "join", body: { with: id } })} />
        <button type="button" className="text-button" onClick={() => setDeleting(true)}>
          Delete this burst
        </button>
        <button type="button" className="quiet" onClick={help}>
          All keys (?)
        </button>
      </p>
      <Dialog open={deleting} title="Delete this burst?" onClose={() => setDeleting(false)}>
        <p>
          {framesOf(frames.length)} with their pictures and verdicts go for good. The files on your own disk are not
          touched.
        </p>
        <button type="button" className="primary" disabled={remove.isPending} onClick={() => remove.mutate()}>
          Delete {framesOf(frames.length)}
        </button>
      </Dialog>
    </div>
  );
}

/** The bursts next to this one in the list, to be taken into it. */
function JoinWith({ burst, onJoin }: { burst: string; onJoin: (id: string) => void }) {
  const { data } = useQuery({
    queryKey: ["log", "near", burst],
    queryFn: () => request<{ bursts: { id: string; clock: string | null; frames: number }[] }>("GET", "log"),
    staleTime: 0,
  });
  const others = (data?.bursts ?? []).filter((one) => one.id !== burst);
  if (others.length === 0) return null;
  return (
    <Choice
      label="Join with another burst"
      value=""
      options={[
        { value: "", words: "join with another burst …" },
        ...others.map((one) => ({
          value: one.id,
          words: `${timeOf(one.clock)}, ${dayOf(one.clock)}, ${framesOf(one.frames)}`,
        })),
      ]}
      onChange={(id) => id !== "" && onJoin(id)}
    />
  );
}
