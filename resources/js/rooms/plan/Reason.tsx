import type { ReactNode } from "react";
import type { Plan, Units } from "../../api/types";
import { Opening } from "../../app/Opening";
import { areaNames, holdFields, holdText, type HoldField } from "../../hold/hold";
import { inUnit } from "./Working";

/** Ties a number to its unit, so that a line never breaks between them. */
export const tied = (text: string): string => text.replace(/(\d|EV|ISO|level) (?=[\d%°µA-Za-z/])/g, (_, before: string) => `${before}\u00a0`);

/** The first sentence of a reason; a point inside a number ends nothing. */
export const firstSentence = (text: string): string => /^.*?[.!?](?=\s[A-Z]|$)/.exec(text)?.[0] ?? text;

const units: [RegExp, string][] = [
  [/_mm_s$/, "mm/s"],
  [/_mps2$/, "m/s²"],
  [/_mps$/, "m/s"],
  [/_deg$/, "°"],
  [/_mm$/, "mm"],
  [/_m$/, "m"],
  [/_s$/, "s"],
];

/** "aim_sideways_m" as a name and its unit. */
export const named = (key: string): { name: string; unit: string } => {
  const found = units.find(([end]) => end.test(key));
  return { name: key.replace(found?.[0] ?? /$^/, "").replaceAll("_", " "), unit: found?.[1] ?? "" };
};

const percent = (share: number): string => (share < 0.01 ? "under 1 %" : `${Math.round(share * 100)} %`);

type Props = { plan: Plan; field: HoldField; units: Units; className: string; children: ReactNode };

/** A value of the hold that opens to why it is so: the reason, the school, what would flip it, and its numbers. */
export function Reasoned({ plan, field, units: reading, className, children }: Props) {
  const reason = plan.reasons.find((entry) => entry.field === field);
  const name = holdFields.find((entry) => entry.id === field)?.name ?? field;
  if (reason === undefined) return <span className={className}>{children}</span>;
  const numbers = Object.entries(reason.numbers).filter(([, value]) => value !== null);
  return (
    <Opening
      label={`Why ${name} is ${holdText(plan.hold, field, reading)}`}
      className={className}
      sheetClass="working"
      content={
        <>
          <h3>
            {name.charAt(0).toUpperCase() + name.slice(1)}: {holdText(plan.hold, field, reading)}
          </h3>
          <p className="reason-why">{tied(reason.why)}</p>
          {reason.flips !== null && <p className="reason-flips">{tied(reason.flips)}</p>}
          <p className="note">
            {reason.school === null ? "By the numbers; no school of practice steers it." : `School, ${reason.school}.`}
          </p>
          {field === "area.pattern" && <Ranking plan={plan} />}
          {numbers.length > 0 && (
            <table>
              <tbody>
                {numbers.map(([key, value]) => {
                  const { name: label, unit } = named(key);
                  return (
                    <tr key={key}>
                      <th scope="row">{label}</th>
                      <td>{typeof value === "string" ? value.replaceAll("-", " ") : inUnit(value, unit, reading)}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          )}
        </>
      }
    >
      {children}
    </Opening>
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
