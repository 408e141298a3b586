import { ApiProblem } from "../api/client";
import type { File as StoredFile } from "../generated/answers";
import { uploadsKey } from "../session/unsent";
import type { Sending } from "./sendFile";
import type { Kept, Shelf } from "./shelf";

export type Upload = {
  id: string;
  purpose: string;
  name: string;
  size: number;
  /** refused: the server will never take it, and `problem` says why; stored: `file` is what it has become. */
  state: "waiting" | "sending" | "stored" | "refused";
  /** How much of it has gone, from 0 to 1. */
  sent: number;
  problem: string | null;
  file: StoredFile | null;
};

/** First and longest rest before something is tried again, in ms. */
const RETRY_MS = 1500;
const LONGEST_MS = 30_000;

/** Parts of a file that are told apart on their way. */
const SEEN = 20;

/** Answers after which there is no use in sending the same again. */
const FINAL = [400, 403, 404, 409, 413, 415, 422];

/** Why something will never be sent; null for what may go another time. */
const finalWords = (thrown: unknown): string | null => {
  if (thrown instanceof ApiProblem && FINAL.includes(thrown.status)) return thrown.message;
  // moved, changed or deleted since it was chosen
  if (thrown instanceof DOMException && ["NotReadableError", "NotFoundError"].includes(thrown.name))
    return "It can no longer be read where it was; choose it again.";
  return null;
};

