import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router-dom";
import { rushesQuery } from "../../api/queries";
import { Choice } from "../../ui/Choice";
import type { BurstWhole } from "./log";

/** The rush a burst was taken for, proposed or given, and how many of its frames are sharp. */
export function BurstFor({
  burst,
  keepers,
  eyed,
  onGive,
}: {
  burst: BurstWhole["burst"];
  keepers: number;
  eyed: number;
  onGive: (id: string | null) => void;
}) {
  const rushes = useQuery(rushesQuery);
  return (
    <div className="burst-for">
      {burst.rush === null && burst.guess !== null ? (
        <>
          <span className="burst-guess">
            {burst.guess.clearly ? "Taken for " : "Perhaps taken for "}
            <b>{burst.guess.name}</b>
            <span className="note"> {burst.guess.because.join(", ")}</span>
          </span>
          <button type="button" className="cure" onClick={() => onGive(burst.guess!.id)}>
            Yes, that one (y)
          </button>
        </>
      ) : (
        <span className="burst-guess">Taken for </span>
      )}
      <Choice
        label="The rush it was taken for"
        value={burst.rush?.id ?? ""}
        options={[
          { value: "", words: burst.guess === null ? "no rush yet" : "another rush …" },
          ...(rushes.data?.rushes ?? []).map((one) => ({ value: one.id, words: one.name })),
          ...(burst.rush !== null && rushes.data?.rushes.every((one) => one.id !== burst.rush!.id)
            ? [{ value: burst.rush.id, words: burst.rush.name }]
            : []),
        ]}
        onChange={(id) => onGive(id === "" ? null : id)}
      />
      {burst.rush !== null && <Link to={`/plan/${burst.rush.id}`}>Its plan</Link>}
      <span className="burst-tally">
        <b>{keepers}</b> of {burst.frames} sharp <span className="note">{eyed} judged by eye</span>
      </span>
    </div>
  );
}
