import type { ReactNode } from "react";
import type { Plan, Units } from "../../api/types";
import { Explanation } from "../../glossary/Explanation";
import { PopupButton } from "../../ui/PopupButton";
import { tied } from "../../hold/sentences";
import { areaNames, holdFields, holdText, type HoldField } from "../../hold/hold";
import { WorkingSheet } from "./Working";
import type { FigureChange } from "../../session/usePutFigure";

const percent = (share: number): string => (share < 0.01 ? "under 1 %" : `${Math.round(share * 100)} %`);

type Props = {
  plan: Plan;
  field: HoldField;
  units: Units;
  className: string;
  onAssumed: (change: FigureChange) => void;
  children: ReactNode;
};

/** A value of the hold that opens to why it is so: the reason, the school, what would flip it, and the formula with its numbers. */
export function Reasoned({ plan, field, units, className, onAssumed, children }: Props) {
  const reason = plan.reasons.find((entry) => entry.field === field);
  const name = holdFields.find((entry) => entry.id === field)?.name ?? field;
  if (reason === undefined) return <span className={className}>{children}</span>;
  const working = plan.workings.find((entry) => entry.figure === field);
  return (
    <PopupButton
      label={`Why ${name} is ${holdText(plan.hold, field, units)}`}
      className={className}
      popupClass="working"
      content={
        <>
          <h3>
            {name.charAt(0).toUpperCase() + name.slice(1)}: {holdText(plan.hold, field, units)}
          </h3>
          <p className="reason-why">{tied(reason.why)}</p>
          {reason.flips !== null && <p className="reason-flips">{tied(reason.flips)}</p>}
          <p className="note">
            {reason.school === null ? "By the numbers; no school of practice steers it." : `School, ${reason.school}.`}
          </p>
          {field === "area.pattern" && <Ranking plan={plan} />}
          {working !== undefined && <WorkingSheet working={working} units={units} onAssumed={onAssumed} />}
          <Explanation of={field} />
        </>
      }
    >
      {children}
    </PopupButton>
  );
}

/** Every area the body has, by how often it keeps the right thing. */
function Ranking({ plan }: { plan: Plan }) {
  return (
    <table className="ranking">
      <caption className="note">How often each area keeps the right thing</caption>
      <tbody>
        {plan.areas.map((area) => (
          <tr key={area.pattern} aria-current={area.pattern === plan.hold.area.pattern ? "true" : undefined}>
            <th scope="row">{areaNames[area.pattern]}</th>
            <td>
              <b>{percent(area.score)}</b>
            </td>
            <td className="ranking-why">{area.why}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
