import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router-dom";
import { kitsQuery, rushesQuery, rushQuery } from "../../api/queries";
import type { RushWhole } from "../../api/types";
import { useCatalogue } from "../../session/boot";
import { Empty } from "../scaffold/Empty";
import { RoomGate } from "../scaffold/RoomGate";
import { useDeleted, useFirst, useMake } from "../scaffold/records";
import { newRush } from "./newRush";
import { OpenRush } from "./OpenRush";
import "./plan.css";
import { lastUsed } from "../../session/lastUsed";
import { useTitle } from "../../ui/useTitle";

const records = { room: "plan", path: "rushes", lists: ["rushes"] };

/** The Plan room: opens the rush in the address, or the last one, or offers to write the first. */
export default function PlanRoom() {
  const { id } = useParams();
  const kinds = useCatalogue();
  const rushes = useQuery({ ...rushesQuery, enabled: id === undefined });
  const kits = useQuery(kitsQuery);
  const opened = useQuery(rushQuery(id, "plan"));
  const make = useMake<RushWhole>(records, () => {
    // the kit of the rush that is open, or the one used last
    const last = opened.data?.kit_id ?? lastUsed().kit;
    const kit = kits.data?.kits.find((one) => one.id === last) ?? kits.data?.kits[0];
    const kind = kinds[0];
    if (kit === undefined || kind === undefined) throw new Error("There is no kit yet; make one in Kit.");
    return { kit_id: kit.id, focal_mm: null, rush: newRush(kind, "A new rush") };
  });
  const { notice, onDeleted } = useDeleted(records);
  useTitle(opened.data?.rush.name ?? null);
  const first = rushes.data?.rushes[0]?.id;
  useFirst("plan", id, first);

  return (
    <RoomGate
      what="your rush"
      needs={[opened, kits, rushes]}
      opened={opened.data && kits.data ? { server: opened.data, kits: kits.data.kits } : null}
      notice={notice}
      empty={
        id === undefined &&
        rushes.isSuccess &&
        first === undefined && (
          <Empty title="No rush yet." fault={make.error}>
            <p>
              A rush is a moment to be ready for: what moves, how fast, how far, in what light. Describe one, and read
              what to set.
            </p>
            <button
              type="button"
              className="primary"
              disabled={make.isPending || !kits.isSuccess}
              onClick={() => make.mutate()}
            >
              Write the first one
            </button>
          </Empty>
        )
      }
      gone={{ title: "This rush is not here.", to: "/plan", words: "Open your latest" }}
    >
      {({ server, kits: all }) => (
        <OpenRush key={server.id} server={server} kits={all} onNew={() => make.mutate()} onDeleted={onDeleted} />
      )}
    </RoomGate>
  );
}
