import type { ReactNode } from "react";
import type { Units } from "../api/types";
import { differences, holdFields, holdText, type Hold } from "./hold";

export type Side = { key: string; title: string; note: string; hold: Hold; go?: ReactNode };

/** Holds side by side; where one differs from the first it is marked and set in bold; what they share is told once. */
export function SideBySide({ sides, units, caption }: { sides: Side[]; units: Units; caption: string }) {
  const [first] = sides;
  if (first === undefined) return null;
  const everywhere = holdFields.filter(
    (field) => !sides.some((side) => differences(first.hold, side.hold).includes(field.id)),
  );
  const differing = sides.map((side) => new Set(differences(first.hold, side.hold)));
  return (
    <div className="side-scroll">
      <table className="side">
        <caption className="note">{caption}</caption>
        <thead>
          <tr>
            <th scope="col">field</th>
            {sides.map((side) => (
              <th key={side.key} scope="col">
                {side.title}
                <span className="note">{side.note}</span>
                {side.go}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {holdFields
            .filter((field) => !everywhere.includes(field))
            .map((field) => (
              <tr key={field.id}>
                <th scope="row">{field.name}</th>
                {sides.map((side, at) => (
                  <td key={side.key} className={differing[at]!.has(field.id) ? "other" : undefined}>
                    {differing[at]!.has(field.id) && (
                      <>
                        <span aria-hidden="true">◆ </span>
                        <span className="unseen">differs: </span>
                      </>
                    )}
                    {holdText(side.hold, field.id, units)}
                  </td>
                ))}
              </tr>
            ))}
        </tbody>
      </table>
      <p className="side-same">
        <span className="soft">The same in all: </span>
        {everywhere.map((field) => `${field.name} ${holdText(first.hold, field.id, units)}`).join("; ")}.
      </p>
    </div>
  );
}
