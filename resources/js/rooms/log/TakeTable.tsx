import { keepPreviousData, useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { request } from "../../api/client";
import { sendFile } from "../../files/sendFile";
import type { TableLook } from "../../generated/answers";
import { dayOrders, frameColumns } from "../../generated/vocabulary";
import { Choice } from "../../ui/Choice";
import { Dialog } from "../../ui/Dialog";
import { FrameMark } from "./FrameMark";
import { dayOf, framesOf, shutterOf, timeOf } from "./log";
import { tableKey } from "./TableTaken";
import "./tables.css";

const LEFT_OUT = { value: "", words: "left out" };
const columnWords = Object.fromEntries(frameColumns.map((one) => [one.value, one.words]));

type Chosen = { columns: string[]; days: TableLook["days"] };

/** How a table is read, before any of it is taken: each column beside what it is taken for, and the first frames by that. */
export function TakeTable({ file, onClose }: { file: File; onClose: () => void }) {
  const client = useQueryClient();
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const { mutate, ...sent } = useMutation({
    mutationFn: () =>
      sendFile({
        purpose: "table",
        name: file.name,
        bytes: file,
        onSent: () => undefined,
        signal: new AbortController().signal,
      }),
  });
  useEffect(() => mutate(), [mutate]);
  const id = sent.data?.id;
  const asked = useQuery({
    queryKey: ["table", id, chosen],
    enabled: id !== undefined,
    queryFn: () => request("POST", "log/tables/look", { file_id: id, ...chosen }),
    placeholderData: keepPreviousData,
    retry: false,
    staleTime: Infinity,
  });
  const take = useMutation({
    mutationFn: (how: Chosen) =>
      request("POST", "log/tables/take", look?.is_log === true ? { file_id: id } : { file_id: id, ...how }),
    onSuccess: (state) => {
      client.setQueryData(tableKey, state);
      onClose();
    },
  });
  const look = asked.data;
  const now: Chosen | null =
    look === undefined ? null : (chosen ?? { columns: look.columns.map((one) => one.as ?? ""), days: look.days });
  const problem = sent.error ?? asked.error ?? take.error;
  const pick = (at: number, as: string): void => {
    if (now === null) return;
    // what one column says no other can
    const columns = now.columns.map((one, other) => (other === at ? as : one === as ? "" : one));
    setChosen({ ...now, columns });
  };
  return (
    <Dialog open title={`Frames out of ${file.name}`} width={920} onClose={onClose}>
      {problem !== null && (
        <p className="fault" role="alert">
          {problem.message}
        </p>
      )}
      {look === undefined || now === null ? (
        problem === null && (
          <p className="note" role="status">
            {id === undefined ? "Sending it…" : "Reading it…"}
          </p>
        )
      ) : (
        <div className="take-table">
          {!look.is_log && (
            <section aria-label="What its columns say">
              <table className="columns-match">
                <thead>
                  <tr>
                    <th scope="col">Column</th>
                    <th scope="col">what stands in it</th>
                    <th scope="col">is taken for</th>
                  </tr>
                </thead>
                <tbody>
                  {look.columns.map((column, at) => (
                    <tr key={at} className={now.columns[at] === "" ? "unmatched" : undefined}>
                      <th scope="row">{column.name || <em>no name</em>}</th>
                      <td className="note">{column.examples.join(" · ")}</td>
                      <td>
                        <Choice
                          label={`What ${column.name || `column ${at + 1}`} is taken for`}
                          value={now.columns[at] ?? ""}
                          options={[LEFT_OUT, ...frameColumns]}
                          onChange={(as) => pick(at, as)}
                        />
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
              {!look.days_are_sure && (
                <p className="take-days">
                  Its days may be read in more than one way:{" "}
                  <Choice
                    label="Order of the parts of a day"
                    value={now.days}
                    options={dayOrders}
                    onChange={(days) => setChosen({ ...now, days })}
                  />
                </p>
              )}
            </section>
          )}
          {!look.is_whole ? (
            <p className="fault" role="status">
              Say which column is the {columnWords["taken_at"]}, or which two: without it nobody knows which frames
              belong together.
            </p>
          ) : (
            <FirstFrames look={look} isStale={asked.isPlaceholderData} />
          )}
          {look.refused.length > 0 && (
            <details className="intake-refused">
              <summary>
                {look.refused.length + look.refused_beyond} of the first few hundred rows cannot be read
              </summary>
              <ul>
                {look.refused.map((one) => (
                  <li key={one.name}>
                    <span className="note">{one.why}</span>
                  </li>
                ))}
              </ul>
            </details>
          )}
          {look.is_whole && !look.tells_verdicts && (
            <p className="note">
              No column says how they came out: they come in as “cannot say”, and do not count as sharp.
            </p>
          )}
          <p>
            <button
              type="button"
              className="primary"
              disabled={!look.is_whole || take.isPending || asked.isPlaceholderData || look.rows === 0}
              onClick={() => take.mutate(now)}
            >
              Take {framesOf(look.rows)} in
            </button>{" "}
            <span className="note">
              Those that are in the log already stay as they are. It can be taken back for a week.
            </span>
          </p>
        </div>
      )}
    </Dialog>
  );
}

function FirstFrames({ look, isStale }: { look: TableLook; isStale: boolean }) {
  return (
    <section aria-label="The first frames, as they are read" className={isStale ? "stale" : undefined}>
      <h3>The first of {framesOf(look.rows)}, as they are read</h3>
      <ul className="first-frames">
        {look.frames.map((frame, at) => (
          <li key={at}>
            <FrameMark verdict={frame.verdict} named />
            <b>{frame.name}</b>
            <span>
              {dayOf(frame.clock)}, {timeOf(frame.clock)}
            </span>
            <span className="note">
              {[
                frame.shutter_s === null ? null : shutterOf(frame.shutter_s),
                frame.f_number === null ? null : `f/${frame.f_number}`,
                frame.iso === null ? null : `ISO ${frame.iso}`,
                frame.focal_mm === null ? null : `${Math.round(frame.focal_mm)} mm`,
                frame.body === "" ? null : frame.body,
                ...frame.left_out,
              ]
                .filter((one) => one !== null)
                .join(", ")}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
