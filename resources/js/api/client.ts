import type { Problem } from "../generated/problem";
import { noteReached } from "./connection";

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
  if (body !== undefined) headers["Content-Type"] = "application/json";
  try {
    const response = await fetch(`/api/${path}`, {
      method,
      headers,
      credentials: "same-origin",
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    // what the service worker has kept says so
    noteReached(response.headers.get("X-Kept") === null);
    return response;
  } catch {
    noteReached(false);
    throw new ApiProblem(away);
  }
};

/** One request to the API. A page whose token has run out fetches a new one and tries once more. */
export const request = async <T>(method: string, path: string, body?: unknown): Promise<T> => {
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
