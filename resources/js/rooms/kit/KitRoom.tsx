import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { NavLink, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { gearQuery } from "../../api/queries";
import type { Gear, GearType } from "../../api/types";
import { RoomNote } from "../../app/RoomNote";
import { useCreation } from "../../session/creation";
import { GuidedStart } from "./GuidedStart";
import { ImportSheet } from "./ImportSheet";
import { fresh, titles, type GearWhole } from "./kit";
import { Piece } from "./Piece";
import { Together } from "./Together";

/** What you own and what your camera calls things: the list at the left, one piece or what they do together beside it. */
export default function KitRoom() {
  const { id } = useParams();
  const client = useQueryClient();
  const navigate = useNavigate();
  const gear = useQuery(gearQuery);
  const [deleted, setDeleted] = useState<Gear | null>(null);
  const creation = useCreation();
  const refresh = async (): Promise<void> => {
    await Promise.all([
      client.invalidateQueries({ queryKey: ["gear"] }),
      client.invalidateQueries({ queryKey: ["kits"] }),
    ]);
  };
  const add = useMutation({
    mutationFn: (type: GearType) =>
      request<GearWhole>("POST", "gear", { write: creation.write(), type, ...fresh[type] }),
    onSuccess: async (made) => {
      creation.done();
      await refresh();
      await navigate(`/kit/${made.id}`);
    },
  });
  const restore = useMutation({
    mutationFn: (one: Gear) => request<GearWhole>("POST", `gear/${one.id}/restore`),
    onSuccess: async (back) => {
      setDeleted(null);
      await refresh();
      await navigate(`/kit/${back.id}`);
    },
  });
  const failed = add.error ?? restore.error ?? gear.error;
  const all = gear.data?.gear ?? [];

  return (
    <div className={id === undefined ? "kit-room" : "kit-room opened"}>
      <nav className="kit-list" aria-label="What you own">
        <h1>
          <NavLink to="/kit" end>
            Kit
          </NavLink>
        </h1>
        {failed && <p className="note fault">{failed.message}</p>}
        <RoomNote name="gear_bytes" room={gear.data?.room?.["gear_bytes"]} />
        {(Object.keys(titles) as GearType[]).map((type) => (
          <section key={type}>
            <h2>{titles[type]}</h2>
            <RoomNote name={type} room={gear.data?.room?.[type]} />
            {all
              .filter((one) => one.type === type)
              .map((one) => (
                <NavLink key={one.id} to={`/kit/${one.id}`} className="kit-piece">
                  {one.name}
                </NavLink>
              ))}
            {type === "body" ? (
              <NavLink to="/kit/new-body" className="kit-add">
                Add a body, step by step
              </NavLink>
            ) : (
              <button type="button" className="kit-add" disabled={add.isPending} onClick={() => add.mutate(type)}>
                Add {type === "adapter" ? "an" : "a"} {type}
              </button>
            )}
          </section>
        ))}
        <section>
          <h2>Pass on</h2>
          <NavLink to="/kit/import" className="kit-add">
            Take in a sheet
          </NavLink>
          <a className="kit-add" href="/api/sheet" download>
            Save all as a sheet
          </a>
        </section>
      </nav>
      <div className="kit-piece-page">
        {deleted !== null && (
          <p className="deleted" role="status">
            Deleted “{deleted.name}”; rushes that use it keep it.{" "}
            <button type="button" className="mark" onClick={() => restore.mutate(deleted)}>
              Bring it back
            </button>
          </p>
        )}
        {id === undefined && gear.data !== undefined && <Together gear={all} />}
        {id === "new-body" && <GuidedStart onMade={refresh} />}
        {id === "import" && <ImportSheet onTaken={refresh} />}
        {id !== undefined && id !== "new-body" && id !== "import" && (
          <Piece key={id} id={id} gear={all} onChanged={refresh} onDeleted={setDeleted} />
        )}
      </div>
    </div>
  );
}
