import { useQuery } from "@tanstack/react-query";
import { request } from "../../api/client";
import { Choice } from "../../ui/Choice";
import { dayOf, framesOf, timeOf } from "./log";

/** The bursts before and after this one, to be taken into it. */
export function JoinWith({ burst, onJoin }: { burst: string; onJoin: (id: string) => void }) {
  const { data } = useQuery({
    queryKey: ["log", "near", burst],
    queryFn: () => request("GET", `bursts/${burst}/near`),
    staleTime: 0,
  });
  const others = (data?.bursts ?? []).filter((one) => one.id !== burst);
  if (others.length === 0) return null;
  return (
    <Choice
      label="Join with another burst"
      value=""
      options={[
        { value: "", words: "join with another burst …" },
        ...others.map((one) => ({
          value: one.id,
          words: `${timeOf(one.clock)}, ${dayOf(one.clock)}, ${framesOf(one.frames)}`,
        })),
      ]}
      onChange={(id) => id !== "" && onJoin(id)}
    />
  );
}
