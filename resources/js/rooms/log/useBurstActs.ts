import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router-dom";
import { request, requestAs } from "../../api/client";
import { useAccount } from "../../session/boot";
import { waitingEyes } from "../../session/Outbox";
import { burstQuery, withTheRest, type BurstWhole } from "./log";

/** What can be done with a burst, and what was said of it last. */
export const useBurstActs = (id: string) => {
  const { outbox } = useAccount();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [said, say] = useState("");
  const key = burstQuery(id).queryKey;
  const wider = (): Promise<void> => client.invalidateQueries({ queryKey: ["log"] });
  /** What was judged before something else is done is kept before it. */
  const judged = async (): Promise<void> => {
    await outbox.flush();
    if (waitingEyes(outbox.snapshot()).size > 0)
      throw new Error("What you judged has not been saved yet. It waits in this browser; try again once it has.");
  };
  const change = useMutation({
    mutationFn: async ({ verb, path, body }: { verb: string; path: string; body?: object }) => {
      await judged();
      return withTheRest(await requestAs<BurstWhole>(verb, `bursts/${id}/${path}`, body ?? {}));
    },
    // what is shown elsewhere follows by itself: the next key is not waited for that
    onSuccess: (next) => {
      client.setQueryData(key, next);
      void wider();
    },
  });
  const turn = useMutation({
    mutationFn: async (way: "undo" | "redo") => {
      await judged();
      return request("POST", `log/${way}`, {});
    },
    onSuccess: (done, way) => {
      say(
        done.words === null
          ? `There is nothing to ${way}.`
          : `${way === "undo" ? "Taken back" : "Done again"}: ${done.words}.`,
      );
      void client.invalidateQueries({ queryKey: ["burst"] });
      void wider();
    },
  });
  const remove = useMutation({
    mutationFn: () => request("DELETE", `bursts/${id}`),
    onSuccess: async () => {
      await navigate("/log");
      await wider();
    },
  });
  return { change, turn, remove, said, say };
};
