import type { QueryClient } from "@tanstack/react-query";
import { ticked } from "../rooms/card/card";

/**
 * What follows from something the outbox has sent: ticks stand in the list before they stop waiting, so that none flickers; how a body
 * was left changes what every card asks for, so that the cards are asked for anew; settings are shown already.
 */
export const arrivedIn =
  (client: QueryClient) =>
  (path: string, answer: unknown): void => {
    if (path === "settings") return;
    const card = /^cards\/(\w+)\/ticks$/.exec(path)?.[1];
    if (card === undefined) void client.invalidateQueries({ queryKey: ["cards"] });
    else ticked(client, card, answer);
  };
