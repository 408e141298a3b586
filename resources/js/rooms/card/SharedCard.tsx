import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router-dom";
import { ApiProblem, requestAs } from "../../api/client";
import type { Units } from "../../api/types";
import { Logo } from "../../ui/Logo";
import { when } from "../../units/when";
import type { Page } from "./card";
import { PageView } from "./PageView";
import "./card.css";

type Shared = {
  name: string;
  until: string;
  units: Units;
  pages: ((Page & { camera: string }) | { name: string; fault: string })[];
};

/** A card that somebody shared: read only, and nothing of the account beyond it. */
export default function SharedCard() {
  const { token } = useParams();
  const shared = useQuery({
    queryKey: ["shared", token],
    queryFn: () => requestAs<Shared>("GET", `shared/${token}`),
    retry: (count, thrown) =>
      count < 5 && thrown instanceof ApiProblem && (thrown.status === 0 || thrown.status >= 500),
  });
  if (shared.isError)
    return (
      <main className="door">
        <Logo />
        <h1>This link leads nowhere any more.</h1>
        <p className="door-say">It has ended, or whoever shared the card has taken it back. Ask them for a new one.</p>
      </main>
    );
  if (shared.data === undefined) return <p className="note empty">Fetching the card…</p>;
  const { name, until, units, pages } = shared.data;
  return (
    <main className="shared" id="room">
      <header className="shared-head">
        <h1>{name}</h1>
        <p className="note">A card shared with you to read; the link ends {when(until)}.</p>
      </header>
      {pages.map((page, at) => (
        <article key={at} className="card-page current">
          <header className="card-page-head">
            <h2>{page.name}</h2>
            {"camera" in page && (
              <p className="note">
                {page.camera}, {page.kit}
              </p>
            )}
          </header>
          {"fault" in page ? <p className="stand-in">{page.fault}</p> : <PageView page={page} units={units} />}
        </article>
      ))}
    </main>
  );
}
