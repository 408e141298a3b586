import type { Problem } from "../generated/problem";
import { accountKey, lost } from "../session/account";
import { noteReached } from "./connection";
import { HEAVY, inTurns } from "./turns";

/** How long to wait for a turn at reckoning before asking again, in ms, and how often. */
const TURN_MS = 600;
const TURNS = 60;

/** How often at the most something is read again because something was written meanwhile. */
const READS = 4;

/** What the API says when it cannot do what was asked; network failures come as status 0. */
export class ApiProblem extends Error {
  override name = "ApiProblem";
  readonly problem: Problem & Record<string, unknown>;

  constructor(problem: Problem & Record<string, unknown>) {
    super(problem.detail);
    this.problem = problem;
  }

  get status(): number {
    return this.problem.status;
  }

  /** The message for one field of what was sent, by JSON pointer, or null. */
  fault(pointer: string): string | null {
    return this.problem.faults.find((fault) => fault.pointer === pointer)?.message ?? null;
  }
}

const away: Problem & Record<string, unknown> = {
  type: "no-connection",
  title: "No connection",
  status: 0,
  detail: "The server cannot be reached just now.",
  faults: [],
};

const token = (): string => {
  const cookie = document.cookie.split("; ").find((part) => part.startsWith("XSRF-TOKEN="));
  return cookie ? decodeURIComponent(cookie.slice("XSRF-TOKEN=".length)) : "";
};

const send = async (method: string, path: string, body: unknown): Promise<Response> => {
  const headers: Record<string, string> = {
    Accept: "application/json",
    "X-Requested-With": "XMLHttpRequest",
    "X-XSRF-TOKEN": token(),
  };
  const account = accountKey();
  if (account !== null) headers["X-As"] = account;
  if (body !== undefined) headers["Content-Type"] = "application/json";
  try {
    const response = await fetch(`/api/${path}`, {
      method,
      headers,
      credentials: "same-origin",
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    // what the service worker has kept says so
    const fromHere = response.headers.get("X-Offline-Copy") !== null;
    noteReached(!fromHere);
    const says = response.headers.get("X-Account");
    if (account !== null && !fromHere && (response.status === 401 || (says !== null && says !== account))) lost();
    return response;
  } catch {
    noteReached(false);
    throw new ApiProblem(away);
  }
};

/** Writes that have come back, with whatever answer. */
let written = 0;

/**
 * One request to the API. What is read while something else is written may be from before or after; it is read again, so that an
 * answer that comes late never takes the place of what was just written.
 */
export const request = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
  if (method !== "GET") {
    try {
      return await inTurns(path, () => inItsTurn<T>(method, path, body));
    } finally {
      written += 1;
    }
  }
  for (let read = 1; ; read += 1) {
    const before = written;
    const answer = await inTurns(path, () => inItsTurn<T>(method, path, undefined));
    // what is reckoned for long is of one state of a rush, and kept under that
    const ofOneState = HEAVY.test(path) && !path.endsWith("/sweeps");
    if (written === before || read === READS || ofOneState) return answer;
  }
};

/** What the server sends away because two reckonings of this account are under way is asked for again until its turn comes. */
const inItsTurn = async <T>(method: string, path: string, body: unknown): Promise<T> => {
  for (let turn = 1; ; turn += 1) {
    try {
      return await once<T>(method, path, body);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem) || thrown.problem.type !== "busy" || turn === TURNS) throw thrown;
      await new Promise((resolve) => window.setTimeout(resolve, TURN_MS * (0.7 + 0.6 * Math.random())));
    }
  }
};

/** A page whose token has run out fetches a new one and tries once more. */
const once = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
  let response = await send(method, path, body);
  if (response.status === 419) {
    await send("GET", "session", undefined);
    response = await send(method, path, body);
  }
  const text = await response.text().catch(() => "");
  let answer: unknown = null;
  try {
    answer = text === "" ? null : JSON.parse(text);
  } catch {
    answer = null;
  }
  if (response.ok) return answer as T;
  const problem = answer as (Problem & Record<string, unknown>) | null;
  throw new ApiProblem(
    problem && Array.isArray(problem.faults)
      ? problem
      : {
          ...away,
          status: response.status,
          type: "failed",
          title: "It did not work",
          detail: "Try again in a moment.",
        },
  );
};
