import type { QueryClient } from "@tanstack/react-query";
import type { FrameEye } from "../generated/answers";
import { cameraStateArrived, ticksArrived } from "../rooms/card/card";
import { eyeArrived } from "../rooms/log/log";

/**
 * What follows from something the outbox has sent: it stands in what is shown before it stops waiting, so that nothing flickers.
 * Settings are shown already.
 */
export const arrivedIn =
  (client: QueryClient) =>
  (path: string, answer: unknown): void => {
    const card = /^cards\/(\w+)\/ticks$/.exec(path)?.[1];
    if (card !== undefined) ticksArrived(client, card, answer);
    const body = /^gear\/(\w+)\/camera-state$/.exec(path)?.[1];
    if (body !== undefined) cameraStateArrived(client, body, answer);
    if (/^frames\/\w+\/eye$/.test(path)) eyeArrived(client, answer as FrameEye);
  };
