import { ApiProblem, requestAs } from "../api/client";
import { outboxKey } from "./unsent";

export type Tick = { on: boolean; at: number };
/** One thing to tell the server: ticks of a card, how a body was left, verdicts on frames, settings. */
export type Letter = { path: string; body: Record<string, unknown> };

/** How a body was last left: in which state, by what, when. */
export type CameraState = { by: string; at: string; state: Record<string, unknown> };

const RETRY_MS = 2500;

const lettersOf = (key: string): Letter[] => {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(key) ?? "[]");
    return Array.isArray(kept) ? (kept as Letter[]) : [];
  } catch {
    return [];
  }
};

/** Until what shows the answer has drawn it: it hears of that in a turn of its own. */
const shown = (): Promise<void> => new Promise((done) => setTimeout(done));

/** What came of writing to this path, as the server answered it. */
export type Arrived = (path: string, answer: unknown) => void;

/**
 * What was ticked or set on this device and has not arrived yet. It survives a reload and a day without signal; every
 * tick carries its own time, so it does not matter when it arrives. Letters go one at a time, and what is told again
 * before it has arrived goes as one, so that a later word is never overtaken by an earlier one.
 */
export class Outbox {
  private letters: Letter[];
  private listeners = new Set<() => void>();
  private timer: number | undefined;
  private sending: Promise<void> | null = null;
  private readonly key: string;
  private readonly onArrived: Arrived;

  /**
   * @param account key of the account
   * @param onArrived called with what the server answered, before it stops waiting here
   */
  constructor(account: string, onArrived: Arrived) {
    this.onArrived = onArrived;
    this.key = outboxKey(account);
    this.letters = lettersOf(this.key);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** What waits; the same list until something changes. */
  snapshot = (): Letter[] => this.letters;

  start(): () => void {
    const flush = (): void => void this.flush();
    // another tab of this account has told something, or sent it
    const stored = (event: StorageEvent): void => {
      if (event.key === this.key) this.show(lettersOf(this.key));
    };
    window.addEventListener("online", flush);
    window.addEventListener("focus", flush);
    window.addEventListener("storage", stored);
    flush();
    return () => {
      window.removeEventListener("online", flush);
      window.removeEventListener("focus", flush);
      window.removeEventListener("storage", stored);
      window.clearTimeout(this.timer);
    };
  }

  tick(card: string, name: string, on: boolean): void {
    this.tell(`cards/${card}/ticks`, (waiting) => ({
      ticks: { ...(waiting?.["ticks"] as Record<string, Tick> | undefined), [name]: { on, at: Date.now() } },
    }));
  }

  cameraState(body: string, state: Record<string, unknown>, by: string): void {
    this.tell(`gear/${body}/camera-state`, () => ({ state, by, at: Date.now() }));
  }

  eye(frame: string, verdict: string | null): void {
    this.tell(`frames/${frame}/eye`, () => ({ verdict }));
  }

  settings(changed: Record<string, unknown>): void {
    this.tell("settings", (waiting) => ({
      settings: { ...(waiting?.["settings"] as Record<string, unknown> | undefined), ...changed },
    }));
  }

  /** Tries at once to send what waits; resolves when that is done or cannot be, whoever has begun it. */
  flush(): Promise<void> {
    this.sending ??= this.send().finally(() => (this.sending = null));
    return this.sending;
  }

  private async send(): Promise<void> {
    window.clearTimeout(this.timer);
    try {
      while (this.letters[0] !== undefined) {
        const letter = this.letters[0];
        try {
          this.onArrived(letter.path, await requestAs<unknown>("PUT", letter.path, letter.body));
          await shown();
        } catch (thrown) {
          const status = thrown instanceof ApiProblem ? thrown.status : 0;
          // what the server will never take is not kept for ever
          if (status !== 404 && status !== 422) throw thrown;
        }
        // what was added meanwhile to the same letter goes in the next one
        const sent = JSON.stringify(letter);
        this.set((letters) => letters.filter((one) => one.path !== letter.path || JSON.stringify(one) !== sent));
      }
    } catch {
      this.timer = window.setTimeout(() => void this.flush(), RETRY_MS);
    }
  }

  private tell(path: string, body: (waiting: Record<string, unknown> | undefined) => Record<string, unknown>): void {
    this.set((letters) => [
      ...letters.filter((letter) => letter.path !== path),
      { path, body: body(letters.find((letter) => letter.path === path)?.body) },
    ]);
    void this.flush();
  }

  /** Changes what waits as it stands in the browser's own store, where another tab may have added to it. */
  private set(change: (letters: Letter[]) => Letter[]): void {
    const letters = change(lettersOf(this.key));
    if (letters.length === 0) localStorage.removeItem(this.key);
    else localStorage.setItem(this.key, JSON.stringify(letters));
    this.show(letters);
  }

  private show(letters: Letter[]): void {
    this.letters = letters;
    for (const listener of this.listeners) listener();
  }
}

/** Ticks of a card that have not arrived yet. */
export const waitingTicks = (letters: Letter[], card: string): Record<string, Tick> =>
  (letters.find((letter) => letter.path === `cards/${card}/ticks`)?.body["ticks"] ?? {}) as Record<string, Tick>;

/** Settings of an account that have not arrived yet. */
export const waitingSettings = (account: string): Record<string, unknown> =>
  (lettersOf(outboxKey(account)).find((letter) => letter.path === "settings")?.body["settings"] ?? {}) as Record<
    string,
    unknown
  >;

/** How a body was left, as this device was told and has not sent yet. */
export const waitingCameraState = (letters: Letter[], body: string): CameraState | null => {
  const told = letters.find((letter) => letter.path === `gear/${body}/camera-state`)?.body;
  return told === undefined
    ? null
    : {
        by: String(told["by"]),
        at: new Date(Number(told["at"])).toISOString(),
        state: told["state"] as Record<string, unknown>,
      };
};

/** Verdicts on frames that have not arrived yet, by the id of the frame. */
export const waitingEyes = (letters: Letter[]): Map<string, string | null> =>
  new Map(
    letters.flatMap(({ path, body }): [string, string | null][] => {
      const frame = /^frames\/(\w+)\/eye$/.exec(path)?.[1];
      return frame === undefined ? [] : [[frame, (body["verdict"] as string | null) ?? null]];
    }),
  );
