import { useEffect, useMemo, type ReactNode } from "react";
import type { Plan, Units } from "../../api/types";
import { tied } from "../../hold/sentences";
import { figures, show, shutter } from "../../units/quantity";
import { Budget } from "./Budget";
import { Frontier } from "./Frontier";
import { HoldRows } from "./HoldRows";
import type { FrontierPoint, Help, Outlook } from "./outlook";
import { Routine } from "../../hold/Routine";
import { Helps, Touches } from "./OutlookPart";
import { Explained, type WorkingOf } from "./Working";
import type { FigureChange } from "../../session/usePutFigure";

type Props = {
  plan: Plan;
  /** How many levels the body's dial for waiting has. */
  levels: number;
  units: Units;
  stale: boolean;
  /** The frame, beside the hold. */
  pane: ReactNode;
  /** What it may look forward to, once that has been tried. */
  outlook: Outlook | undefined;
  /** Whether that is being tried. */
  trying: boolean;
  onHelp: (help: Help) => void;
  onExposure: (point: FrontierPoint) => void;
  /** What follows below: other answers, other schools. */
  more: ReactNode;
  onAssumed: (change: FigureChange) => void;
};

/** What to set, large; why, in words; the frame; and the numbers it rests on. */
export function Answer(props: Props) {
  const { plan, levels, units, stale, pane, outlook, trying, more, onAssumed } = props;
  const { hold, numbers } = plan;
  const fast = useMemo(
    () => new Set(outlook?.touches.filter((touch) => touch.matters).map((touch) => touch.field)),
    [outlook],
  );

  // when the first answer stood on the screen, for bin/bench and for anybody's own tools
  useEffect(() => {
    if (performance.getEntriesByName("answer-shown").length === 0) performance.mark("answer-shown");
  }, []);

  const working = (figure: string): WorkingOf | undefined => plan.workings.find((entry) => entry.figure === figure);
  const why = (field: string): string => {
    const found = plan.reasons.find((entry) => entry.field === field);
    if (found === undefined) return "";
    return tied(found.school === null ? found.why : `${found.why} (School, ${found.school}.)`);
  };

  const depth = numbers.depth.depth_m;
  const figuresShown: { figure: string; name: string; value: string; note: string }[] = [
    {
      figure: "depth",
      name: "sharp from front to back",
      value: show(depth, "length", units),
      note: `${show(numbers.depth.near_m, "length", units, 4)} – ${show(numbers.depth.far_m, "length", units, 4)}`,
    },
    {
      figure: "lag_error_m",
      name: "focus error over the lag",
      value: numbers.lag_error_m < 0.0001 ? "none" : show(numbers.lag_error_m, "length", units),
      note: depth === null || depth === 0 ? "" : share((numbers.lag_error_m / depth) * 2),
    },
    {
      figure: "subject_fraction_of_frame",
      name: "its length in the frame",
      value: `${figures(numbers.subject_fraction_of_frame * 100, 2)} %`,
      note: `${figures(numbers.subject_px, 3)} px`,
    },
    {
      figure: "frame_crossing_s",
      name: numbers.frame_crossing_s === null ? "across a still frame" : "crosses a still frame in",
      value: numbers.frame_crossing_s === null ? "it does not cross" : `${figures(numbers.frame_crossing_s, 2)} s`,
      note: `pan at ${figures(numbers.pan_rate_deg_s, 2)}° a second`,
    },
    {
      figure: "residual_speed_mps",
      name: "speed left on the sensor",
      value: show(numbers.residual_speed_mps, "speed", units, 2),
      note: `${figures((numbers.residual_speed_mps * 1000 * numbers.magnification) / numbers.pixel_mm / 1000, 2)} px a millisecond`,
    },
    {
      figure: "hyperfocal_m",
      name: "hyperfocal distance",
      value: show(numbers.hyperfocal_m, "length", units),
      note: `${figures(numbers.effective_focal_mm)} mm, f/${figures(hold.f_number)}`,
    },
  ];

  const used = numbers.blur_mm.total / numbers.blur_mm.limit;
  return (
    <div className={stale ? "answer stale" : "answer"} data-testid="answer" aria-busy={stale}>
      {plan.odds.poor && (
        <section className="poor" aria-label="The odds">
          <h2>{tied(plan.odds.words)}</h2>
          <p>What would help most:</p>
          <Helps outlook={outlook} wait={trying} onTake={props.onHelp} />
        </section>
      )}
      <div className="columns first">
        <div>
          <div className="settings">
            <Setting
              name="shutter"
              field="shutter_s"
              value={shutter(hold.shutter_s)}
              fast={fast.has("shutter_s")}
              working={working("shutter_s")}
              units={units}
              onAssumed={onAssumed}
            />
            <Setting
              name="aperture"
              field="f_number"
              value={`f/${figures(hold.f_number)}`}
              fast={fast.has("f_number")}
              working={working("f_number")}
              units={units}
              onAssumed={onAssumed}
            />
            <Setting
              name={
                numbers.light_shortfall_stops > 0
                  ? `ISO, ${figures(numbers.light_shortfall_stops, 2)} stops short`
                  : "ISO"
              }
              field="iso"
              value={String(hold.iso)}
              working={working("iso")}
              units={units}
              fail={numbers.light_shortfall_stops > 0}
              onAssumed={onAssumed}
            />
            <div className="beside">
              {outlook !== undefined && outlook.frontier.length > 1 ? (
                <Frontier points={outlook.frontier} passes={outlook.passes} onTake={props.onExposure} />
              ) : (
                <p className={used > 1.005 ? "margin over" : "margin"}>
                  blur budget
                  <br />
                  {Math.round(used * 100)} % {used > 1.005 ? "— over" : "used"}
                </p>
              )}
            </div>
          </div>
          {/* the line stays when there is nothing to tell, so that nothing below it jumps */}
          {plan.concessions.length === 0 ? (
            <p className="gave-way none">Nothing had to give way.</p>
          ) : (
            <p className="gave-way">
              <b>Gave way:</b> {plan.concessions.map((concession) => concession.what).join("; ")}.{" "}
              <a href="#gave-way">why</a>
            </p>
          )}
          <HoldRows plan={plan} levels={levels} units={units} fast={fast} onAssumed={onAssumed} />
        </div>
        <div>{pane}</div>
      </div>
      <div className="columns">
        <div>
          {plan.concessions.length > 0 && (
            <section className="concessions" aria-label="What gave way" id="gave-way">
              <h2>What gave way, in order</h2>
              <ol>
                {plan.concessions.map((concession, at) => (
                  <li key={at}>
                    <b>{concession.what}</b> <span className="price">{price(concession)}</span>
                    <span className="because">{concession.why}</span>
                  </li>
                ))}
              </ol>
            </section>
          )}
          {plan.ways_out.length > 0 && (
            <section className="told" aria-label="Ways out for the group">
              <h2>For all of them to be sharp</h2>
              <ul className="plain">
                {plan.ways_out.map((way) => (
                  <li key={way.way}>
                    <b>{way.what}.</b> {way.why}
                  </li>
                ))}
              </ul>
            </section>
          )}
          <section className="told" aria-label="What to do">
            <h2>What to do, in order</h2>
            <Routine routine={plan.routine} />
          </section>
          <section className="told" aria-label="Why this exposure">
            <h2>Why this exposure</h2>
            <ul className="reasons">
              <Why name="Shutter" text={why("shutter_s")} />
              <Why name="Aperture" text={why("f_number")} />
              <Why name="ISO" text={why("iso")} />
              <Why name="Camera" text={why("frame")} />
              <Why name="Zoom" text={why("focal_mm")} />
              <Why name="Hand" text={why("manual_technique")} />
            </ul>
          </section>
        </div>
        <div>
          <Budget plan={plan} units={units} onAssumed={onAssumed} />
          <div className="figures">
            {figuresShown.map((figure) => (
              <Explained
                key={figure.figure}
                working={working(figure.figure)}
                units={units}
                className="figure"
                onAssumed={onAssumed}
              >
                <span className="figure-name">{figure.name}</span>
                <span className="figure-value">{figure.value}</span>
                <span className="figure-note">{figure.note}</span>
              </Explained>
            ))}
          </div>
          <section className="told" aria-label="What not to touch">
            <h2>What not to touch</h2>
            <Touches outlook={outlook} />
          </section>
          {!plan.odds.poor && (
            <section className="told" aria-label="What would help most">
              <h2>What would help most</h2>
              <p className="note">{tied(plan.odds.words)}</p>
              <Helps outlook={outlook} wait={trying} onTake={props.onHelp} />
            </section>
          )}
        </div>
      </div>
      {more}
      <section className="cautions" aria-label="Cautions">
        {plan.cautions.map((caution) => (
          <p key={caution}>{caution}</p>
        ))}
      </section>
    </div>
  );
}

