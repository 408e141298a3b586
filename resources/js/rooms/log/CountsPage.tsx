import { useQuery } from "@tanstack/react-query";
import { Fragment } from "react";
import { Link, useLocation, useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { MadeFiles } from "../../files/MadeFiles";
import { countedBy, outMost } from "../../generated/vocabulary";
import type { CountRate, CountRow, LogCounts } from "../../generated/answers";
import { percent } from "../../units/counts";
import { Choice } from "../../ui/Choice";
import { useTitle } from "../../ui/useTitle";
import { Compared } from "./Compared";
import { thousands } from "../../units/numbers";
import {
  askedOf,
  between,
  burstsOf,
  byWords,
  inOrder,
  isOrdered,
  narrowed,
  queryOf,
  searchOf,
  type Asked,
  type By,
  type Order,
} from "./counting";
import { LogHead } from "./LogHead";
import { Narrowing } from "./Narrowing";
import { RateAxis, RateLine } from "./RateLine";

const NOTHING = "nothing";

/** Shares of sharp frames by whatever they can be told apart by, each with its interval; two of them beside each other. */
export function CountsPage() {
  useTitle("Counts");
  const { search } = useLocation();
  const navigate = useNavigate();
  const asked = askedOf(new URLSearchParams(search));
  const { by, and, where } = asked;
  const go = (changed: Partial<Asked>): void => void navigate(`/log/counts${searchOf({ ...asked, ...changed })}`);
  const counts = useQuery({
    queryKey: ["log", "counts", by, and, where],
    queryFn: () => request("GET", `log/counts${queryOf(where, { by, and })}`),
    placeholderData: (old) => old,
    staleTime: 0,
  });
  const told = counts.data;
  return (
    <div className="log-room counts">
      <LogHead title="What the counts say" at="counts" />
      <p className="counts-sentence">
        Sharp frames by{" "}
        <Choice<string>
          label="Counted by"
          value={by}
          options={countedBy.map((one) => ({ value: one.value, words: one.words }))}
          onChange={(next) => go({ by: next as By, and: and === next ? null : and, beside: [], order: null })}
        />{" "}
        and{" "}
        <Choice<string>
          label="And by"
          value={and ?? NOTHING}
          options={[
            { value: NOTHING, words: "nothing else" },
            ...countedBy.filter((one) => one.value !== by).map((one) => ({ value: one.value, words: one.words })),
          ]}
          onChange={(next) => go({ and: next === NOTHING ? null : (next as By), beside: [] })}
        />{" "}
        of{" "}
        <Narrowing
          where={where}
          told={told?.where ?? []}
          onChange={(name, value) => go({ where: narrowed(where, name, value) })}
        />
      </p>
      {told === undefined ? (
        <p className="note empty" aria-busy="true">
          {counts.failureReason === null ? "Fetching the counts…" : `${counts.failureReason.message} Trying again…`}
        </p>
      ) : told.whole.frames === 0 ? (
        <p className="empty">
          {where.length === 0
            ? "Nothing has come home yet, so there is nothing to count."
            : "No burst is like that. Take something of it away."}
        </p>
      ) : (
        <Told told={told} asked={asked} isStale={counts.isPlaceholderData} onGo={go} />
      )}
    </div>
  );
}

type ToldProps = { told: LogCounts; asked: Asked; isStale: boolean; onGo: (changed: Partial<Asked>) => void };

function Told({ told, asked, isStale, onGo }: ToldProps) {
  const { by, and, beside, order } = asked;
  const one = told.by as By;
  const groups = and === null ? null : [...new Set(inOrder(told.rows, one, null).map((row) => row.value))];
  const picked = beside.filter((value) => told.rows.some((row) => row.value === value));
  const toggle = (value: string): void =>
    onGo({ beside: picked.includes(value) ? picked.filter((each) => each !== value) : [...picked, value].slice(-2) });
  const headings: { order: Order; words: string }[] = [
    { order: "standing", words: byWords[one] },
    { order: "high", words: "sharp" },
    { order: "frames", words: "frames" },
  ];
  const now = order ?? (isOrdered(one) ? "standing" : "frames");
  const press = (to: Order): void => onGo({ order: to === "high" && now === "high" ? "low" : to });
  const row = (each: CountRow, words: string, value: string, name: By) => (
    <tr
      key={`${each.value} ${each.other}`}
      className={picked.includes(each.value) && and === null ? "count-picked" : ""}
    >
      <th scope="row">
        <button
          type="button"
          className="count-name"
          aria-label={`${words}: count only these`}
          onClick={() => onGo({ where: narrowed(asked.where, name, value), beside: [] })}
        >
          {words}
        </button>
      </th>
      <td className="count-line">
        <RateLine rate={each} whole={told.whole.share} />
      </td>
      <RateCells rate={each} />
      <td className="count-acts">
        {and === null && (
          <button
            type="button"
            className="text-button"
            aria-pressed={picked.includes(each.value)}
            aria-label={`compare ${words}`}
            onClick={() => toggle(each.value)}
          >
            compare
          </button>
        )}
        <Link
          aria-label={`bursts of ${words}`}
          to={`/log${queryOf(
            and === null
              ? narrowed(asked.where, one, each.value)
              : narrowed(narrowed(asked.where, one, each.value), and, each.other ?? ""),
          )}`}
        >
          bursts
        </Link>
      </td>
    </tr>
  );
  return (
    <div aria-busy={isStale} className={isStale ? "stale" : ""}>
      <p className="counts-whole" data-testid="whole">
        <span className="counts-share">{percent(told.whole.share)}</span>
        <span>
          sharp of <b>{thousands(told.whole.frames)}</b> {told.whole.frames === 1 ? "frame" : "frames"} in{" "}
          {burstsOf(told.whole.bursts)}
          <span className="note">
            {" "}
            {between(told.whole.least, told.whole.most)} with 95 % sureness; frames of a burst live and die together, so
            these tell as much as {thousands(Math.round(told.whole.worth))} taken one by one.
          </span>
        </span>
      </p>
      {picked.length === 2 && and === null && (
        <Compared
          by={one}
          one={picked[0]!}
          other={picked[1]!}
          where={asked.where}
          onClose={() => onGo({ beside: [] })}
        />
      )}
      {picked.length === 1 && and === null && (
        <p className="note" role="status">
          Pick another {byWords[one]} to compare it with.
        </p>
      )}
      <table className="counts-table">
        <caption className="unseen">
          Sharp frames by {byWords[one]}
          {and === null ? "" : ` and ${byWords[and]}`}
        </caption>
        <thead>
          <tr>
            {headings.slice(0, 1).map((each) => (
              <Heading key={each.order} {...each} now={now} onPress={press} />
            ))}
            <td className="count-line">
              <RateAxis />
            </td>
            {headings.slice(1).map((each) => (
              <Heading key={each.order} {...each} now={now} onPress={press} />
            ))}
            <th scope="col">
              <span className="unseen">what to do</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {groups === null
            ? inOrder(told.rows, one, order).map((each) => row(each, each.words, each.value, one))
            : groups.map((value) => {
                const rows = told.rows.filter((each) => each.value === value);
                const inside = inOrder(
                  rows.map((each) => ({ ...each, value: each.other ?? "", group: each.value })),
                  and!,
                  order,
                );
                return (
                  <Fragment key={value}>
                    <tr className="count-group">
                      <th scope="rowgroup" colSpan={5}>
                        {rows[0]?.words}
                      </th>
                    </tr>
                    {inside.map((each) =>
                      row({ ...each, value: each.group }, each.other_words ?? "", each.other ?? "", and!),
                    )}
                  </Fragment>
                );
              })}
        </tbody>
      </table>
      {told.more > 0 && <p className="note">{thousands(told.more)} more with fewer frames are not shown.</p>}
      <p className="note">
        Dots are shares, lines their 95 % intervals; a ring is too little to go by.{" "}
        {by === told.by && now === "high" && "Highest first by what is sure: the lower end of the interval."}
        {now === "low" && "Lowest first by what is sure: the upper end of the interval."}
      </p>
      <div className="counts-out">
        {told.whole.frames > outMost ? (
          <span className="note">
            For other programs they come in files of {thousands(outMost)} frames at the most: narrow them down, by month
            for instance.
          </span>
        ) : (
          <MadeFiles
            path="log/out"
            query={queryOf(asked.where)}
            words="Write these frames for other programs"
            note="a table, the log and sidecars, in one zip"
            counted={["frame", "frames"]}
            label="Written for other programs"
          />
        )}
      </div>
    </div>
  );
}

export function RateCells({ rate }: { rate: CountRate }) {
  return (
    <>
      <td className="count-share">
        <b>{percent(rate.share)}</b> <span className="note">{between(rate.least, rate.most)}</span>
      </td>
      <td className="count-frames">
        {thousands(rate.frames)}
        <span className="note"> in {burstsOf(rate.bursts)}</span>
      </td>
    </>
  );
}

type HeadingProps = { order: Order; words: string; now: Order; onPress: (order: Order) => void };

function Heading({ order, words, now, onPress }: HeadingProps) {
  const isOn = now === order || (order === "high" && now === "low");
  const way = now === "low" || now === "standing" ? "ascending" : "descending";
  return (
    <th scope="col" aria-sort={isOn ? way : "none"}>
      <button type="button" onClick={() => onPress(order)}>
        {words}
        <span aria-hidden="true">{isOn ? (way === "ascending" ? " ▴" : " ▾") : ""}</span>
      </button>
    </th>
  );
}
