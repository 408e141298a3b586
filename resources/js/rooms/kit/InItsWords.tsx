import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { rushesQuery } from "../../api/queries";
import { Choice } from "../../ui/Choice";

/** The proof of the words: the hold of one of your rushes, read on this body. */
export function InItsWords({ bodyId, revision }: { bodyId: string; revision: number }) {
  const rushes = useQuery(rushesQuery);
  const [picked, setPicked] = useState<string | null>(null);
  const rush = picked ?? rushes.data?.rushes[0]?.id;
  const says = useQuery({
    queryKey: ["says", bodyId, rush, revision],
    queryFn: () => request("GET", `gear/${bodyId}/translation/${rush}`),
    enabled: rush !== undefined,
    placeholderData: (old) => old,
  });
  if (rush === undefined) return null;
  return (
    <section className="told says" aria-label="How it reads">
      <div className="told-head">
        <h2>How a hold reads on this body</h2>
        <Choice
          label="The hold of"
          value={rush}
          options={(rushes.data?.rushes ?? []).map((row) => ({ value: row.id, words: row.name }))}
          onChange={setPicked}
        />
      </div>
      {says.isError && <p className="note fault">{says.error.message}</p>}
      <div className="side-scroll">
        <table className="said">
          <tbody>
            {says.data?.translation.map((said) => (
              <tr key={said.field} className={said.lacks ? "lacks" : ""}>
                <th scope="row">{said.name}</th>
                <td className="said-word">{said.word}</td>
                <td className="note">{said.own ? said.ours : ""}</td>
                <td className="note">{said.where}</td>
                <td className={said.note === null ? "note" : "note fault"}>{said.note}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
