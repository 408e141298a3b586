import { queryOptions, type QueryClient } from "@tanstack/react-query";
import { request } from "../../api/client";
import type { Burst, BurstFrame, BurstHead, BurstWhole, FrameEye, LogPage, LogState } from "../../generated/answers";
import { frameVerdicts } from "../../generated/vocabulary";
import { pictureKey } from "../../session/pictureKey";

export type { Burst, BurstFrame, BurstHead, BurstWhole, LogPage, LogState };

/** What a frame shows, by the machine or by a person. */
export type FrameVerdict = BurstFrame["verdict"];
export type Eye = Exclude<FrameVerdict, "unclear">;

/** The verdicts a person gives, in the order of their keys: 1 is the first. */
export const eyes = frameVerdicts.filter((one) => one.value !== "unclear") as { value: Eye; words: string }[];

export const verdictWords = Object.fromEntries(frameVerdicts.map((one) => [one.value, one.words])) as Record<
  FrameVerdict,
  string
>;

export const isKeeper = (verdict: FrameVerdict): boolean => verdict === "sharp" || verdict === "panned";

/** How often the log is asked for while something is being taken in, in ms. */
export const ASK_MS = 700;

export const pageKey = ["log", "page"];
export const stateKey = ["log", "intake"];

type Taking = LogState["intake"];

/** Of two tellings of what is being taken in, asked for apart, the one that knows more. */
export const furtherOf = (one: Taking, other: Taking): Taking => {
  if (one === null || other === null) return one ?? other;
  if (one.id !== other.id) return one.id > other.id ? one : other;
  const isOver = (taking: NonNullable<Taking>): number => (taking.status === "running" ? 0 : 1);
  return (isOver(one) - isOver(other) || one.done - other.done) >= 0 ? one : other;
};

/** Frames of one burst that are shown; a longer one says that it is cut. */
export const MOST_SHOWN = 6000;

/** A burst of which an answer has told the first frames, with those that follow. */
export const withTheRest = async (first: BurstWhole): Promise<BurstWhole> => {
  const { burst } = first;
  const all = [...burst.all];
  while (all.length < Math.min(burst.frames, MOST_SHOWN)) {
    // each page begins where the one before it ends
    const next = await request("GET", `bursts/${burst.id}?from=${all.length}`);
    if (next.burst.all.length === 0) break;
    all.push(...next.burst.all);
  }
  return all.length === burst.all.length ? first : { ...first, burst: { ...burst, all } };
};

export const burstQuery = (id: string | undefined) =>
  queryOptions({
    queryKey: ["burst", id],
    queryFn: async () => withTheRest(await request("GET", `bursts/${id}`)),
    enabled: id !== undefined,
    staleTime: 0,
    // a second look goes on in the background, and brings frame after frame
    refetchInterval: (query) => (query.state.data?.look?.status === "running" ? ASK_MS : false),
  });

/** A verdict the server has taken stands in the burst that is open, and can be undone. */
export const eyeArrived = (client: QueryClient, { id, eye }: FrameEye): void => {
  client.setQueriesData<BurstWhole>({ queryKey: ["burst"] }, (whole) => {
    const frame = whole?.burst.all.find((one) => one.id === id);
    return whole === undefined || frame === undefined
      ? whole
      : {
          ...whole,
          burst: { ...whole.burst, all: whole.burst.all.map((one) => (one === frame ? { ...one, eye } : one)) },
          undo: `verdict on ${frame.name}`,
          redo: null,
        };
  });
  void client.invalidateQueries({ queryKey: ["log"] });
};

/** Where a picture of a frame is: all of it reduced, or a piece round its subject as it is. */
export const pictureOf = (frame: string, which: "whole" | "piece"): string =>
  `/api/frames/${frame}/${which}?of=${pictureKey()}`;

const MONTHS = ["January", "February", "March", "April", "May", "June", "July"];
MONTHS.push("August", "September", "October", "November", "December");

/** The day a camera's clock showed: "23 May 2026"; of files that do not say, "No time in the file". */
export const dayOf = (clock: string | null): string => {
  const [year, month, day] = (clock ?? "").slice(0, 10).split("-").map(Number);
  return year === undefined || month === undefined || day === undefined
    ? "No time in the file"
    : `${day} ${MONTHS[month - 1]} ${year}`;
};

/** What a camera's clock showed: "05:40:12". */
export const timeOf = (clock: string | null): string => (clock === null ? "–" : clock.slice(11, 19));

/** A shutter as it is engraved: "1/2000 s", "0.8 s". */
export const shutterOf = (s: number): string => (s < 0.3 ? `1/${Math.round(1 / s)} s` : `${Number(s.toFixed(1))} s`);

export const framesOf = (count: number): string => `${count} ${count === 1 ? "frame" : "frames"}`;
