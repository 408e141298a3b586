import type { AssumedFigure, Units } from "../api/types";
import { NumberField } from "./inputs";
import { usePutFigure } from "../session/usePutFigure";
import { show, type Quantity } from "../units/quantity";

type Props = { title: string; assumed: AssumedFigure[]; units: Units; onChanged: () => void };

const quantityOf = (unit: string): Quantity =>
  (({ s: "time", m: "length", "m/s": "speed", EV: "ev" }) as const)[unit as "s"] ?? "plain";

/** The figures behind what is shown, assumed until somebody puts in their own. */
export function Assumed({ title, assumed, units, onChanged }: Props) {
  const put = usePutFigure(onChanged);
  return (
    <details className="seconds">
      <summary>{title}</summary>
      {assumed.map((one) => (
        <p key={one.name} className="range-row">
          <span>{one.meaning}</span>
          <NumberField
            bare
            label={one.meaning}
            quantity={quantityOf(one.unit)}
            units={units}
            value={one.value}
            range={[one.least, one.most]}
            onChange={(value) => put.mutate({ name: one.name, value })}
          />
          {one.value !== one.default && (
            <button type="button" className="text-button" onClick={() => put.mutate({ name: one.name, value: null })}>
              back to {show(one.default, quantityOf(one.unit), units)}
            </button>
          )}
        </p>
      ))}
      {put.isError && <p className="note fault">{put.error.message}</p>}
    </details>
  );
}
