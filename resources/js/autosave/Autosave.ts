import { ApiProblem, requestAs } from "../api/client";
import { accountKey } from "../session/account";
import { unsavedKey } from "../session/unsent";
import { newGesture } from "./gesture";
import { lastKnown, remember, underWay } from "./records";
import { same } from "./same";
import { Timeline, type Aside } from "./Timeline";

/** How things stand with what was last changed. */
export type Save =
  | { kind: "saved" }
  | { kind: "saving" }
  | { kind: "waiting"; why: "connection" | "store" | "signed-out" }
  | { kind: "elsewhere" }
  | { kind: "refused"; message: string };

/** What the server tells of every record that can be undone. */
export type UndoState = {
  id: string;
  revision: number;
  /** The id of the last write, as its writer gave it. */
  write_id: string;
  can_undo: boolean;
  can_redo: boolean;
};

export type Autosaved<Draft, Whole extends UndoState> = {
  draft: Draft;
  server: Whole;
  save: Save;
  dirty: boolean;
  news: string | null;
  /** Whether there is a step to take back, or again. */
  undoes: boolean;
  redoes: boolean;
};

/** What is not confirmed yet, and the ids of the writes that were sent without an answer. */
type Unsaved<Draft> = { draft: Draft; revision: number; gesture: string; sent: string[] };

/** Where a record lives in the API, and what of it a person changes. */
export type RecordKind<Draft, Whole> = { path: string; draftOf: (whole: Whole) => Draft };

/** Ids of unanswered writes kept at the most; the server's last write is always among the newest. */
const WRITE_IDS_KEPT = 40;

const newWriteId = (): string => `${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 12)}`;

const RETRY_MS = [500, 1000, 2000, 3000];

/** A drag is sent no more often than this, in ms. */
const PACE_MS = 90;

/** What of a record the server has not confirmed yet, as this browser kept it. */
const unsavedAt = <Draft>(key: string): Unsaved<Draft> | null => {
  try {
    return JSON.parse(localStorage.getItem(key) ?? "null") as Unsaved<Draft> | null;
  } catch {
    return null;
  }
};

/**
 * Saves one record as it is changed: every change is in this browser's own store before it is sent, is sent as soon as the one before
 * is confirmed, and is sent again for as long as the server or its store is away.
 */
export class Autosave<Draft extends object, Whole extends UndoState> {
  private state: Autosaved<Draft, Whole>;
  private readonly path: string;
  private readonly key: string;
  private readonly draftOf: (whole: Whole) => Draft;
  private timeline = new Timeline();
  private listeners = new Set<() => void>();
  private revision: number;
  private gesture = "start";
  private sent: string[];
  private run: Promise<void> | null = null;
  private tries = 0;
  private timer: number | undefined;
  private closed = false;
  private steps: Promise<void> = Promise.resolve();

  constructor(asked: Whole, { path, draftOf }: RecordKind<Draft, Whole>) {
    this.path = path;
    this.key = unsavedKey(accountKey() ?? "", path);
    this.draftOf = draftOf;
    const known = lastKnown<Whole>(this.key);
    const server = known !== undefined && known.revision > asked.revision ? known : asked;
    // from before entries were named after their account; the record is this account's, so its draft is too
    const before = `rush-hold:unsaved:${path}`;
    const unsaved = unsavedAt<Draft>(this.key) ?? unsavedAt<Draft>(before);
    localStorage.removeItem(before);
    this.revision = unsaved?.revision ?? server.revision;
    this.gesture = unsaved?.gesture ?? this.gesture;
    this.sent = unsaved?.sent ?? [];
    this.state = {
      draft: unsaved?.draft ?? this.draftOf(server),
      server,
      save: { kind: unsaved ? "saving" : "saved" },
      dirty: unsaved !== null,
      news: null,
      undoes: server.can_undo,
      redoes: server.can_redo,
    };
  }

