import { ReadInput } from "../../ui/ReadInput";
import { readPosition, showPosition, type Position } from "./position";

type Props = { label: string; value: Position; onChange: (to: Position) => void };

/** A position, typed in any usual way. */
export function PositionField({ label, value, onChange }: Props) {
  return (
    <ReadInput
      label={label}
      shown={showPosition(value)}
      className="plain-input"
      most={80}
      read={(text) => {
        const found = readPosition(text);
        return "fault" in found ? found : { value: found };
      }}
      onTake={(to) =>
        (to.latitude_deg !== value.latitude_deg || to.longitude_deg !== value.longitude_deg) && onChange(to)
      }
    />
  );
}
