import { memo } from "react";
import type { Units } from "../../api/types";
import { areaNames } from "../../hold/hold";
import { figures, show, shutter } from "../../units/quantity";
import { between, clockAt, momentAt, type Band, type Day } from "./outing";

/** What lasts less is left to the screen. */
const LEAST_MINUTES = 15;

const lasts = ({ from, until }: Band): number => (Date.parse(until) - Date.parse(from)) / 60_000;

/** The holds of the day as a table, for paper: what the hand tells on a screen has to stand there all at once. */
export const HoldsOnPaper = memo(function HoldsOnPaper({ day, units }: { day: Day; units: Units }) {
  return (
    <table className="holds-paper" aria-hidden="true">
      <tbody>
        {day.rushes.map((rush) => {
          const bands = rush.bands.filter(
            (band) => band.hold !== null && band.share_most >= 0.02 && lasts(band) >= LEAST_MINUTES,
          );
          return [
            rush.water !== null && (
              <tr key={`${rush.id}-water`}>
                <th scope="row">{rush.name}</th>
                <td colSpan={4}>
                  <b>Water: {rush.water}</b>
                </td>
              </tr>
            ),
            ...bands.map((band, at) => (
              <tr key={`${rush.id}${band.from}`}>
                <th scope="row">{at === 0 && rush.water === null ? rush.name : ""}</th>
                <td>{between(band, day)}</td>
                <td>
                  {shutter(band.hold!.shutter_s)} f/{figures(band.hold!.f_number)} ISO {band.iso_least}
                  {band.iso_most > band.iso_least ? `–${band.iso_most}` : ""}
                </td>
                <td>{areaNames[band.hold!.area.pattern].toLowerCase()}</td>
                <td>{band.gave_way.map((one) => one.what).join("; ")}</td>
              </tr>
            )),
          ];
        })}
        <tr>
          <th scope="row">Shimmer</th>
          <td colSpan={4}>
            {day.moments
              .filter((one) => clockAt(one.at).endsWith(":00") && one.reach_m !== null)
              .map((one) => `${momentAt(one.at, day)} to ${show(one.reach_m!, "length", units, 2)}`)
              .join(", ") || "sets no limit"}
          </td>
        </tr>
      </tbody>
    </table>
  );
});
