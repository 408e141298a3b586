import { useInfiniteQuery } from "@tanstack/react-query";
import { Link, useLocation, useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { useMedia } from "../../ui/useMedia";
import { useTitle } from "../../ui/useTitle";
import { Empty } from "../scaffold/Empty";
import { Agreement } from "./Agreement";
import { FrameMark } from "./FrameMark";
import { Intake } from "./Intake";
import { narrowed, queryOf, whereOf } from "./counting";
import { LetGo } from "./LetGo";
import { LogHead } from "./LogHead";
import { Narrowing } from "./Narrowing";
import { SmallPicture } from "./SmallPicture";
import { dayOf, pageKey, timeOf, type BurstHead } from "./log";

/** So many frames of a burst are shown in the list. */
const SHOWN = 7;
const SHOWN_NARROW = 4;

/** Everything that came home, burst by burst, the latest first. */
export function Shelf() {
  useTitle(null);
  const { search } = useLocation();
  const navigate = useNavigate();
  const where = whereOf(new URLSearchParams(search));
  const of = new URLSearchParams(search).get("of");
  const beside = of === null ? null : new URLSearchParams(search).get("beside");
  const pages = useInfiniteQuery({
    queryKey: [...pageKey, where, of, beside],
    initialPageParam: null as string | null,
    queryFn: ({ pageParam }) => request("GET", `log${queryOf(where, { before: pageParam, of, beside })}`),
    getNextPageParam: (last) => last.next,
    staleTime: 0,
  });
  const first = pages.data?.pages[0];
  if (first === undefined)
    return (
      <p className="note empty" aria-busy="true">
        {pages.failureReason === null ? "Fetching your log…" : `${pages.failureReason.message} Trying again…`}
      </p>
    );
  const bursts = [...new Map(pages.data!.pages.flatMap((page) => page.bursts).map((one) => [one.id, one])).values()];
  const days = [...new Set(bursts.map((one) => dayOf(one.clock)))];
  return (
    <div className="log-room">
      <LogHead title="What came home" at="bursts" />
      <Intake known={first.intake} demo={first.demo} />
      {of !== null && (
        <p className="counts-sentence">
          {beside === null
            ? "Bursts that tell a figure of yours"
            : "Bursts with frames that were kept out of a figure of yours"}
          <Link to="/log/yours" className="narrowed">
            back to it
          </Link>
        </p>
      )}
      {where.length > 0 && (
        <p className="counts-sentence">
          Bursts of{" "}
          <Narrowing
            where={where}
            told={first.where}
            onChange={(by, value) => void navigate(`/log${queryOf(narrowed(where, by, value))}`)}
          />
        </p>
      )}
      {bursts.length === 0 && (where.length > 0 || of !== null) && <p className="empty">No burst is like that.</p>}
      {bursts.length === 0 && where.length === 0 && of === null && (
        <Empty title="Nothing has come home yet.">
          <p>
            A plan promises, a rehearsal expects; only frames tell. Each photograph you bring is measured where its
            subject is, told sharp or why not, and put into the burst it was taken in.
          </p>
        </Empty>
      )}
      {days.map((day) => (
        <section key={day} className="log-day" aria-label={day}>
          <h2>{day}</h2>
          <ul>
            {bursts
              .filter((one) => dayOf(one.clock) === day)
              .map((one) => (
                <BurstRow key={one.id} burst={one} />
              ))}
          </ul>
        </section>
      ))}
      {pages.hasNextPage && (
        <button
          type="button"
          className="text-button"
          disabled={pages.isFetchingNextPage}
          onClick={() => void pages.fetchNextPage()}
        >
          Earlier bursts
        </button>
      )}
      {bursts.length > 0 && (
        <footer className="log-foot">
          <Agreement />
          <LetGo room={first.room} />
        </footer>
      )}
    </div>
  );
}

function BurstRow({ burst }: { burst: BurstHead }) {
  const isNarrow = useMedia("(max-width: 900px)");
  const shown = burst.shown.slice(0, isNarrow ? SHOWN_NARROW : SHOWN);
  const more = burst.frames - shown.length;
  const name = burst.rush?.name ?? "no rush yet";
  return (
    <li className="burst-row">
      <Link to={`/log/${burst.id}`}>
        <span className="burst-told">
          <span className="burst-time">{timeOf(burst.clock)}</span>
          <span className={burst.rush === null ? "burst-rush none" : "burst-rush"}>{name}</span>
          <span className="burst-count">
            <b>{burst.keepers}</b> of {burst.frames} sharp
            <span className="note">
              {" "}
              {burst.eyed === 0
                ? "as measured"
                : burst.eyed === burst.frames
                  ? "by your eye"
                  : `${burst.eyed} by your eye`}
            </span>
          </span>
        </span>
        <span className="burst-strip">
          {shown.map((frame) => (
            <span key={frame.id} className="burst-thumb">
              <SmallPicture frame={frame} alt="" lazy />
              <FrameMark verdict={frame.eye ?? frame.verdict} named />
            </span>
          ))}
          {more > 0 && <span className="burst-more">+{more}</span>}
        </span>
      </Link>
    </li>
  );
}
