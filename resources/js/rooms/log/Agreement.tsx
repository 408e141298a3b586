import { useQuery } from "@tanstack/react-query";
import { request } from "../../api/client";
import { isKeeper, verdictWords } from "./log";

/** So many kinds of disagreement are told. */
const TOLD = 3;

/** How often the machine has said what the person did, and where they part. */
export function Agreement() {
  const { data } = useQuery({
    queryKey: ["log", "agreement"],
    queryFn: () => request("GET", "log/agreement"),
    staleTime: 0,
  });
  const pairs = data?.pairs ?? [];
  const count = (of: typeof pairs): number => of.reduce((sum, one) => sum + one.count, 0);
  const all = count(pairs);
  if (all === 0)
    return (
      <p className="note">Judge frames by eye, and here stands how often the measured verdict is the one you give.</p>
    );
  const same = count(pairs.filter((one) => one.eye === one.verdict));
  const kept = count(pairs.filter((one) => isKeeper(one.eye) === isKeeper(one.verdict)));
  const apart = pairs.filter((one) => one.eye !== one.verdict).sort((a, b) => b.count - a.count);
  return (
    <p className="agreement">
      Of {all} frames you have judged, the measured verdict is yours in <b>{same}</b>; on whether to keep them you agree
      in <b>{kept}</b>.
      {apart.length > 0 && (
        <span className="note">
          {" "}
          Where you part:{" "}
          {apart
            .slice(0, TOLD)
            .map((one) => `you say ${verdictWords[one.eye]}, measured ${verdictWords[one.verdict]} (${one.count})`)
            .join("; ")}
          .
        </span>
      )}
    </p>
  );
}
