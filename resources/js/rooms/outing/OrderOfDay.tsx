import { Fragment, memo } from "react";
import { figures } from "../../units/quantity";
import { between, momentAt, type Day, type OrderOf, type Place, type Stay } from "./outing";

type Props = { day: Day; place: Place; onAt: (iso: string) => void; onPick: (rush: string) => void };

const waited = { water: "for the water", light: "for the light", hours: "for its hours" } as const;

/** Minutes as people say them: 40 min, 6 h 25 min. */
const lasting = (from: string, until: string): string => {
  const minutes = Math.round((Date.parse(until) - Date.parse(from)) / 60_000);
  const hours = Math.floor(minutes / 60);
  return [hours > 0 ? `${hours} h` : "", minutes % 60 > 0 || hours === 0 ? `${minutes % 60} min` : ""]
    .filter((one) => one !== "")
    .join(" ");
};

/** The ways of an order that lead to a stay, those before the next, and after the last those home. */
const waysAfter = (order: OrderOf, number: number): OrderOf["ways"] => {
  const from = number < 0 ? -Infinity : Date.parse(order.stays[number]!.until);
  const next = order.stays[number + 1];
  const until = next === undefined ? Infinity : Date.parse(next.from);
  return order.ways.filter((one) => Date.parse(one.leaves) >= from - 1 && Date.parse(one.arrives) <= until + 1);
};

/** What to work one after the other, what each turn gains, and what to look out for. */
export const OrderOfDay = memo(function OrderOfDay({ day, place, onAt, onPick }: Props) {
  const ground = "dry ground";
  const spotName = (id: string | null): string => place.spots.find((one) => one.id === id)?.name ?? ground;
  const ways = (number: number) =>
    waysAfter(day.order, number).map((one) => (
      <li key={one.leaves} className="order-way note">
        <span>{between({ from: one.leaves, until: one.arrives }, day)}</span>
        <span>
          on foot from {spotName(one.from_spot)} to {spotName(one.to_spot)}
        </span>
      </li>
    ));
  const wait = ({ wait: one }: Stay) =>
    one !== null && (
      <li className="order-way note">
        <span>{between(one, day)}</span>
        <span>
          {lasting(one.from, one.until)} at {spotName(one.spot)}, {waited[one.for]}
          {one.gain === null ? "" : `: it brings ${figures(one.gain, 2)} more than not waiting`}
        </span>
      </li>
    );
  return (
    <section className="order told" aria-label="The order of the day">
      <h2>The day in order</h2>
      {day.order.stays.length === 0 ? (
        <p className="note">{day.order.says}</p>
      ) : (
        <ol>
          {ways(-1)}
          {day.order.stays.map((one, number) => (
            <Fragment key={one.from}>
              <li>
                <button
                  type="button"
                  className="order-time"
                  onClick={() => {
                    onAt(one.from);
                    onPick(one.rush);
                  }}
                >
                  {between(one, day)}
                </button>
                <span>
                  {one.be_off !== null && <b className="fail order-off">Be off by {momentAt(one.be_off, day)}. </b>}
                  <b>{day.rushes.find((rush) => rush.id === one.rush)?.name}</b> from {spotName(one.spot)}
                  {one.water !== null && <span className="order-water">Water: {one.water}</span>}{" "}
                  <span className="note">
                    about {figures(one.worth, 2)} sharp frames
                    {one.gain === null ? "" : `; turning to it brings ${figures(one.gain, 2)} more than staying`}
                  </span>
                </span>
              </li>
              {wait(one)}
              {ways(number)}
            </Fragment>
          ))}
        </ol>
      )}
      {day.second !== null && <p className="note">{day.second.says}</p>}
      {day.says.map((one) => (
        <p key={one} className="note">
          {one}
        </p>
      ))}
      {(day.cautions.length > 0 || (place.notes ?? "") !== "") && (
        <ul className="outing-cautions">
          {(place.notes ?? "") !== "" && <li>{place.notes}</li>}
          {day.cautions.map((one) => (
            <li key={one}>{one}</li>
          ))}
        </ul>
      )}
    </section>
  );
});
