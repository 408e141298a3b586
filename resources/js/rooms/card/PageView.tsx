import type { Units } from "../../api/types";
import { Routine } from "../../hold/Routine";
import { AimFigure } from "./AimFigure";
import { withArticle } from "../../units/wording";
import { show } from "../../units/quantity";
import type { Page } from "./card";

/** The part of a card that is the same for whoever holds it: what to set, which button, where to aim, what changes it. */
export function PageView({ page, spot, units }: { page: Page; spot?: string | null; units: Units }) {
  const { distance } = page;
  return (
    <>
      {(page.water ?? null) !== null && (
        <p className="card-water">
          <b>Water.</b> {page.water} <span className="note">The official table and local rules go before this.</span>
        </p>
      )}
      {page.about !== undefined && (
        <p className="card-about">
          For {withArticle(page.about.called)}, {show(page.about.length_m, "length", units)} long, at{" "}
          {show(page.about.speed_mps, "speed", units)}, {show(distance.work_m, "length", units)} away.
        </p>
      )}
      {page.hours !== null && <Hours hours={page.hours} spot={spot ?? null} />}
      <dl className="card-settings">
        {page.settings.map((setting, at) => (
          <div key={setting.name} className={at === 3 ? "card-setting card-word" : "card-setting"}>
            <dt>{setting.name}</dt>
            <dd>{setting.word}</dd>
          </div>
        ))}
      </dl>
      <p className="card-how">
        Button: <b>{page.button.how}</b>
        {page.button.seconds !== null && page.button.seconds > 0.5 ? `, ${page.button.seconds.toFixed(1)} s` : ""}.{" "}
        {page.button.brings?.length > 0 && (
          <>The key brings: {page.button.brings.map((one) => `${one.name} ${one.word}`).join(", ")}. </>
        )}
        Aim at the <b>{page.aim.at}</b>
        {page.aim.place === "" ? "" : `, ${page.aim.place}`}.{" "}
        {page.frame === "portrait" && (
          <>
            Camera <b>upright</b>.
          </>
        )}
      </p>
      <div className="card-body">
        <table className="said card-lines">
          <tbody>
            {page.lines
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
          <AimFigure figure={page.figure} aim={page.aim.at} />
          {page.zooms && (
            <p>
              Zoom at <b>{page.focal}</b>
            </p>
          )}
          {page.technique !== null && (
            <p>
              By hand: <b>{page.technique}</b>
              {page.trap_m !== null && (
                <>
                  , plane at <b>{show(page.trap_m, "length", units)}</b>
                </>
              )}
            </p>
          )}
          <p>
            Sharp at {show(distance.work_m, "length", units)}: {show(distance.sharp_near_m, "length", units)} –{" "}
            {show(distance.sharp_far_m, "length", units)}; blur budget {Math.round(page.budget * 100)} % used
          </p>
        </div>
      </div>
      {page.fast?.length > 0 && (
        <section className="card-fast">
          <h3>Do not touch</h3>
          <ul>
            {page.fast.map((one) => (
              <li key={one.name}>
                <b>{one.name}</b> <span className="note">{one.words}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      {page.routine !== undefined && <Routine routine={page.routine} />}
      {page.gave_way.length > 0 && <p className="gave-way">Gave way: {page.gave_way.join("; ")}.</p>}
      {page.tips.length > 0 && (
        <section className="card-tips">
          <h3>What changes it</h3>
          <ul>
            {page.tips.map((tip) => (
              <li key={tip.when}>
                {tip.when}: <b>{tip.then.join("; ")}</b>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="cautions">
        {page.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </div>
    </>
  );
}

/** Holds of a day that a card tells one by one; what is more of them is only counted. */
const HOLDS = 6;

/** When it is set on a day out, for which light, and what is right from when on. */
function Hours({ hours, spot }: { hours: NonNullable<Page["hours"]>; spot: string | null }) {
  return (
    <div className="card-hours">
      <p>
        <b>
          {hours.from}–{hours.until}
        </b>
        {spot !== null && ` from ${spot}`}
        {!hours.has_turn && ", if it comes: it has no turn of its own"}. Set for {hours.at}: EV {hours.ev100.toFixed(1)}
        , {hours.light}.
      </p>
      {hours.holds.length > 1 && (
        <ol>
          {hours.holds.slice(0, HOLDS).map((one) => (
            <li key={one.from}>
              <b>{one.from}</b> {one.words}
            </li>
          ))}
          {hours.holds.length > HOLDS && <li>and {hours.holds.length - HOLDS} more changes</li>}
        </ol>
      )}
    </div>
  );
}