  /** Begins to send and to listen; the function it gives ends that. */
  start(): () => void {
    this.closed = false;
    const wake = (): void => void (this.state.dirty ? this.send() : this.look());
    const seen = (): void => void (document.visibilityState === "visible" && wake());
    window.addEventListener("online", wake);
    window.addEventListener("focus", wake);
    document.addEventListener("visibilitychange", seen);
    if (this.state.dirty) void this.send();
    return () => {
      this.closed = true;
      window.clearTimeout(this.timer);
      window.removeEventListener("online", wake);
      window.removeEventListener("focus", wake);
      document.removeEventListener("visibilitychange", seen);
    };
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  snapshot = (): Autosaved<Draft, Whole> => this.state;

  /** Takes a change; changes with one gesture are undone together. */
  edit(draft: Draft, gesture: string): void {
    if (same(draft, this.state.draft)) return;
    this.gesture = gesture;
    this.timeline.edited(gesture);
    this.saveLocally(draft);
    this.set({ draft, dirty: true, news: null });
    void this.send();
  }

  /** Waits until what was changed is sent, as far as it can be. */
  settled = async (): Promise<void> => {
    if (this.state.dirty) await this.send();
  };

  /** Takes note of a step beside the record, which is taken back in its turn. */
  did(aside: Aside): void {
    this.timeline.done(aside);
    this.set({});
  }

  undo = (): Promise<void> => this.next("undo");
  redo = (): Promise<void> => this.next("redo");

  /** After another tab has written: keep what is here, or take what is there. */
  async resolve(keep: "mine" | "theirs"): Promise<void> {
    try {
      const server = await requestAs<Whole>("GET", this.path);
      this.revision = server.revision;
      if (keep === "theirs") this.adopt(server, null);
      else {
        this.gesture = newGesture("mine");
        this.saveLocally(this.state.draft);
        this.set({ server, save: { kind: "saving" } });
        await this.send();
      }
    } catch (thrown) {
      this.later(thrown);
    }
  }

  /** Reckons the plan anew, for when kit, units or assumed figures have changed. */
  async refresh(): Promise<void> {
    if (!this.state.dirty) await this.look(true);
  }

  /** Steps asked for faster than the server answers are taken one after the other. */
  private next(way: "undo" | "redo"): Promise<void> {
    this.steps = this.steps.then(() => this.step(way));
    return this.steps;
  }

  private async step(way: "undo" | "redo"): Promise<void> {
    if (this.state.dirty) await this.send();
    if (this.state.dirty) return;
    const aside = way === "undo" ? this.timeline.back() : this.timeline.forth();
    try {
      if (aside !== null) {
        await aside[way]();
        return this.set({});
      }
      const server = await requestAs<Whole>("POST", `${this.path}/${way}`, {
        revision: this.revision,
      });
      this.gesture = way;
      this.adopt(server, null);
    } catch (thrown) {
      if (thrown instanceof ApiProblem && thrown.status === 409) await this.look();
      else this.later(thrown);
    }
  }

  /** Sends until all is confirmed or something stands in the way; there is only ever one such run. */
  private send(): Promise<void> {
    this.run ??= this.sendAll().finally(() => {
      this.run = null;
    });
    return this.run;
  }

  private async sendAll(): Promise<void> {
    window.clearTimeout(this.timer);
    while (this.state.dirty && !this.closed && this.state.save.kind !== "elsewhere") {
      const from = Date.now();
      await this.sendOnce();
      if (this.state.save.kind !== "saving") return;
      const rest = PACE_MS - (Date.now() - from);
      if (this.state.dirty && rest > 0) await new Promise((resolve) => window.setTimeout(resolve, rest));
    }
  }

  private async sendOnce(): Promise<void> {
    const before = underWay.get(this.key);
    if (before !== undefined) return this.goOnFrom((await before) as Whole | null);
    const { draft } = this.state;
    if (this.state.save.kind !== "waiting") this.set({ save: { kind: "saving" } });
    const writeId = newWriteId();
    this.sent = [...this.sent.slice(-WRITE_IDS_KEPT), writeId];
    this.saveLocally(draft);
    const write = requestAs<Whole>("PUT", this.path, {
      revision: this.revision,
      gesture: this.gesture,
      write_id: writeId,
      ...draft,
    });
    underWay.set(
      this.key,
      write.catch(() => null),
    );
    try {
      const answer = await write;
      underWay.delete(this.key);
      this.confirmed(draft, answer);
    } catch (thrown) {
      underWay.delete(this.key);
      await this.failed(draft, thrown);
    }
  }

  /** Goes on from a write that was under way when this room was opened again; null where it failed, and is to be sent anew. */
  private goOnFrom(answer: Whole | null): void {
    if (answer === null || answer.revision <= this.revision) return;
    if (same(this.draftOf(answer), this.state.draft)) return this.confirmed(this.state.draft, answer);
    this.revision = answer.revision;
    this.sent = [];
    this.saveLocally(this.state.draft);
    this.set({ server: answer });
  }

  private confirmed(sent: Draft, answer: Whole): void {
    this.tries = 0;
    this.sent = [];
    this.revision = answer.revision;
    const settled = this.state.draft === sent;
    remember(this.key, answer);
    if (!settled) this.saveLocally(this.state.draft);
    // the same room, opened again meanwhile, may have kept more since
    else if (!this.closed || same(unsavedAt<Draft>(this.key)?.draft, sent)) localStorage.removeItem(this.key);
    this.set({ server: answer, dirty: !settled, save: { kind: settled ? "saved" : "saving" } });
  }

  private async failed(sent: Draft, thrown: unknown): Promise<void> {
    if (thrown instanceof ApiProblem && thrown.status === 409) {
      // an answer that was lost on the way leaves our own write behind: then it is not a conflict
      try {
        const theirs = await requestAs<Whole>("GET", this.path);
        if (!this.sent.includes(theirs.write_id)) return this.set({ save: { kind: "elsewhere" } });
        if (same(this.draftOf(theirs), sent)) return this.confirmed(sent, theirs);
        this.sent = [];
        this.revision = theirs.revision;
        return this.set({ server: theirs, save: { kind: "saving" } });
      } catch (again) {
        return this.later(again);
      }
    }
    if (thrown instanceof ApiProblem && (thrown.status === 422 || thrown.status === 404)) {
      return this.set({ save: { kind: "refused", message: thrown.problem.detail } });
    }
    this.later(thrown);
  }

  private later(thrown: unknown): void {
    const status = thrown instanceof ApiProblem ? thrown.status : 0;
    const why =
      status === 401 || status === 419 ? "signed-out" : status >= 500 || status === 429 ? "store" : "connection";
    this.set({ save: { kind: "waiting", why } });
    window.clearTimeout(this.timer);
    if (!this.closed) {
      const wait = RETRY_MS[Math.min(this.tries++, RETRY_MS.length - 1)]!;
      this.timer = window.setTimeout(() => void (this.state.dirty ? this.send() : this.look()), wait);
    }
  }

  /** Looks whether another tab or device has written since. */
  private async look(always = false): Promise<void> {
    if (this.run !== null || this.state.dirty || this.closed) return;
    try {
      const server = await requestAs<Whole>("GET", this.path);
      // an answer from before the last write of this page is no news
      if (this.state.dirty || server.revision < this.revision) return;
      this.tries = 0;
      const news = server.revision > this.revision ? "brought up to date from another tab" : null;
      if (news !== null || always || this.state.save.kind === "waiting") this.adopt(server, news);
    } catch (thrown) {
      if (thrown instanceof ApiProblem && thrown.status === 404)
        this.set({ save: { kind: "refused", message: "This has been deleted." } });
      else this.later(thrown);
    }
  }

  private adopt(server: Whole, news: string | null): void {
    if (news !== null) this.timeline.forget();
    this.tries = 0;
    this.sent = [];
    this.revision = server.revision;
    remember(this.key, server);
    localStorage.removeItem(this.key);
    this.set({ draft: this.draftOf(server), server, dirty: false, save: { kind: "saved" }, news });
  }

  private saveLocally(draft: Draft): void {
    const unsaved: Unsaved<Draft> = { draft, revision: this.revision, gesture: this.gesture, sent: this.sent };
    localStorage.setItem(this.key, JSON.stringify(unsaved));
  }

  private set(change: Partial<Autosaved<Draft, Whole>>): void {
    const next = { ...this.state, ...change };
    this.state = {
      ...next,
      undoes: this.timeline.undoes || next.server.can_undo,
      redoes: this.timeline.redoes || next.server.can_redo,
    };
    for (const listener of this.listeners) listener();
  }
}
