import { useQuery, useQueryClient } from "@tanstack/react-query";
import { NavLink, useParams } from "react-router-dom";
import { gearQuery } from "../../api/queries";
import type { GearType } from "../../api/types";
import { QuotaNote } from "../../ui/QuotaNote";
import { useDeleted, useMake } from "../scaffold/records";
import { FromPhotograph } from "./FromPhotograph";
import { GuidedStart } from "./GuidedStart";
import { ImportKitFile } from "./ImportKitFile";
import { fresh, titles, type GearWhole } from "./kit";
import { Piece } from "./Piece";
import { Together } from "./Together";
import "./kit.css";
import { useTitle } from "../../ui/useTitle";

const records = { room: "kit", path: "gear", lists: ["gear", "kits"] };

/** What you own and what your camera calls things: the list at the left, one piece or what they do together beside it. */
export default function KitRoom() {
  const { id } = useParams();
  const client = useQueryClient();
  const gear = useQuery(gearQuery);
  const refresh = async (): Promise<void> => {
    await Promise.all(records.lists.map((list) => client.invalidateQueries({ queryKey: [list] })));
  };
  const add = useMake<GearWhole, GearType>(records, (type) => ({ type, ...fresh[type] }));
  const { notice, onDeleted } = useDeleted(records, "; rushes that use it keep it");
  const failed = add.error ?? gear.error;
  const all = gear.data?.gear ?? [];
  useTitle(all.find((piece) => piece.id === id)?.name ?? null);

  return (
    <div className={id === undefined ? "kit-room" : "kit-room opened"}>
      <nav className="kit-list" aria-label="What you own">
        <h1>
          <NavLink to="/kit" end>
            Kit
          </NavLink>
        </h1>
        {failed && <p className="note fault">{failed.message}</p>}
        <QuotaNote name="gear_bytes" quota={gear.data?.quota?.["gear_bytes"]} />
        {(Object.keys(titles) as GearType[]).map((type) => (
          <section key={type}>
            <h2>{titles[type]}</h2>
            <QuotaNote name={type} quota={gear.data?.quota?.[type]} />
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
          <h2>Bring in</h2>
          <NavLink to="/kit/photograph" className="kit-add">
            From a photograph
          </NavLink>
        </section>
        <section>
          <h2>Pass on</h2>
          <NavLink to="/kit/import" className="kit-add">
            Take in a kit file
          </NavLink>
          <a className="kit-add" href="/api/kit-file" download>
            Save all as a kit file
          </a>
        </section>
      </nav>
      <div className="kit-piece-page">
        {notice}
        {id === undefined && gear.data !== undefined && <Together gear={all} />}
        {id === "new-body" && <GuidedStart onMade={refresh} />}
        {id === "photograph" && <FromPhotograph gear={all} onAdded={refresh} />}
        {id === "import" && <ImportKitFile onTaken={refresh} />}
        {id !== undefined && !["new-body", "photograph", "import"].includes(id) && (
          <Piece key={id} id={id} gear={all} onChanged={refresh} onDeleted={onDeleted} />
        )}
      </div>
    </div>
  );
}
