import { useEffect, useId, useLayoutEffect, useRef, useState, type ReactNode } from "react";
import { Link } from "react-router-dom";
import type { Plan, Units } from "../../api/types";
import { useAccount } from "../../session/boot";
import { Explanation } from "../../glossary/Explanation";
import { PopupButton } from "../../ui/PopupButton";
import { figures, quantityOf, show, shownToType, shutter } from "../../units/quantity";
import { read } from "../../units/read";
import { forgetUnread, keepUnread, unreadOf } from "../../units/unread";
import { usePutFigure, type FigureChange } from "../../session/usePutFigure";

export type WorkingOf = Plan["workings"][number];
type Input = WorkingOf["inputs"][number];

const origins: Record<Input["origin"], string> = {
  rush: "from your sentence",
  kit: "from your kit",
  assumed: "assumed",
  computed: "computed",
  chosen: "chosen",
};

/** A number of a working in the unit it is best read in. */
export const inUnit = (value: number | string | null, unit: string, units: Units): string => {
  if (typeof value === "string") return value;
  if (value === null) return "∞";
  if (unit === "m" || unit === "m/s") return show(value, quantityOf(unit), units, 4);
  if (unit === "s") return value > 0 && value < 0.1 ? shutter(value) : `${figures(value)} s`;
  if (unit === "mm" && value < 1) return `${figures(value * 1000)} µm`;
  return `${figures(value, 4)}${unit === "" || unit === "°" ? unit : `\u00a0${unit}`}`;
};

/** A figure that opens to how it was reached: formula, inputs, where each comes from. */
export function Explained({
  working,
  units,
  className,
  onAssumed,
  children,
}: {
  working: WorkingOf | undefined;
  units: Units;
  className: string;
  onAssumed: (change: FigureChange) => void;
  children: ReactNode;
}) {
  if (working === undefined) return <div className={className}>{children}</div>;
  return (
    <PopupButton
      label={`How ${working.title.toLowerCase()} was reached`}
      className={className}
      popupClass="working"
      content={
        <>
          <WorkingSheet working={working} units={units} onAssumed={onAssumed} />
          <Explanation of={working.figure} />
        </>
      }
    >
      {children}
    </PopupButton>
  );
}

/** v_res with its index set low. */
const subscripted = (text: string): ReactNode =>
  text.split(/_([a-z]+)/).map((part, at) => (at % 2 === 1 ? <sub key={at}>{part}</sub> : part));

/** Formula, inputs and source of a figure; what is assumed can be typed over. */
export function WorkingSheet({
  working,
  units,
  onAssumed,
}: {
  working: WorkingOf;
  units: Units;
  onAssumed: (change: FigureChange) => void;
}) {
  return (
    <>
      <h3>{working.title}</h3>
      <p className="formula">
        {subscripted(working.formula)} = <strong>{inUnit(working.result, working.unit, units)}</strong>
      </p>
      <table>
        <tbody>
          {working.inputs.map((input, at) => (
            <tr key={at}>
              <th scope="row">
                {input.symbol !== "" && <i>{subscripted(input.symbol)}</i>} {input.name}
              </th>
              <td>
                {input.assumption === null ? (
                  inUnit(input.value, input.unit, units)
                ) : (
                  <Assumed input={input} units={units} onAssumed={onAssumed} />
                )}
              </td>
              <td className={input.origin === "assumed" ? "origin origin-assumed" : "origin"}>
                {origins[input.origin]}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note">{working.source.replaceAll("docs/model.md, ", "formulas of ")}</p>
    </>
  );
}

/** An assumed figure, which the person may replace by their own; it then holds for every plan of theirs. */
function Assumed({
  input,
  units,
  onAssumed,
}: {
  input: Input;
  units: Units;
  onAssumed: (change: FigureChange) => void;
}) {
  const { user } = useAccount();
  const id = useId();
  const name = input.assumption ?? "";
  const field = `assumed/${name}`;
  const waiting = unreadOf(field);
  const [typed, setTyped] = useState<string | null>(waiting?.text ?? null);
  const [unreadable, setUnreadable] = useState<string | null>(waiting?.fault ?? null);
  const own = user.assumptions[name];
  const sent = useRef<string | null>(null);
  const save = usePutFigure(onAssumed);
  const quantity = quantityOf(input.unit);
  // an input that is assumed is a number
  const value = own ?? Number(input.value);

  const put = (next: number | null, text: string | null): void => {
    sent.current = text;
    setUnreadable(null);
    forgetUnread(field);
    const told = (of: number): string => shownToType(of, quantity, units, 4);
    const words = { what: input.name, from: told(value), to: next === null ? "as assumed" : told(next) };
    save.mutate(
      { name, value: next, words },
      {
        // what has been typed since stays as it is
        onSuccess: () => setTyped((now) => (now === text ? null : now)),
        onSettled: () => {
          sent.current = null;
        },
      },
    );
  };
  const fault = unreadable ?? save.error?.message ?? null;
  const take = (): void => {
    if (typed === null || typed === sent.current) return;
    const found = read(typed, { quantity, units, shown: value });
    if ("value" in found) return put(found.value, typed);
    setUnreadable(`${found.fault}.`);
    keepUnread(field, typed, `${found.fault}.`);
  };
  // whatever way it is left
  const latest = useRef(take);
  useEffect(() => {
    latest.current = take;
  });
  useLayoutEffect(() => () => latest.current(), []);

  const yours = user.learnt[name];
  if (yours !== undefined)
    return (
      <span className="assumed">
        <b>{shownToType(yours.value, quantity, units, 3)}</b> yours, from {yours.frames} frames:{" "}
        <Link to="/log/yours">which</Link>
      </span>
    );
  return (
    <span className="assumed">
      <input
        id={id}
        aria-label={`${input.name}, assumed`}
        aria-invalid={fault !== null}
        value={typed ?? shownToType(value, quantity, units, 4)}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          if (event.key !== "Escape" || typed === null) return;
          event.stopPropagation();
          setTyped(null);
          setUnreadable(null);
          forgetUnread(field);
          latest.current = () => {};
        }}
      />
      {quantity === "plain" && input.unit !== "" && <span> {input.unit}</span>}
      {own !== undefined && (
        <button type="button" className="text-button" onClick={() => put(null, typed)}>
          back to default
        </button>
      )}
      {fault !== null && (
        <span className="note fault" role="alert">
          {fault}
        </span>
      )}
    </span>
  );
}
