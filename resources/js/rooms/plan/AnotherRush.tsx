import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { rushesQuery } from "../../api/queries";
import type { Units } from "../../api/types";
import { Choice } from "../../ui/Choice";
import { Dialog } from "../../ui/Dialog";
import type { Hold } from "../../hold/hold";
import { SideBySide } from "../../hold/SideBySide";

type Props = { id: string; name: string; hold: Hold; units: Units; open: boolean; onClose: () => void };

/** This hold beside that of another rush: what to change when one follows the other. */
export function AnotherRush({ id, name, hold, units, open, onClose }: Props) {
  const [other, setOther] = useState("");
  const rushes = useQuery({ ...rushesQuery, enabled: open });
  const choices = (rushes.data?.rushes ?? []).filter((row) => row.id !== id);
  const chosen = choices.find((row) => row.id === other) ?? choices[0];
  const found = useQuery({
    queryKey: ["rush", chosen?.id],
    queryFn: () => request("GET", `rushes/${chosen?.id ?? ""}`),
    enabled: open && chosen !== undefined,
  });
  const there = found.data?.plan?.hold;
  return (
    <Dialog open={open} onClose={onClose} title="Two holds, side by side" width={760}>
      {rushes.isSuccess && chosen === undefined && <p>There is no other rush yet to compare with.</p>}
      {chosen !== undefined && (
        <div className="seek">
          Compare with
          <Choice
            label="Compare with"
            value={chosen.id}
            options={choices.map((row) => ({ value: row.id, words: row.name }))}
            onChange={setOther}
          />
        </div>
      )}
      {(found.isError || rushes.isError) && <p className="note fault">{(found.error ?? rushes.error)?.message}</p>}
      {found.isSuccess && there === undefined && <p>That rush has no plan: its lens cannot focus so close.</p>}
      {chosen !== undefined && there !== undefined && (
        <SideBySide
          caption="What differs is marked ◆; that is what to change on the camera from one to the other."
          units={units}
          sides={[
            { key: "here", title: name, note: "this rush", hold },
            { key: "there", title: chosen.name, note: chosen.kit, hold: there },
          ]}
        />
      )}
    </Dialog>
  );
}
