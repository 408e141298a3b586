import type { Problem } from "../generated/problem";
import { accountKey, isBeingFilled, lost } from "../session/account";
import type { AnswerTo, Following } from "./answerTo";
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

export const away: Problem & Record<string, unknown> = {
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

/** What every request says: from a page of this site, and for whom. */
export const headers = (): Record<string, string> => {
  const account = accountKey();
  return {
    Accept: "application/json",
    "X-Requested-With": "XMLHttpRequest",
    "X-XSRF-TOKEN": token(),
    ...(account === null ? {} : { "X-As": account }),
  };
};

/**
 * Takes note of an answer: that there was one, and whether it is still for the account of this page.
 * @param header reads a header of it
 */
export const noteAnswer = (status: number, header: (name: string) => string | null): void => {
  // what the service worker has kept says so
  const fromHere = header("X-Offline-Copy") !== null;
  noteReached(!fromHere);
  const [account, says] = [accountKey(), header("X-Account")];
  if (account !== null && !fromHere && (status === 401 || (says !== null && says !== account))) lost();
};

/** Where signing out is asked for. */
export const LEAVING = "sign-out";

/** What is being read, so that it can be let go of when what it is about goes. */
const reading = new Map<AbortController, string>();

/** Nobody waits any more for what is told of something that is being deleted; for nothing at all, once somebody is on the way out. */
const letGoOf = (path: string): void => {
  for (const [reader, of] of reading) if (path === LEAVING || of.startsWith(`${path}/`)) reader.abort();
};

const send = async (method: string, path: string, body: unknown): Promise<Response> => {
  const reader = new AbortController();
  if (method === "GET") reading.set(reader, path);
  try {
    const response = await fetch(`/api/${path}`, {
      method,
      headers: { ...headers(), ...(body === undefined ? {} : { "Content-Type": "application/json" }) },
      credentials: "same-origin",
      signal: reader.signal,
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    noteAnswer(response.status, (name) => response.headers.get(name));
    return response;
  } catch (thrown) {
    if (reader.signal.aborted) throw thrown;
    noteReached(false);
    throw new ApiProblem(away);
  } finally {
    reading.delete(reader);
  }
};

/** Writes that have come back, with whatever answer. */
let written = 0;

/**
 * One request to the API. What is read while something else is written may be from before or after; it is read again, so that an
 * answer that comes late never takes the place of what was just written.
 *
 * @param signal tells that nobody waits for the answer any more: what has not been sent yet is not sent then
 */
export const request = <Verb extends string, Path extends string>(
  method: Verb,
  path: Path,
  ...[body, signal]: Following<Verb, Path>
): Promise<AnswerTo<Verb, Path>> => requestAs<AnswerTo<Verb, Path>>(method, path, body, signal);

/** The same where only who asks knows what comes: the address is told by somebody else, or the pages know more of it than its schema. */
export const requestAs = async <T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> => {
  if (method !== "GET")
    return onceAtATime(`${method} ${path} ${JSON.stringify(body)}`, () => write<T>(method, path, body));
  for (let read = 1; ; read += 1) {
    await whileGoing(path);
    const before = written;
    const answer = await inTurns(path, () => inItsTurn<T>(method, path, undefined, signal));
    // what is reckoned for long is of one state of a rush, and kept under that
    const ofOneState = HEAVY.test(path) && !path.endsWith("/sweeps");
    if (written === before || read === READS || ofOneState) return answer;
  }
};

/** Writes on their way, by what they say. */
const onTheirWay = new Map<string, Promise<unknown>>();

/** What is being deleted has nothing to tell: whoever asks waits, and is sent away when it has gone. */
const whileGoing = async (path: string): Promise<void> => {
  const [kind, id, part] = path.split("/");
  const going = part === undefined ? undefined : onTheirWay.get(`DELETE ${kind}/${id} undefined`);
  if (going === undefined) return;
  const isGone = await going.then(
    () => true,
    () => false,
  );
  if (isGone) throw new DOMException("It has been deleted.", "AbortError");
};

/** The same write, while it is on its way, is not sent twice: whoever asks again gets the same answer. */
const onceAtATime = <T>(what: string, begin: () => Promise<T>): Promise<T> => {
  const under = onTheirWay.get(what) as Promise<T> | undefined;
  if (under !== undefined) return under;
  const sent = begin().finally(() => onTheirWay.delete(what));
  onTheirWay.set(what, sent);
  return sent;
};

const write = async <T>(method: string, path: string, body: unknown): Promise<T> => {
  if (method === "DELETE" || path === LEAVING) letGoOf(path);
  try {
    return await inTurns(path, () => inItsTurn<T>(method, path, body));
  } finally {
    written += 1;
  }
};

/** What the server sends away because two reckonings of this account are under way is asked for again until its turn comes. */
const inItsTurn = async <T>(method: string, path: string, body: unknown, signal?: AbortSignal): Promise<T> => {
  for (let turn = 1; ; turn += 1) {
    try {
      return await once<T>(method, path, body, signal);
    } catch (thrown) {
      if (!(thrown instanceof ApiProblem) || thrown.problem.type !== "busy" || turn === TURNS) throw thrown;
      await new Promise((resolve) => window.setTimeout(resolve, TURN_MS * (0.7 + 0.6 * Math.random())));
    }
  }
};

/** A page whose token has run out fetches a new one and tries once more. */
const once = async <T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> => {
  signal?.throwIfAborted();
  let response = await send(method, path, body);
  if (response.status === 419) {
    await send("GET", "session", undefined);
    response = await send(method, path, body);
  }
  return answerOf<T>(response.status, await response.text().catch(() => ""));
};

/** What an answer says; a problem is thrown. */
export const answerOf = <T>(status: number, text: string): T => {
  let answer: unknown = null;
  try {
    answer = text === "" ? null : JSON.parse(text);
  } catch {
    answer = null;
  }
  if (status >= 200 && status < 300) return answer as T;
  const problem = answer as (Problem & Record<string, unknown>) | null;
  if (problem?.type === "being-filled") isBeingFilled();
  throw new ApiProblem(
    problem && Array.isArray(problem.faults)
      ? problem
      : {
          ...away,
          status,
          type: "failed",
          title: "It did not work",
          detail: "Try again in a moment.",
        },
  );
};
