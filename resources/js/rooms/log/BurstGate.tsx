import { useQuery } from "@tanstack/react-query";
import { useTitle } from "../../ui/useTitle";
import { RoomGate } from "../scaffold/RoomGate";
import { burstQuery, dayOf, timeOf } from "./log";
import { OpenBurst } from "./OpenBurst";

/** One burst, as soon as it has come. */
export function BurstGate({ id }: { id: string }) {
  const opened = useQuery(burstQuery(id));
  const burst = opened.data?.burst;
  useTitle(burst === undefined ? null : `${timeOf(burst.clock)}, ${dayOf(burst.clock)}`);
  return (
    <RoomGate
      what="this burst"
      needs={[opened]}
      opened={opened.data ?? null}
      gone={{ title: "This burst is not here.", to: "/log", words: "All bursts" }}
    >
      {(whole) => <OpenBurst whole={whole} />}
    </RoomGate>
  );
}
