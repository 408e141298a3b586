import { Link } from "react-router-dom";
import type { RushRow, Units } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { useAccount } from "../../session/boot";
import { Choice } from "../../ui/Choice";
import { NumberField, TakeOut } from "../../ui/inputs";
import {
  clockAt,
  dayAt,
  freeId,
  type Along,
  type Day,
  type Expected,
  type Kept,
  type Place,
  type Spot,
} from "./outing";
import { TimeInput } from "./TimeInput";

type Props = {
  kept: Kept;
  place: Place;
  /** Null while they are on their way. */
  rows: RushRow[] | null;
  day: Day | null;
  onChange: (rushes: Expected[], gesture: string) => void;
  onWalks: (walks: Kept["walks"], gesture: string) => void;
};

const lights = [
  { value: "day", words: "in the light of the day" },
  { value: "own", words: "in light of its own" },
] as const;

/** The rushes expected: at which spot, in which hours, how often, how much they matter. */
export function ExpectedList({ kept, place, rows, day, onChange, onWalks }: Props) {
  const { units } = useAccount().user.settings;
  const spots = place.spots.map((one) => ({ value: one.id, words: one.name }));
  const put = (id: string, change: Partial<Expected>, what: string): void =>
    onChange(
      kept.rushes.map((one) => (one.id === id ? { ...one, ...change } : one)),
      newGesture(`${what}-${id}`),
    );
  const left = (rows ?? []).filter((row) => !kept.rushes.some((one) => one.rush_id === row.id));
  return (
    <section className="told" aria-label="Rushes expected">
      <h2>Rushes expected</h2>
      {kept.rushes.map((one) => {
        const row = rows?.find((each) => each.id === one.rush_id);
        const reckoned = day?.rushes.find((each) => each.id === one.id) ?? null;
        const name = row?.name ?? reckoned?.name ?? (rows === null ? "a rush" : "a rush that was deleted");
        const isGone = !place.spots.some((spot) => spot.id === one.spot);
        return (
          <div key={one.id} className="expected">
            <p className="expected-name">
              {row === undefined ? <b>{name}</b> : <Link to={`/plan/${row.id}`}>{name}</Link>}{" "}
              {reckoned !== null && <Told day={day!} rush={reckoned} />}
            </p>
            <div className="expected-fields">
              <span>
                from{" "}
                <Choice
                  label={`Spot of ${name}`}
                  value={one.spot}
                  options={isGone ? [{ value: one.spot, words: "a spot that is gone" }, ...spots] : spots}
                  onChange={(spot) => put(one.id, { spot }, "spot")}
                />
              </span>
              <span>
                between{" "}
                <TimeInput
                  label={`First hour of ${name}`}
                  value={one.from}
                  onChange={(from) => put(one.id, { from }, "first")}
                />{" "}
                and{" "}
                <TimeInput
                  label={`Last hour of ${name}`}
                  value={one.until}
                  onChange={(until) => put(one.id, { until }, "last")}
                />{" "}
                {reckoned !== null && <Hours day={day!} rush={reckoned} from={one.from} until={one.until} />}
              </span>
              <span>
                <NumberField
                  bare
                  label={`Chances an hour of ${name}`}
                  quantity="plain"
                  units={units}
                  value={one.per_hour}
                  range={[0, 3600]}
                  onChange={(per_hour) => put(one.id, { per_hour }, "often")}
                />{" "}
                chances an hour
              </span>
              <span>
                counts{" "}
                <NumberField
                  bare
                  label={`How much ${name} counts`}
                  quantity="plain"
                  units={units}
                  value={one.importance}
                  range={[0, 100]}
                  onChange={(importance) => put(one.id, { importance }, "counts")}
                />
                ×
              </span>
              <Choice
                label={`Light of ${name}`}
                value={one.own_light === true ? "own" : "day"}
                options={lights}
                onChange={(light) => put(one.id, { own_light: light === "own" }, "light")}
              />
              <TakeOut
                what={name}
                onClick={() =>
                  onChange(
                    kept.rushes.filter((each) => each.id !== one.id),
                    newGesture("out"),
                  )
                }
              />
            </div>
          </div>
        );
      })}
      {left.length > 0 && kept.rushes.length < 24 && (
        <Choice
          label="Expect another rush"
          value=""
          options={[
            { value: "", words: "Expect another rush …" },
            ...left.map((row) => ({ value: row.id, words: row.name })),
          ]}
          onChange={(rushId) => {
            const row = left.find((each) => each.id === rushId);
            if (row === undefined) return;
            onChange(
              [
                ...kept.rushes,
                {
                  id: freeId(
                    kept.rushes.map((one) => one.id),
                    row.name,
                  ),
                  rush_id: row.id,
                  spot: place.spots[0]!.id,
                  from: kept.from,
                  until: kept.until,
                  per_hour: 6,
                  importance: 1,
                },
              ],
              newGesture("expect"),
            );
          }}
        />
      )}
      <Walks kept={kept} place={place} day={day} units={units} onWalks={onWalks} />
      {rows?.length === 0 && (
        <p className="note">
          <Link to="/plan">Write a rush in Plan</Link> first: an outing is planned for what you expect.
        </p>
      )}
    </section>
  );
}