const fresh = (): string => `up-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

/**
 * Files on their way to the server: one at a time, in the order they were added. They wait in the browser's own database until the server
 * has them, so that a reload or a lost line loses none; tabs of one account take turns.
 */
export class UploadQueue {
  private uploads: Upload[] = [];
  private readonly bytes = new Map<string, Kept>();
  private readonly listeners = new Set<() => void>();
  private timer: number | undefined;
  private rest = RETRY_MS;
  private running = false;
  private paused = false;
  private ended = false;
  private under: { id: string; stop: AbortController } | null = null;
  private readonly account: string;
  private readonly shelf: Shelf;
  private readonly send: (sending: Sending) => Promise<StoredFile | null>;

  constructor(account: string, shelf: Shelf, send: (sending: Sending) => Promise<StoredFile | null>) {
    this.account = account;
    this.shelf = shelf;
    this.send = send;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Everything added in this page, and what was waiting from before; the same list until something changes. */
  snapshot = (): Upload[] => this.uploads;

  get isPaused(): boolean {
    return this.paused;
  }

  /** Takes up what waits, and goes on as soon as there is a line. */
  start(): () => void {
    this.ended = false; // a page in development starts everything twice
    const go = (): void => void this.flush();
    window.addEventListener("online", go);
    window.addEventListener("focus", go);
    void this.takeUp().then(go);
    return () => {
      window.removeEventListener("online", go);
      window.removeEventListener("focus", go);
      window.clearTimeout(this.timer);
      this.ended = true;
      this.under?.stop.abort();
    };
  }

  /** Adds a file; its id here. */
  async add(purpose: string, file: File): Promise<string> {
    const kept: Kept = { id: fresh(), account: this.account, purpose, name: file.name, bytes: file, at: Date.now() };
    this.bytes.set(kept.id, kept);
    this.show([...this.uploads, waiting(kept)]);
    // a browser that keeps nothing still sends it, as long as the page stays
    await this.shelf.put(kept).catch(() => undefined);
    void this.flush();
    return kept.id;
  }

  /** Lets go of one, wherever it is on its way; what the server has stays there. */
  async cancel(id: string): Promise<void> {
    if (this.under?.id === id) this.under.stop.abort();
    this.bytes.delete(id);
    this.show(this.uploads.filter((one) => one.id !== id));
    await this.shelf.remove(id).catch(() => undefined);
  }

  pause(): void {
    this.paused = true;
    this.under?.stop.abort();
    this.tell();
  }

  resume(): void {
    this.paused = false;
    this.tell();
    void this.flush();
  }

  /** Sends what waits; resolves when all is sent, or nothing more can be for now. */
  async flush(): Promise<void> {
    if (this.running) return;
    this.running = true;
    window.clearTimeout(this.timer);
    try {
      await this.inTurn(async () => {
        for (let next = this.next(); next !== undefined && !this.paused && !this.ended; next = this.next())
          await this.one(next);
        this.rest = RETRY_MS;
      });
    } catch {
      // one that cannot go now holds up the others: it is the line that is missing
      if (!this.ended) this.timer = window.setTimeout(() => void this.flush(), this.rest);
      this.rest = Math.min(this.rest * 2, LONGEST_MS);
    } finally {
      this.running = false;
    }
  }

  private next(): Kept | undefined {
    const upload = this.uploads.find((one) => one.state === "waiting");
    return upload && this.bytes.get(upload.id);
  }

  private async one(kept: Kept): Promise<void> {
    const stop = new AbortController();
    this.under = { id: kept.id, stop };
    this.change(kept.id, { state: "sending", sent: 0, problem: null });
    try {
      const file = await this.send({
        purpose: kept.purpose,
        name: kept.name,
        bytes: kept.bytes,
        signal: stop.signal,
        onSent: (sent) => this.going(kept.id, sent),
      });
      this.change(kept.id, { state: "stored", sent: 1, file });
      await this.forget(kept.id);
    } catch (thrown) {
      const never = finalWords(thrown);
      if (never !== null) {
        this.change(kept.id, { state: "refused", problem: never });
        await this.forget(kept.id);
        return;
      }
      this.change(kept.id, { state: "waiting", sent: 0 });
      if (!stop.signal.aborted) throw thrown;
    } finally {
      this.under = null;
    }
  }

  /** What another page of this account has sent meanwhile is not sent again. */
  private async takeUp(): Promise<void> {
    const found = await this.shelf.all(this.account).catch(() => []);
    const added = found.filter((kept) => !this.bytes.has(kept.id)).sort((a, b) => a.at - b.at);
    for (const kept of added) this.bytes.set(kept.id, kept);
    if (added.length > 0) this.show([...added.map(waiting), ...this.uploads]);
  }

  private async forget(id: string): Promise<void> {
    this.bytes.delete(id);
    await this.shelf.remove(id).catch(() => undefined);
  }

  private inTurn(act: () => Promise<void>): Promise<void> {
    return "locks" in navigator
      ? (navigator.locks.request(`rush-hold:${this.account}:uploading`, act) as Promise<void>)
      : act();
  }

  private change(id: string, to: Partial<Upload>): void {
    this.show(this.with(id, to));
  }

  /** How much of one has gone, where anybody could see the difference: which ones wait is as before. */
  private going(id: string, sent: number): void {
    const before = this.uploads.find((one) => one.id === id)?.sent ?? 0;
    if (Math.floor(SEEN * sent) === Math.floor(SEEN * before)) return;
    this.uploads = this.with(id, { sent });
    this.tell();
  }

  private with(id: string, to: Partial<Upload>): Upload[] {
    return this.uploads.map((one) => (one.id === id ? { ...one, ...to } : one));
  }

  private show(uploads: Upload[]): void {
    this.uploads = uploads;
    const under = uploads.filter((one) => one.state === "waiting" || one.state === "sending").map((one) => one.id);
    // how many there are can be told at once, without asking the database (signing out asks)
    if (under.length === 0) localStorage.removeItem(uploadsKey(this.account));
    else localStorage.setItem(uploadsKey(this.account), JSON.stringify(under));
    this.tell();
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}

const waiting = (kept: Kept): Upload => ({
  id: kept.id,
  purpose: kept.purpose,
  name: kept.name,
  size: kept.bytes.size,
  state: "waiting",
  sent: 0,
  problem: null,
  file: null,
});
