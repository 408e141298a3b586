import type { AssumedFigure, Units } from "../api/types";
import { NumberField } from "./inputs";
import { usePutFigure, type FigureChange } from "../session/usePutFigure";
import { quantityOf, show } from "../units/quantity";

type Props = { title: string; assumed: AssumedFigure[]; units: Units; onChanged: (change: FigureChange) => void };

/** The figures behind what is shown, assumed until somebody puts in their own. */
export function Assumed({ title, assumed, units, onChanged }: Props) {
  const put = usePutFigure(onChanged);
  return (
    <details className="seconds">
      <summary>{title}</summary>
      {assumed.map((one) => {
        const told = (value: number): string => show(value, quantityOf(one.unit), units, 4);
        const set = (value: number | null): void => {
          const words = { what: one.meaning, from: told(one.value), to: told(value ?? one.default) };
          put.mutate({ name: one.name, value, words });
        };
        return (
          <p key={one.name} className="range-row">
            <span>{one.meaning}</span>
            <NumberField
              bare
              label={one.meaning}
              quantity={quantityOf(one.unit)}
              units={units}
              value={one.value}
              range={[one.least, one.most]}
              onChange={set}
            />
            {one.value !== one.default && (
              <button type="button" className="text-button" onClick={() => set(null)}>
                back to {told(one.default)}
              </button>
            )}
          </p>
        );
      })}
      {put.isError && <p className="note fault">{put.error.message}</p>}
    </details>
  );
}
