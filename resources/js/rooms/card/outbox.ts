import { ApiProblem, request } from "../../api/client";

export type Tick = { on: boolean; at: number };
/** One thing to tell the server: ticks of a card, or how a body was left. */
export type Letter = { path: string; body: Record<string, unknown> };

const RETRY_MS = 2500;

/**
 * What was ticked or set on this device and has not arrived yet. It survives a reload and a day without signal; every
 * tick carries its own time, so it does not matter when it arrives.
 */
export class Outbox {
  private letters: Letter[];
  private listeners = new Set<() => void>();
  private timer: number | undefined;
  private sending = false;
  private readonly key: string;
  private readonly onArrived: (path: string, answer: unknown) => void;

  /** @param onArrived called with what the server answered, before it stops waiting here */
  constructor(owner: string, onArrived: (path: string, answer: unknown) => void) {
    this.onArrived = onArrived;
    this.key = `rush-hold:outbox:${owner}`;
    this.letters = this.read();
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** What waits; the same list until something changes. */
  snapshot = (): Letter[] => this.letters;

  start(): () => void {
    const flush = (): void => void this.flush();
    window.addEventListener("online", flush);
    window.addEventListener("focus", flush);
    flush();
    return () => {
      window.removeEventListener("online", flush);
      window.removeEventListener("focus", flush);
      window.clearTimeout(this.timer);
    };
  }

  tick(card: string, name: string, on: boolean): void {
    const path = `cards/${card}/ticks`;
    const waiting = this.letters.find((letter) => letter.path === path);
    const ticks = { ...(waiting?.body["ticks"] as Record<string, Tick> | undefined), [name]: { on, at: Date.now() } };
    this.set([...this.letters.filter((letter) => letter.path !== path), { path, body: { ticks } }]);
    void this.flush();
  }

  left(body: string, left: Record<string, unknown>, by: string): void {
    const path = `gear/${body}/left`;
    this.set([...this.letters.filter((letter) => letter.path !== path), { path, body: { left, by, at: Date.now() } }]);
    void this.flush();
  }

  private async flush(): Promise<void> {
    if (this.sending) return;
    this.sending = true;
    window.clearTimeout(this.timer);
    try {
      while (this.letters[0] !== undefined) {
        const letter = this.letters[0];
        try {
          this.onArrived(letter.path, await request("PUT", letter.path, letter.body));
        } catch (thrown) {
          const status = thrown instanceof ApiProblem ? thrown.status : 0;
          // what the server will never take is not kept for ever
          if (status !== 404 && status !== 422) throw thrown;
        }
        // what was added meanwhile to the same letter goes in the next one
        const now = this.letters.find((one) => one.path === letter.path);
        this.set(this.letters.filter((one) => one.path !== letter.path || now !== letter));
      }
    } catch {
      this.timer = window.setTimeout(() => void this.flush(), RETRY_MS);
    } finally {
      this.sending = false;
    }
  }

  private read(): Letter[] {
    try {
      return JSON.parse(localStorage.getItem(this.key) ?? "[]") as Letter[];
    } catch {
      return [];
    }
  }

  private set(letters: Letter[]): void {
    this.letters = letters;
    if (letters.length === 0) localStorage.removeItem(this.key);
    else localStorage.setItem(this.key, JSON.stringify(letters));
    for (const listener of this.listeners) listener();
  }
}

/** Ticks of a card that have not arrived yet. */
export const waitingTicks = (letters: Letter[], card: string): Record<string, Tick> =>
  (letters.find((letter) => letter.path === `cards/${card}/ticks`)?.body["ticks"] ?? {}) as Record<string, Tick>;
