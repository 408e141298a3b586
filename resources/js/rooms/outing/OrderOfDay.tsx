import { memo } from "react";
import { figures } from "../../units/quantity";
import { clockAt, type Day, type Place } from "./outing";

type Props = { day: Day; place: Place; onAt: (iso: string) => void; onPick: (rush: string) => void };

/** What to work one after the other, what each turn gains, and what to look out for. */
export const OrderOfDay = memo(function OrderOfDay({ day, place, onAt, onPick }: Props) {
  const spotName = (id: string): string => place.spots.find((one) => one.id === id)?.name ?? id;
  const share = day.second === null || day.order.worth <= 0 ? null : day.second.worth / day.order.worth;
  return (
    <section className="order told" aria-label="The order of the day">
      <h2>The day in order</h2>
      {day.order.stays.length === 0 ? (
        <p className="note">
          {day.rushes.length === 0
            ? "Say which rushes you expect, and when."
            : "Nothing expected comes out in these hours."}
        </p>
      ) : (
        <ol>
          {day.order.stays.map((one) => (
            <li key={one.from}>
              <button
                type="button"
                className="order-time"
                onClick={() => {
                  onAt(one.from);
                  onPick(one.rush);
                }}
              >
                {clockAt(one.from)} – {clockAt(one.until)}
              </button>
              <span>
                <b>{day.rushes.find((rush) => rush.id === one.rush)?.name}</b> from {spotName(one.spot)}
                <span className="note">
                  {" "}
                  about {figures(one.worth, 2)} sharp frames
                  {one.gain === null ? "" : `; turning to it brings ${figures(one.gain, 2)} more than staying`}
                  {one.walk_minutes === null || one.walk_minutes < 0.5
                    ? ""
                    : `; then ${Math.round(one.walk_minutes)} min on foot`}
                </span>
              </span>
            </li>
          ))}
        </ol>
      )}
      {share !== null && <p className="note">{day.says.find((one) => one.startsWith("Should ")) ?? ""}</p>}
      {day.says
        .filter(
          (one) => !one.startsWith("Should ") && !/^\d\d:\d\d to /.test(one) && !one.startsWith("Nothing expected"),
        )
        .map((one) => (
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
