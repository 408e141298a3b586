import type { Dials, Plan } from "../../api/types";
import { parting } from "../../hold/parting";
import { count, percent, spread } from "../../units/counts";
import { type Estimate, type Remedies, type TriedEstimate } from "./rehearsal";
import { VerdictMark, verdictWords } from "./Verdicts";

type Props = {
  told: Estimate | undefined;
  /** What the plan promises. */
  odds: Plan["odds"];
  /** Whether it is of the hold before, while the new one is played. */
  stale: boolean;
  tried: TriedEstimate | undefined;
  helps: Remedies | undefined;
  wrong: string | null;
  onTry: (dials: Dials) => void;
};

/** What many passes tell: how many to expect, what the others die of, and which dial saves them. */
export function ExpectationPanel({ told, odds, stale, tried, helps, wrong, onTry }: Props) {
  if (told === undefined)
    return (
      <p className="told-wait note" aria-busy={wrong === null}>
        {wrong ?? "Playing two hundred passes…"}
      </p>
    );
  const shown = tried ?? told;
  const parts = tried === undefined && !stale ? parting(odds, told.keeper.share) : null;
  const worth = shown.losses.filter((loss) => loss.frames >= 0.05 * shown.frames);
  return (
    <section
      className={stale ? "told-rehearsal stale" : "told-rehearsal"}
      aria-label="What to expect"
      aria-busy={stale}
    >
      <div className="expect">
        <p className="expect-main" data-testid="expect">
          <span className="setting-name">sharp of {count(shown.frames)} frames</span>
          <span className="setting-value">{spread(shown.sharp_least, shown.sharp_most).replace(" to ", "–")}</span>
        </p>
        <p>
          <span className="setting-name">keepers</span>
          <span className="expect-small">{percent(shown.keeper.share)}</span>
          <span className="note">
            {percent(shown.keeper.least)} – {percent(shown.keeper.most)}
          </span>
        </p>
        <p>
          <span className="setting-name">at least one</span>
          <span className="expect-small">{percent(shown.at_least_one.share)}</span>
          <span className="note">of {shown.passes} passes</span>
        </p>
      </div>
      <div className="causes">
        {tried !== undefined && (
          <p className="tried-gain" data-testid="tried-gain">
            {tried.words}: <b>{gain(tried)}</b>
            {tried.dark_stops > 0 ? `, ${tried.dark_stops.toFixed(1)} stops dark` : `, ISO ${tried.iso}`}.
          </p>
        )}
        <Bar estimate={shown} />
        <ul>
          {worth.slice(0, 4).map((loss) => {
            const help = tried === undefined ? helps?.losses.find((one) => one.verdict === loss.verdict) : undefined;
            return (
              <li key={loss.verdict}>
                <VerdictMark verdict={loss.verdict} />
                <span>
                  {count(loss.frames)} {loss.frames < 1.05 && loss.frames > 0.95 ? "dies" : "die"} {loss.dies}
                  {help === undefined ? (
                    tried === undefined && (
                      <span className="note">
                        {helps === undefined
                          ? "; trying every dial…"
                          : `; no one dial saves them here. What treats them: ${loss.treated_by}.`}
                      </span>
                    )
                  ) : (
                    <>
                      :{" "}
                      <button type="button" className="text-button" onClick={() => onTry(help.dials)}>
                        {help.words}
                      </button>
                      saves {count(help.saves)}
                      <span className="note">
                        {help.dark_stops > 0
                          ? `, ${help.dark_stops.toFixed(1)} stops dark`
                          : "shutter_s" in help.dials || "f_number" in help.dials
                            ? `, ISO ${help.iso}`
                            : ""}
                      </span>
                    </>
                  )}
                </span>
              </li>
            );
          })}
          {worth.length === 0 && <li>Hardly any frame dies.</li>}
        </ul>
        {parts !== null && (
          <p className="note" data-testid="parting">
            {parts} The plan sums up chances; here they meet in time
            {worth[0] === undefined ? "" : `, and most frames that die do so ${worth[0].dies}`}. Trust this one.
          </p>
        )}
      </div>
    </section>
  );
}

/** All frames of a pass, the sharp ones first, then the lost ones by cause; each part carries its shape. */
function Bar({ estimate }: { estimate: Estimate | TriedEstimate }) {
  const parts = [
    { verdict: "sharp" as const, frames: estimate.sharp },
    ...estimate.losses.map(({ verdict, frames }) => ({ verdict, frames })),
  ].filter(({ frames }) => frames > 0.005 * estimate.frames);
  return (
    <div
      className="loss-bar"
      role="img"
      aria-label={parts.map(({ verdict, frames }) => `${count(frames)} ${verdictWords[verdict]}`).join(", ")}
    >
      {parts.map(({ verdict, frames }) => (
        <span
          key={verdict}
          className={verdict === "sharp" ? "loss loss-sharp" : "loss"}
          style={{ flexGrow: frames, flexBasis: 0 }}
        >
          {frames / estimate.frames > 0.035 && <VerdictMark verdict={verdict} />}
        </span>
      ))}
    </div>
  );
}

/** What a change is worth, in frames a pass; what chance may have made is not called a gain. */
export const gain = (tried: Pick<TriedEstimate, "gain">): string => {
  const { mean, half, telling } = tried.gain;
  if (!telling) return "not to be told apart from the hold as it is";
  const by = `${count(Math.abs(mean))} ${mean > 0 ? "more" : "fewer"} sharp a pass`;
  return half === null
    ? by
    : `${by} (${Math.max(0, Math.abs(mean) - half).toFixed(1)}–${(Math.abs(mean) + half).toFixed(1)})`;
};
