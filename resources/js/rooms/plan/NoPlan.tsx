import type { Rush, Units } from "../../api/types";
import type { Lens } from "../../generated/kit";
import type { Problem } from "../../generated/problem";
import { faultText } from "../../rush/rushAutosave";
import { show } from "../../units/quantity";

type Props = { fault: Problem; rush: Rush; lens: Pick<Lens, "closest_m"> | null; units: Units };

/** Why there is no plan, in the words of the rush. */
export function NoPlan({ fault, rush, lens, units }: Props) {
  const tooClose = fault.faults[0]?.pointer === "/distance/work_m" && lens !== null;
  return (
    <p className="stand-in" role="status">
      <b>There is no plan for this.</b>{" "}
      {tooClose
        ? `It is ${show(rush.distance.work_m, "length", units)} away and this lens focuses no closer than ${show(lens.closest_m, "length", units)}. Step back, or take a lens that focuses closer.`
        : faultText(fault)}
    </p>
  );
}
