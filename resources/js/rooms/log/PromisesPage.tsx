import { useQuery } from "@tanstack/react-query";
import { Link, useLocation, useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import type { CountLoss, LogPromises } from "../../generated/answers";
import { count, percent, spread } from "../../units/counts";
import { useTitle } from "../../ui/useTitle";
import { figures } from "../../units/quantity";
import { CalibrationPicture } from "./CalibrationPicture";
import { thousands } from "../../units/numbers";
import { between, burstsOf, narrowed, queryOf, whereOf } from "./counting";
import { LogHead } from "./LogHead";
import { Losses } from "./Losses";
import { Narrowing } from "./Narrowing";
import { RateAxis, RateLine } from "./RateLine";

/** What rehearsals promised beside what came home: how far to believe them, and what costs more than they expect. */
export function PromisesPage() {
  useTitle("Promises");
  const { search } = useLocation();
  const navigate = useNavigate();
  const where = whereOf(new URLSearchParams(search));
  const promises = useQuery({
    queryKey: ["log", "promises", where],
    queryFn: () => request("GET", `log/promises${queryOf(where)}`),
    placeholderData: (old) => old,
    staleTime: 0,
  });
  const told = promises.data;
  return (
    <div className="log-room counts">
      <LogHead title="Promised, and found" at="promises" />
      <p className="counts-sentence">
        What rehearsals expected of{" "}
        <Narrowing
          where={where}
          told={told?.where ?? []}
          onChange={(by, value) => void navigate(`/log/promises${queryOf(narrowed(where, by, value))}`)}
        />
      </p>
      {told === undefined ? (
        <p className="note empty" aria-busy="true">
          {promises.failureReason === null ? "Fetching…" : `${promises.failureReason.message} Trying again…`}
        </p>
      ) : told.calibration === null ? (
        <p className="empty">
          Nothing was promised for any of these bursts yet. Say in a burst which rush it was taken for: its plan, and
          what the rehearsal of that expects, are kept with it from then on.
        </p>
      ) : (
        <>
          <Calibration calibration={told.calibration} losses={told.losses} likely={told.likely} />
          <section aria-label="Rush by rush">
            <h2 className="counts-second">Rush by rush</h2>
            {told.rushes.map((rush) => (
              <Rush key={rush.rush} rush={rush} />
            ))}
          </section>
        </>
      )}
    </div>
  );
}

type Told = NonNullable<LogPromises["calibration"]>;

function Calibration({
  calibration,
  losses,
  likely,
}: {
  calibration: Told;
  losses: CountLoss[];
  likely: LogPromises["likely"];
}) {
  const { found, promised } = calibration;
  const off = promised - found.share;
  return (
    <div className="calibration">
      <div>
        <p className="counts-whole" data-testid="promised">
          <span className="counts-share">{percent(promised)}</span>
          <span>promised</span>
          <span className="counts-share live">{percent(found.share)}</span>
          <span>
            found
            <span className="note"> {between(found.least, found.most)}</span>
          </span>
        </p>
        <p className="calibration-words">
          {calibration.is_off
            ? `Rehearsals promise ${off > 0 ? "too much" : "too little"}: ${Math.abs(Math.round(100 * off))} frames in a hundred, and that is more than chance.`
            : "What was promised lies within what was found."}
        </p>
        <p className="note">
          {thousands(found.frames)} frames in {burstsOf(found.bursts)} of which a rush is known.
        </p>
        <h2 className="counts-second">What frames are lost to</h2>
        <Losses losses={losses} />
        {likely !== null && <Likely likely={likely} />}
        <dl className="score">
          <dt>score</dt>
          <dd>
            <b>{calibration.score.toFixed(3)}</b> 0 where every promise comes true, 0.25 for a coin
          </dd>
          <dt>off</dt>
          <dd>
            <b>+ {calibration.off.toFixed(3)}</b> promises are not what is found
          </dd>
          <dt>apart</dt>
          <dd>
            <b>− {calibration.apart.toFixed(3)}</b> they tell good chances from bad ones
          </dd>
          <dt>luck</dt>
          <dd>
            <b>+ {calibration.luck.toFixed(3)}</b> what no promise could know
          </dd>
        </dl>
      </div>
      <CalibrationPicture tenths={calibration.tenths} />
    </div>
  );
}

/** Which assumption is likely behind what is lost otherwise than expected, and what it would have to be. */
function Likely({ likely }: { likely: NonNullable<LogPromises["likely"]> }) {
  const way = likely.found > likely.promised ? "more" : "less";
  return (
    <p className="likely" data-testid="likely">
      Furthest off: {likely.words}, {way} than expected.{" "}
      {likely.meaning === null || likely.value === null || likely.assumed === null ? (
        <>No figure of yours speaks of that yet.</>
      ) : (
        <>
          Likely behind it: {likely.meaning.charAt(0).toLowerCase() + likely.meaning.slice(1)}. It would have to be{" "}
          <b>{figures(likely.value)}</b>
          {likely.unit === "" ? "" : ` ${likely.unit}`}, where {figures(likely.assumed)} is assumed.{" "}
          {likely.is_on ? "Plans use yours since." : <Link to="/log/yours">Use it, or not</Link>}
        </>
      )}
    </p>
  );
}

function Rush({ rush }: { rush: LogPromises["rushes"][number] }) {
  const isOff = rush.promised < rush.found.least || rush.promised > rush.found.most;
  return (
    <article className="promise-rush">
      <h3>
        <Link to={`/plan/${rush.rush}`}>{rush.words}</Link>
      </h3>
      <p>
        Rehearsal expected <b>{spread(rush.usually_least, rush.usually_most)}</b> of {count(rush.frames_a_pass)} sharp;
        you brought{" "}
        <b>
          {thousands(rush.found.keepers)} of {thousands(rush.found.frames)}
        </b>{" "}
        in {burstsOf(rush.found.bursts)}.{" "}
        <span className="note">
          {isOff
            ? `Promised ${percent(rush.promised)}, found ${between(rush.found.least, rush.found.most)}.`
            : "The two agree, as far as can be told."}
        </span>
      </p>
      <div className="promise-line">
        <RateAxis />
        <RateLine rate={rush.found} promised={rush.promised} />
      </div>
      <Losses losses={rush.losses} />
    </article>
  );
}
