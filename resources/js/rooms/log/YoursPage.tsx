import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router-dom";
import { request } from "../../api/client";
import type { LogLearnt } from "../../generated/answers";
import { useAccount } from "../../session/boot";
import { inTurn } from "../../session/inTurn";
import { useTitle } from "../../ui/useTitle";
import { figures as shown } from "../../units/quantity";
import { thousands } from "../../units/numbers";
import { burstsOf } from "./counting";
import { ASK_MS } from "./log";
import { LogHead } from "./LogHead";

type Figure = LogLearnt["figures"][number];

/** An aim is told in thousandths of its distance. */
const bare = (value: number, unit: string): string => shown(unit === "rad" ? 1000 * value : value, 3);
const inWords = (value: number, unit: string): string =>
  `${bare(value, unit)} ${unit === "rad" ? "mrad" : unit}`.trim();

/** From so many bursts on a figure is something to go by. */
const BURSTS = 3;

/** What a body blurs: frames are judged with it, and no plan rests on it. */
const isOfBody = (one: Figure): boolean => one.name.startsWith("floor.");
const isThin = (one: Figure): boolean => !isOfBody(one) && one.bursts < BURSTS;

const groups = [
  { words: "What speaks against the assumed", has: (one: Figure) => !isOfBody(one) && !isThin(one) && one.is_apart },
  { words: "As assumed, as far as can be told", has: (one: Figure) => !isOfBody(one) && !isThin(one) && !one.is_apart },
  { words: "Too little to go by yet", has: isThin },
  { words: "What your bodies blur", has: isOfBody },
];

const queryKey = ["log", "learnt"];

/** What the person's own frames tell of them, beside what is assumed of everybody; each used or not. */
export function YoursPage() {
  useTitle("Yours");
  const { takeUser } = useAccount();
  const client = useQueryClient();
  const learnt = useQuery({
    queryKey,
    queryFn: () => request("GET", "log/learnt"),
    staleTime: 0,
    refetchInterval: ({ state: { data } }) =>
      data?.judging?.status === "running" || data?.learning?.status === "running" ? ASK_MS : false,
  });
  const turn = useMutation({
    mutationFn: ({ name, is_on }: Pick<Figure, "name" | "is_on">) =>
      inTurn(() => request("PUT", `log/learnt/${encodeURIComponent(name)}`, { is_on })),
    onSuccess: (told) => {
      client.setQueryData(queryKey, told);
      takeUser({ learnt: told.learnt });
    },
  });
  const told = learnt.data;
  return (
    <div className="log-room counts">
      <LogHead title="Yours instead of assumed" at="yours" />
      <p className="yours-intro">
        Plans assume of everybody the same. Your frames tell how <em>you</em> pan, aim and follow, which area your focus
        strays from, and how bright your places are: switch a figure on, and every plan, rehearsal, card and day reckons
        with it.
      </p>
      {told === undefined ? (
        <p className="note empty" aria-busy="true">
          {learnt.failureReason === null
            ? "Looking through your frames…"
            : `${learnt.failureReason.message} Trying again…`}
        </p>
      ) : told.figures.length === 0 && told.learning?.status === "running" ? (
        <p className="note empty" aria-busy="true">
          Looking through your frames…
        </p>
      ) : told.figures.length === 0 ? (
        <p className="empty">
          No frame tells anything of you yet. Say in a burst which rush it was taken for; figures of the aim need three
          bursts of one rush.
        </p>
      ) : (
        groups.map(({ words, has }) => {
          const inIt = told.figures.filter(has).sort((a, b) => b.frames - a.frames);
          return inIt.length === 0 ? null : (
            <section key={words} aria-label={words}>
              <h2 className="counts-second">{words}</h2>
              <ul>
                {inIt.map((figure) => (
                  <Row
                    key={figure.name}
                    figure={figure}
                    isBusy={turn.isPending}
                    onTurn={(is_on) => turn.mutate({ name: figure.name, is_on })}
                  />
                ))}
              </ul>
            </section>
          );
        })
      )}
      {told !== undefined && told.figures.length > 0 && told.learning?.status === "running" && (
        <p className="intake-line" role="status">
          Frames have come or gone since: they are being looked through again.
        </p>
      )}
      {told?.learning?.status === "failed" && <p className="note fault">{told.learning.problem}</p>}
      {told?.judging?.status === "running" && (
        <p className="intake-line">
          <b>
            Judging the bursts of {told.judging.body} again: {told.judging.done} of {told.judging.whole}
          </b>
          <progress max={Math.max(1, told.judging.whole)} value={told.judging.done} aria-label="Bursts judged again" />
        </p>
      )}
      {turn.isError && <p className="note fault">{turn.error.message}</p>}
    </div>
  );
}

function Row({ figure, isBusy, onTurn }: { figure: Figure; isBusy: boolean; onTurn: (isOn: boolean) => void }) {
  const { value, least, most, assumed, unit } = figure;
  // what was said of it stays, and counts again as soon as frames tell it
  const isSilent = figure.frames === 0;
  const ends = [Math.min(least, assumed), Math.max(most, assumed)] as const;
  const edge = 0.12 * Math.max(1e-9, ends[1] - ends[0]);
  const at = (of: number): string => `${(100 * (of - ends[0] + edge)) / (ends[1] - ends[0] + 2 * edge)}%`;
  const wide = (100 * (most - least)) / (ends[1] - ends[0] + 2 * edge);
  return (
    <li className={figure.is_on ? "yours on" : "yours"}>
      <div className="yours-told">
        <h3>{figure.meaning}</h3>
        <p>
          <b className="yours-value">{inWords(isSilent ? assumed : value, unit)}</b>
          <span className="note">
            {isSilent ? (
              `assumed: no frame tells it just now. It was ${bare(value, unit)}`
            ) : (
              <>
                {bare(least, unit)} – {bare(most, unit)}; assumed {bare(assumed, unit)}
              </>
            )}
          </span>
        </p>
      </div>
      <span className="rate-line" aria-hidden="true">
        {!isSilent && <i className="rate-reach" style={{ left: at(least), width: `${wide}%` }} />}
        <i className="rate-promised" style={{ left: at(assumed) }} />
        {!isSilent && <i className={figure.is_apart ? "rate-dot" : "rate-dot thin"} style={{ left: at(value) }} />}
      </span>
      <div className="yours-from">
        <p hidden={isSilent}>
          {isOfBody(figure) ? (
            <Link to={`/log?${new URLSearchParams({ body: figure.name.slice("floor.".length) })}`}>
              from {thousands(figure.frames)} frames
            </Link>
          ) : (
            <Link to={`/log?of=${figure.name}`}>
              from {thousands(figure.frames)} frames in {burstsOf(figure.bursts)}
            </Link>
          )}
          <span className="note">
            {" "}
            {isOfBody(figure)
              ? `Taken off the blur of its frames; that it blurs nothing still counts as ${shown(figure.worth, 2)}`
              : `The assumed figure still counts as ${shown(figure.worth, 2)} of them`}
            {figure.kept_out > 0 && (
              <>
                ;{" "}
                <Link to={`/log?of=${figure.name}&beside=yes`}>
                  {thousands(figure.kept_out)} that tell something else
                </Link>{" "}
                {figure.kept_out === 1 ? "is" : "are"} kept out
              </>
            )}
            .
          </span>
        </p>
      </div>
      <label className="has">
        <input
          type="checkbox"
          checked={figure.is_on}
          disabled={isBusy}
          aria-label={`Use yours: ${figure.meaning}`}
          onChange={(event) => onTurn(event.target.checked)}
        />
        use yours
      </label>
    </li>
  );
}
