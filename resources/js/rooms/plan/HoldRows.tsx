import type { ReactNode } from "react";
import type { Plan, Units } from "../../api/types";
import { holdText, type HoldField } from "../../hold/hold";
import { firstSentence } from "../../hold/sentences";
import { Reasoned } from "./Reason";
import type { FigureChange } from "../../session/usePutFigure";

type Props = {
  plan: Plan;
  /** How many levels the body's dial for waiting has. */
  levels: number;
  units: Units;
  /** Fields that matter most. */
  fast: ReadonlySet<string>;
  onAssumed: (change: FigureChange) => void;
};

/** The hold beside the exposure, one line a question: what to set, and the first thing to be said for it. */
export function HoldRows({ plan, levels, units, fast, onAssumed }: Props) {
  const { hold } = plan;
  const why = (field: HoldField): string =>
    firstSentence(plan.reasons.find((reason) => reason.field === field)?.why ?? "");
  const value = (field: HoldField, text: ReactNode = holdText(hold, field, units)): ReactNode => (
    <Reasoned key={field} plan={plan} field={field} units={units} className="hold-value" onAssumed={onAssumed}>
      <span data-field={field} className={fast.has(field) ? "fast" : undefined}>
        {text}
      </span>
    </Reasoned>
  );
  const detection =
    hold.detection.subject === "none"
      ? "no detection"
      : `${hold.detection.subject}${hold.detection.eye ? ", with eyes" : ", no eyes"}`;

  return (
    <dl className="hold" aria-label="The hold">
      <Row name="Focus" why={why(hold.manual_technique === null ? "focus_mode" : "manual_technique")}>
        {value("focus_mode")}
        {hold.manual_technique !== null && value("manual_technique")}
      </Row>
      <Row name="Area" why={why("area.pattern")}>
        {value("area.pattern")}
        {value("area.place", <span className="hold-small">{plan.pane.place === "" ? "centre" : plan.pane.place}</span>)}
        {value("frame", <span className="hold-small">camera {holdText(hold, "frame", units).toLowerCase()}</span>)}
      </Row>
      <Row name="Aim" why={why("aim")}>
        {value("aim")}
        {value("detection.subject", <span className="hold-small">{detection}</span>)}
      </Row>
      <Row name="Tracking" why={why("tuning.stay")}>
        {value("tuning.stay", <Dial name="stay" level={hold.tuning.stay} of={levels - 1} />)}
        {value("tuning.pace", <Dial name="pace" level={hold.tuning.pace} of={2} />)}
        {hold.tuning.pick !== null && value("tuning.pick", <span className="hold-small">pick {hold.tuning.pick}</span>)}
      </Row>
      <Row name="Drive" why={why("drive.burst")}>
        {value("drive.burst")}
        {value("drive.fps", <span className="hold-small">{holdText(hold, "drive.fps", units)}</span>)}
      </Row>
      <Row name="Stabiliser" why={why("stabiliser")}>
        {value("stabiliser")}
        {value(
          "limiter_m",
          <span className="hold-small">
            {hold.limiter_m === null ? "no limiter" : `limiter ${holdText(hold, "limiter_m", units)}`}
          </span>,
        )}
      </Row>
      <Row name="Buttons" why={why("scheme")}>
        {value("scheme")}
      </Row>
    </dl>
  );
}

function Row({ name, why, children }: { name: string; why: string; children: ReactNode }) {
  return (
    <div className="hold-row">
      <dt>{name}</dt>
      <dd className="hold-values">{children}</dd>
      <dd className="hold-why">{why}</dd>
    </div>
  );
}

/** A dial as a short row of blocks with its number. */
function Dial({ name, level, of }: { name: string; level: number | null; of: number }) {
  if (level === null) return <span className="hold-small">no {name} dial</span>;
  return (
    <span className="dial-row">
      {name} {level}
      <span className="blocks" aria-hidden="true">
        {Array.from({ length: Math.max(of, level) }, (_, at) => (
          <i key={at} className={at < level ? "block on" : "block"} />
        ))}
      </span>
    </span>
  );
}
