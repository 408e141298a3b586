import { useQuery } from "@tanstack/react-query";
import { Link, useLocation, useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { outingsQuery } from "../../api/queries";
import type { OutingAfter } from "../../generated/answers";
import { percent } from "../../units/counts";
import { Choice } from "../../ui/Choice";
import { useTitle } from "../../ui/useTitle";
import { thousands } from "../../units/numbers";
import { between } from "./counting";
import { dayOf } from "./log";
import { Losses } from "./Losses";
import { LogHead } from "./LogHead";
import { RateAxis, RateLine } from "./RateLine";

/** How often it is asked whether figures have been told anew, in ms. */
const ASK_MS = 1000;

/** One day out as it came home, to be read on the way back: what it was for, what it brought, what to change. */
export function AfterPage() {
  useTitle("After a day");
  const { search } = useLocation();
  const navigate = useNavigate();
  const outings = useQuery(outingsQuery);
  const counts = useQuery({
    queryKey: ["log", "counts", "outing", null, []],
    queryFn: () => request("GET", "log/counts?by=outing"),
    staleTime: 0,
  });
  const home = new Set((counts.data?.rows ?? []).map((row) => row.value));
  const there = (outings.data?.outings ?? []).filter((one) => home.has(one.id));
  const asked = new URLSearchParams(search).get("outing");
  const id = there.find((one) => one.id === asked)?.id ?? there[0]?.id;
  const isAsked = outings.data !== undefined && counts.data !== undefined;
  const after = useQuery({
    queryKey: ["log", "after", id],
    queryFn: () => request("GET", `outings/${id}/after`),
    enabled: id !== undefined,
    placeholderData: (old) => old,
    staleTime: 0,
    refetchInterval: ({ state: { data } }) => (data?.learning?.status === "running" ? ASK_MS : false),
  });
  const told = after.data;
  return (
    <div className="log-room counts after">
      <LogHead title="After a day out" at="a day" />
      {isAsked && id === undefined ? (
        <p className="empty">
          No frames have come home of an outing yet. Frames belong to an outing of the day their camera’s clock shows:{" "}
          <Link to="/outing">plan one</Link>, also for a day that is over.
        </p>
      ) : told === undefined ? (
        <p className="note empty" aria-busy="true">
          {after.failureReason?.message ?? outings.failureReason?.message ?? "Looking the day through…"}
        </p>
      ) : (
        <>
          <p className="counts-sentence after-which">
            <Choice<string>
              label="Which day"
              value={told.outing.id}
              options={there.map((one) => ({ value: one.id, words: `${one.name}, ${dayOf(one.date)}` }))}
              onChange={(next) => void navigate(`/log/after?outing=${next}`)}
            />
            <span className="note">{told.outing.place}</span>
            <a className="after-pdf" href={`/api/outings/${told.outing.id}/after/pdf`} target="_blank" rel="noreferrer">
              as PDF
            </a>
            <button type="button" className="text-button" onClick={() => window.print()}>
              print
            </button>
          </p>
          <Day told={told} />
        </>
      )}
    </div>
  );
}

function Day({ told }: { told: OutingAfter }) {
  return (
    <div className="after-day">
      <section aria-label="What it brought">
        {told.whole.frames > 0 && (
          <p className="counts-whole">
            <span className="counts-share">{percent(told.whole.share)}</span>
            <span>
              sharp <span className="note">{between(told.whole.least, told.whole.most)}</span>
            </span>
          </p>
        )}
        <p className="after-words" data-testid="after">
          {told.went} {told.brought}
        </p>
        {told.change !== null && (
          <p className="after-change">
            {told.change.words} <Link to={`/plan/${told.change.rush}`}>to its plan</Link>
          </p>
        )}
        {told.learning?.status === "running" && (
          <p className="note after-looking" role="status">
            Looking through your frames for what they say of you…
          </p>
        )}
        {told.learnt.length > 0 && (
          <>
            <h2 className="counts-second">What your frames say of you</h2>
            <ul className="after-learnt">
              {told.learnt.map((words) => (
                <li key={words}>{words}</li>
              ))}
            </ul>
            <Link to="/log/yours">use them, or not</Link>
          </>
        )}
      </section>
      <section aria-label="Rush by rush">
        <RateAxis />
        {told.rushes.map((rush) => (
          <div key={rush.rush} className="after-rush">
            <p>
              <span className="after-name">{rush.words}</span>{" "}
              <span className="note">
                {rush.frames === 0
                  ? "nothing came home"
                  : `${thousands(rush.keepers)} of ${thousands(rush.frames)} sharp${
                      rush.promised === null ? "" : `, expected ${percent(rush.promised)}`
                    }`}
              </span>
            </p>
            <RateLine rate={rush} promised={rush.promised} />
          </div>
        ))}
        {told.losses.length > 0 && (
          <>
            <h2 className="counts-second">What frames are lost to</h2>
            <Losses losses={told.losses} />
            {told.cost !== null && <p>{told.cost}</p>}
          </>
        )}
      </section>
    </div>
  );
}
