import type { Units } from "../../api/types";
import { AimFigure } from "../../pane/AimFigure";
import { show } from "../../units/quantity";
import type { Sheet } from "./card";

/** The part of a card that is the same for whoever holds it: what to set, which button, where to aim, what changes it. */
export function SheetView({ sheet, units }: { sheet: Sheet; units: Units }) {
  const { distance } = sheet;
  return (
    <>
      <dl className="card-settings">
        {sheet.settings.map((setting, at) => (
          <div key={setting.name} className={at === 3 ? "card-setting card-word" : "card-setting"}>
            <dt>{setting.name}</dt>
            <dd>{setting.word}</dd>
          </div>
        ))}
      </dl>
      <p className="card-how">
        Button: <b>{sheet.button.how}</b>
        {sheet.button.seconds !== null && sheet.button.seconds > 0.5 ? `, ${sheet.button.seconds.toFixed(1)} s` : ""}.
        Aim at the <b>{sheet.aim.at}</b>
        {sheet.aim.place === "" ? "" : `, ${sheet.aim.place}`}.
      </p>
      <div className="card-body">
        <table className="said card-lines">
          <tbody>
            {sheet.lines
              .filter((line) => line.field !== "focus_mode")
              .map((line) => (
                <tr key={line.field} className={line.lacks ? "lacks" : ""}>
                  <th scope="row">{line.name}</th>
                  <td>
                    <span className="said-word">{line.word}</span> <span className="note card-where">{line.where}</span>
                    {line.note !== null && <span className="note fault card-note">{line.note}</span>}
                  </td>
                </tr>
              ))}
          </tbody>
        </table>
        <div className="card-side">
          <AimFigure figure={sheet.figure} aim={sheet.aim.at} />
          {sheet.zooms && (
            <p>
              Zoom at <b>{sheet.focal}</b>
            </p>
          )}
          {sheet.technique !== null && (
            <p>
              By hand: <b>{sheet.technique}</b>
              {sheet.trap_m !== null && (
                <>
                  , plane at <b>{show(sheet.trap_m, "length", units)}</b>
                </>
              )}
            </p>
          )}
          <p>
            Sharp at {show(distance.work_m, "length", units)}: {show(distance.sharp_near_m, "length", units)} –{" "}
            {show(distance.sharp_far_m, "length", units)}; blur budget {Math.round(sheet.budget * 100)} % used
          </p>
        </div>
      </div>
      {sheet.gave_way.length > 0 && <p className="gave-way">Gave way: {sheet.gave_way.join("; ")}.</p>}
      {sheet.tips.length > 0 && (
        <section className="card-tips">
          <h3>What changes it</h3>
          <ul>
            {sheet.tips.map((tip) => (
              <li key={tip.when}>
                {tip.when}: <b>{tip.then.join("; ")}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="cautions">
        {sheet.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </div>
    </>
  );
}
