import type { QueryClient } from "@tanstack/react-query";
import { lefted, ticked } from "../rooms/card/card";

/**
 * What follows from something the outbox has sent: it stands in what is shown before it stops waiting, so that nothing flickers.
 * Settings are shown already.
 */
export const arrivedIn =
  (client: QueryClient) =>
  (path: string, answer: unknown): void => {
    const card = /^cards\/(\w+)\/ticks$/.exec(path)?.[1];
    if (card !== undefined) ticked(client, card, answer);
    const body = /^gear\/(\w+)\/left$/.exec(path)?.[1];
    if (body !== undefined) lefted(client, body, answer);
  };
