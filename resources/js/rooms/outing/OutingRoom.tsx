import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useParams } from "react-router-dom";
import { request } from "../../api/client";
import { outingsQuery, rushesQuery } from "../../api/queries";
import { QuotaNote } from "../../ui/QuotaNote";
import { useTitle } from "../../ui/useTitle";
import { Empty } from "../scaffold/Empty";
import { RoomGate } from "../scaffold/RoomGate";
import { useDeleted, useFirst, useMake } from "../scaffold/records";
import { FirstPlace } from "./FirstPlace";
import { OpenOuting } from "./OpenOuting";
import { placesQuery, tomorrow, type OutingWhole, type Place } from "./outing";
import "./outing.css";

const records = { room: "outing", path: "outings", lists: ["outings"] };

/** Days out: where, when, in what light, and what to work first. */
export default function OutingRoom() {
  const { id } = useParams();
  const client = useQueryClient();
  const outings = useQuery(outingsQuery);
  const places = useQuery(placesQuery);
  useFirst("outing", id, outings.data?.next ?? undefined);
  const opened = useQuery({
    queryKey: ["outing", id],
    queryFn: () => request("GET", `outings/${id}`),
    enabled: id !== undefined,
    staleTime: 0,
    gcTime: 0,
  });
  const make = useMake<OutingWhole, { placeId: string; spotId: string }>(records, async ({ placeId, spotId }) => {
    const { rushes } = await client.fetchQuery(rushesQuery);
    const first = rushes[0];
    return {
      name: "A day out",
      place_id: placeId,
      outing: {
        date: tomorrow(),
        from: "05:00",
        until: "12:00",
        sky: [],
        waters: [],
        walks: [],
        metered: [],
        rushes:
          first === undefined
            ? []
            : [
                {
                  id: "first",
                  rush_id: first.id,
                  spot: spotId,
                  from: "05:00",
                  until: "12:00",
                  per_hour: 6,
                  importance: 1,
                },
              ],
      },
    };
  });
  const { notice, onDeleted } = useDeleted(records);
  useTitle(opened.data?.name ?? null);
  const begin = (placeId: string, place: Place): void => make.mutate({ placeId, spotId: place.spots[0]!.id });
  const newest = places.data?.places[0];

  return (
    <RoomGate
      what="your outings"
      needs={[outings, places, opened]}
      opened={opened.data && places.data && outings.data ? { server: opened.data } : null}
      notice={notice}
      empty={
        outings.isSuccess &&
        places.isSuccess &&
        id === undefined &&
        outings.data.outings.length === 0 && (
          <Empty title="No outing yet." fault={make.error}>
            <p>
              An outing turns a place, a date and the rushes you expect into a day: which light falls when, until when
              each hold keeps its promise, and what to work first.
            </p>
            {newest === undefined ? (
              <FirstPlace onMade={(place) => begin(place.id, place.place)} />
            ) : (
              <button
                type="button"
                className="primary"
                disabled={make.isPending}
                onClick={() => begin(newest.id, newest.place)}
              >
                Plan a day at {newest.name}
              </button>
            )}
          </Empty>
        )
      }
      gone={{ title: "This outing is not here.", to: "/outing", words: "Open the latest" }}
    >
      {({ server }) => (
        <>
          {make.isError && <p className="note fault">{make.error.message}</p>}
          <QuotaNote name="outings" quota={outings.data?.quota} />
          <OpenOuting
            key={server.id}
            server={server}
            names={outings.data?.outings ?? []}
            places={places.data?.places ?? []}
            onNew={(placeId, place) => begin(placeId, place)}
            onDeleted={onDeleted}
          />
        </>
      )}
    </RoomGate>
  );
}