type RushProps = { day: Day; rush: Along };

/** What the water does at its spot, when its hold keeps its promise, and why it is not in the order: the water first. */
function Told({ day, rush }: RushProps) {
  const isLeftOut = !day.order.stays.some((one) => one.rush === rush.id);
  return (
    <>
      {rush.water !== null && <span className={isLeftOut ? "water-told fail" : "water-told"}>Water: {rush.water}</span>}{" "}
      <span className="note">
        {rush.says} {rush.why}
      </span>
    </>
  );
}

/** Of which day its hours are, where they lie past midnight; nothing while they are being typed. */
function Hours({ day, rush, from, until }: RushProps & { from: string; until: string }) {
  const [first] = rush.hours;
  const isTyped = first !== undefined && clockAt(first.from) === from && clockAt(first.until) === until;
  const [begins, ends] = isTyped ? [dayAt(first.from, day), dayAt(first.until, day)] : ["", ""];
  return begins === "" && ends === "" ? null : (
    <span className="next-day">
      {begins === ends ? ends : begins === "" ? `the last ${ends}` : `the first ${begins}`}
    </span>
  );
}

type WalksProps = Pick<Props, "kept" | "place" | "day" | "onWalks"> & { units: Units };

/** Minutes on foot between the spots that are in use; what nobody has typed is by the crow. */
function Walks({ kept, place, day, units, onWalks }: WalksProps) {
  const used = place.spots.filter((spot) => kept.rushes.some((one) => one.spot === spot.id));
  const pairs = used.flatMap((a, at) => used.slice(at + 1).map((b) => [a, b] as const));
  if (pairs.length === 0) return null;
  const isPair = (walk: { from: string; to: string }, a: Spot, b: Spot): boolean =>
    (walk.from === a.id && walk.to === b.id) || (walk.from === b.id && walk.to === a.id);
  return (
    <details className="walks">
      <summary>On foot between spots</summary>
      {pairs.map(([a, b]) => {
        const typed = kept.walks.find((walk) => isPair(walk, a, b));
        const reckoned = day?.walks.find((walk) => isPair(walk, a, b));
        const others = kept.walks.filter((walk) => !isPair(walk, a, b));
        return (
          <p key={`${a.id}${b.id}`} className="row-fields">
            {a.name} – {b.name}
            <NumberField
              bare
              label={`Minutes from ${a.name} to ${b.name}`}
              quantity="plain"
              units={units}
              value={typed?.minutes ?? null}
              range={[0, 600]}
              placeholder={reckoned === undefined || reckoned.typed ? "" : String(Math.ceil(reckoned.minutes))}
              onChange={(minutes) =>
                onWalks([...others, { from: a.id, to: b.id, minutes }], newGesture(`walk-${a.id}-${b.id}`))
              }
              onEmpty={() => onWalks(others, newGesture(`walk-${a.id}-${b.id}`))}
            />
            min
          </p>
        );
      })}
    </details>
  );
}
