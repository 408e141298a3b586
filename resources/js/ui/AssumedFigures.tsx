import { useMutation } from "@tanstack/react-query";
import { request } from "../api/client";
import type { AssumedFigure, Units, User } from "../api/types";
import { NumberField } from "./inputs";
import { inTurn } from "../session/inTurn";
import { show, type Quantity } from "../units/quantity";
import { useAccount } from "../session/boot";

type Props = { title: string; assumed: AssumedFigure[]; units: Units; onChanged: () => void };

const quantityOf = (unit: string): Quantity =>
  (({ s: "time", m: "length", "m/s": "speed", EV: "ev" }) as const)[unit as "s"] ?? "plain";

/** The figures behind what is shown, assumed until somebody puts in their own. */
export function Assumed({ title, assumed, units, onChanged }: Props) {
  const { takeFigures } = useAccount();
  const put = useMutation({
    mutationFn: ({ name, value }: { name: string; value: number | null }) =>
      inTurn(() => request<{ user: User }>("PUT", "assumptions", { assumptions: { [name]: value } })),
    onSuccess: ({ user }) => {
      takeFigures(user.assumptions);
      onChanged();
    },
  });
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