const share = (part: number): string =>
  part < 0.01 ? "next to nothing" : `${figures(part * 100, 2)} % of the half depth`;

/** What it costs; where the stops themselves are the news, they are not said twice. */
const price = ({ step, cost_stops, cost_mm }: Plan["concessions"][number]): string => {
  const stops = figures(cost_stops, 2);
  const light =
    step === "light" || step === "overexposure" || cost_stops < 0.05
      ? ""
      : `gains ${stops} ${stops === "1" ? "stop" : "stops"}`;
  const blur = cost_mm > 0 ? `${figures(cost_mm * 1000, 2)} µm more blur` : "";
  return [light, blur].filter(Boolean).join(", ");
};

function Setting(props: {
  name: string;
  field: string;
  value: string;
  working: WorkingOf | undefined;
  units: Units;
  fail?: boolean;
  /** Whether it is among what matters most. */
  fast?: boolean;
  onAssumed: (change: FigureChange) => void;
}) {
  return (
    <Explained working={props.working} units={props.units} className="setting" onAssumed={props.onAssumed}>
      <span className={props.fail === true ? "setting-name fail" : "setting-name"}>{props.name}</span>
      <span className={props.fast === true ? "setting-value fast" : "setting-value"} data-field={props.field}>
        {props.value}
      </span>
    </Explained>
  );
}

function Why({ name, value, text }: { name: string; value?: string; text: string }) {
  return (
    <li>
      <span className="why-name">{name}</span>
      <span className="why-text">
        {value !== undefined && <b>{value}. </b>}
        {text}
      </span>
    </li>
  );
}
