import { Link } from "react-router-dom";
import type { Units } from "../../api/types";
import type { Outbox, Tick } from "../../session/Outbox";
import { isFaulty, type Faulty, type OwnPage } from "./card";
import { PageView } from "./PageView";
import { ToSet } from "./ToSet";

type Props = {
  page: OwnPage | Faulty;
  current: boolean;
  cardId: string;
  cardName: string;
  ticks: Record<string, Tick>;
  units: Units;
  outbox: Outbox;
  /** How the camera was left is to be typed. */
  onType: (page: OwnPage) => void;
};

/** One hold of a card: what to set beside what is left to change; on paper a page of its own. */
export function CardPageView({ page, current, cardId, cardName, ticks, units, outbox, onType }: Props) {
  return (
    <article className={current ? "card-page current" : "card-page"}>
      {isFaulty(page) ? (
        <>
          <h2>{page.name}</h2>
          <p className="stand-in">
            {page.fault} <Link to={`/plan/${page.key}`}>Look at it in Plan</Link>
          </p>
        </>
      ) : (
        <>
          <header className="card-page-head">
            <h2>{page.name}</h2>
            <p className="note">
              {page.body.name}, {page.kit}{" "}
              <span className="screen-only">
                · <Link to={`/plan/${page.key}`}>why</Link>
              </span>
            </p>
          </header>
          <div className="card-page-columns">
            <div>
              <PageView page={page} spot={page.spot} units={units} />
            </div>
            <ToSet
              page={page}
              cardId={cardId}
              cardName={cardName}
              ticks={ticks}
              outbox={outbox}
              onType={() => onType(page)}
            />
          </div>
        </>
      )}
    </article>
  );
}
