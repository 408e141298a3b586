import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router-dom";
import { ApiProblem, request } from "../../api/client";
import type { Units } from "../../api/types";
import { Mark } from "../../app/Mark";
import { when } from "../../units/when";
import type { Sheet } from "./card";
import { SheetView } from "./SheetView";

type Shared = {
  name: string;
  until: string;
  units: Units;
  sheets: ((Sheet & { camera: string }) | { name: string; fault: string })[];
};

/** A card that somebody shared: read only, and nothing of the account beyond it. */
export default function SharedCard() {
  const { token } = useParams();
  const shared = useQuery({
    queryKey: ["shared", token],
    queryFn: () => request<Shared>("GET", `shared/${token}`),
    retry: (count, thrown) =>
      count < 5 && thrown instanceof ApiProblem && (thrown.status === 0 || thrown.status >= 500),
  });
  if (shared.isError)
    return (
      <main className="door">
        <Mark />
        <h1>This link leads nowhere any more.</h1>
        <p className="door-say">It has ended, or whoever shared the card has taken it back. Ask them for a new one.</p>
      </main>
    );
  if (shared.data === undefined) return <p className="note empty">Fetching the card…</p>;
  const { name, until, units, sheets } = shared.data;
  return (
    <main className="shared" id="room">
      <header className="shared-head">
        <h1>{name}</h1>
        <p className="note">A card shared with you to read; the link ends {when(until)}.</p>
      </header>
      {sheets.map((sheet, at) => (
        <article key={at} className="sheet current">
          <header className="sheet-head">
            <h2>{sheet.name}</h2>
            {"camera" in sheet && (
              <p className="note">
                {sheet.camera}, {sheet.kit}
              </p>
            )}
          </header>
          {"fault" in sheet ? <p className="stand-in">{sheet.fault}</p> : <SheetView sheet={sheet} units={units} />}
        </article>
      ))}
    </main>
  );
}
