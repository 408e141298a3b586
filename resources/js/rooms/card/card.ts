import type * as answers from "../../generated/answers";
import type { QueryClient } from "@tanstack/react-query";
import { requestAs } from "../../api/client";
import { listQuery } from "../../api/queries";
import type { Quota } from "../../api/types";
import { Autosave } from "../../autosave/Autosave";
import { same } from "../../autosave/same";
import type { CameraState, Tick } from "../../session/Outbox";

export type { Check } from "../../generated/answers";
export type Change = answers.Change;
export type Figure = answers.Page["figure"];

/** What only its owner sees of a hold on a card. */
type Owned = "key" | "spot" | "changes" | "pre_flight" | "state_once_set" | "body" | "camera_state";

/** One hold as it is carried: what to set in the body's own words, which button, where to aim, what would change it. */
export type Page = Omit<answers.Page, Owned>;

export type OwnPage = Omit<answers.Page, "state_once_set" | "camera_state"> & {
  state_once_set: Record<string, unknown>;
  camera_state: CameraState | null;
  /** From how it was left before, where the changes were counted from that. */
  counted_from?: CameraState | null;
};
export type Faulty = answers.FaultyPage;

export type CardWhole = Omit<answers.Card, "pages"> & { pages: (OwnPage | Faulty)[] };
export type CardDraft = { name: string; rushes: string[]; outing_id: string | null };

/** Keeps the name and the holds of one card. */
export class CardAutosave extends Autosave<CardDraft, CardWhole> {
  constructor(server: CardWhole) {
    super(server, { path: `cards/${server.id}`, draftOf: ({ card }) => card });
  }
}

/** The newest cards with all they show, and the names of the others. */
export type Cards = { as_of: string; cards: CardWhole[]; others: { id: string; name: string }[]; quota: Quota };

/** A tick has a time of its own: one that has arrived is not undone by a list from before. */
const withTicks = (had: Cards, came: Cards): Cards => ({
  ...came,
  cards: came.cards.map((card) => {
    const there = had.cards.find((one) => one.id === card.id);
    return there === undefined ? card : { ...card, ticks: merged(card.ticks, there.ticks) };
  }),
});

export const cardsQuery = {
  ...listQuery<Cards>(["cards"], () => requestAs<Cards>("GET", "cards"), withTicks),
  staleTime: 5_000,
};

/** Puts ticks that have arrived into whatever shows their card. */
export const ticksArrived = (client: QueryClient, id: string, answer: unknown): void => {
  const { ticks } = (answer ?? {}) as Partial<CardWhole>;
  if (ticks === undefined) return void client.invalidateQueries({ queryKey: ["cards"] });
  const put = (card: CardWhole): CardWhole => (card.id === id ? { ...card, ticks } : card);
  client.setQueryData<Cards>(["cards"], (old) => (old === undefined ? old : { ...old, cards: old.cards.map(put) }));
  client.setQueryData<CardWhole>(["cards", id], (old) => (old === undefined ? old : put(old)));
};

/** The page of a body that has been left otherwise since its changes were counted. */
export const asLeftNow = (page: OwnPage, left: CameraState): OwnPage => ({
  ...page,
  camera_state: left,
  counted_from: page.counted_from === undefined ? page.camera_state : page.counted_from,
});

/** What is to be changed for a page, and whether it was counted from how the body was left last: that is for the server. */
export const toMake = (page: OwnPage): { changes: Change[]; counted: boolean } => {
  const state = (left: CameraState | null): unknown => left?.state ?? { format: "camera-state/1" };
  if (page.counted_from === undefined || same(state(page.counted_from), state(page.camera_state)))
    return { changes: page.changes, counted: true };
  return same(state(page.camera_state), page.state_once_set)
    ? { changes: [], counted: true }
    : { changes: page.changes, counted: false };
};

/** Puts how a body was left, once that has arrived, into every card that is shown; then they are counted anew. */
export const cameraStateArrived = (client: QueryClient, body: string, answer: unknown): void => {
  const left = ((answer ?? {}) as { camera_state?: CameraState | null }).camera_state;
  if (left !== undefined && left !== null) {
    const put = (card: CardWhole): CardWhole => ({
      ...card,
      pages: card.pages.map((page) => (isFaulty(page) || page.body.id !== body ? page : asLeftNow(page, left))),
    });
    client.setQueriesData<Cards | CardWhole>({ queryKey: ["cards"] }, (old) =>
      old === undefined ? old : "cards" in old ? { ...old, cards: old.cards.map(put) } : put(old),
    );
  }
  void client.invalidateQueries({ queryKey: ["cards"] });
};

export const isFaulty = (page: OwnPage | Faulty): page is Faulty => "fault" in page;

/** Ticks as they stand on this device: of each the later of what the server knows and what waits here. */
export const merged = (server: Record<string, Tick>, waiting: Record<string, Tick>): Record<string, Tick> => {
  const all = { ...server };
  for (const [name, tick] of Object.entries(waiting)) if ((all[name]?.at ?? 0) <= tick.at) all[name] = tick;
  return all;
};

/** How long ago, in plain words. */
export const ago = (iso: string): string => {
  const minutes = Math.max(0, Math.round((Date.now() - Date.parse(iso)) / 60_000));
  if (minutes < 2) return "just now";
  if (minutes < 90) return `${minutes} minutes ago`;
  const hours = Math.round(minutes / 60);
  return hours < 36 ? `${hours} hours ago` : `${Math.round(hours / 24)} days ago`;
};
