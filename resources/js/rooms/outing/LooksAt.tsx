import { useMutation } from "@tanstack/react-query";
import { request } from "../../api/client";
import { ReadInput } from "../../ui/ReadInput";
import type { Spot } from "./outing";
import { readPosition, showPosition, type Position } from "./position";

type Props = { spot: Spot; onTurn: (bearing: number) => void };

/** A second point that a spot looks at: which way that is, the server says; until it has, the point stays. */
export function LooksAt({ spot, onTurn }: Props) {
  const { latitude_deg, longitude_deg } = spot;
  const ask = useMutation({
    mutationFn: (to: Position) => request("POST", "places/bearing", { from: { latitude_deg, longitude_deg }, to }),
    onSuccess: ({ bearing_deg }) => bearing_deg !== null && onTurn(bearing_deg),
  });
  const isHere = ask.isSuccess && ask.data.bearing_deg === null;
  return (
    <>
      <ReadInput
        label={`A point that ${spot.name} looks at`}
        shown={ask.variables !== undefined && (!ask.isSuccess || isHere) ? showPosition(ask.variables) : ""}
        className="plain-input"
        most={80}
        placeholder="a second point"
        read={(text) => {
          if (text.trim() === "") return { value: null };
          const found = readPosition(text);
          return "fault" in found ? found : { value: found };
        }}
        onTake={(to) => (to === null ? ask.reset() : ask.mutate(to))}
      />
      {isHere && (
        <span className="note fault" role="alert">
          That is where you stand: it has no direction.
        </span>
      )}
      {ask.isError && (
        <span className="note fault" role="alert">
          Which way that is cannot be asked now: {ask.error.message}{" "}
          <button type="button" className="text-button" onClick={() => ask.mutate(ask.variables)}>
            Ask again
          </button>
        </span>
      )}
    </>
  );
}
