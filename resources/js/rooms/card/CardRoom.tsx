import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request, requestAs } from "../../api/client";
import { useReached } from "../../api/connection";
import { rushesQuery } from "../../api/queries";
import { useAccount } from "../../session/boot";
import { QuotaNote } from "../../ui/QuotaNote";
import { Empty } from "../scaffold/Empty";
import { RoomGate } from "../scaffold/RoomGate";
import { isStillIn, useDeleted, useMake } from "../scaffold/records";
import { lastUsed } from "../../session/lastUsed";
import { cardsQuery, type CardWhole } from "./card";
import { OpenCard } from "./OpenCard";
import "./card.css";
import { useTitle } from "../../ui/useTitle";

/** How often the server is asked again while it does not answer, in ms. */
const AGAIN_MS = 4000;

const records = { room: "card", path: "cards", lists: ["cards"] };

/** The cards to carry: pick one, read it, tick it off, print it. All of them are kept on this device after one visit. */
export default function CardRoom() {
  const { outbox } = useAccount();
  const { id } = useParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  const reached = useReached();
  // what this device has kept is shown until the server answers again, which is asked for by itself
  const again = reached ? false : AGAIN_MS;
  const cards = useQuery({ ...cardsQuery, refetchInterval: again });
  const make = useMake<CardWhole>(records, async () => {
    // pressed before the rushes have come, it waits for them: a card begins with the newest
    const { rushes: all } = await client.fetchQuery(rushesQuery);
    const there = new Set(all.map((row) => row.id));
    // the holds of the day stand on the keys of the body used last; without any, it begins with the newest
    const { body } = lastUsed();
    const laid = body === undefined ? null : await request("GET", `layouts/${body}`).catch(() => null);
    const day = (laid?.layout.holds ?? []).filter((hold) => there.has(hold));
    return { name: "A new card", rushes: day.length > 0 ? day : all.slice(0, 1).map((row) => row.id) };
  });
  const { notice, onDeleted } = useDeleted(records);
  const first = cards.data?.cards[0]?.id;
  // the newest are there whole; any other is fetched when it is opened
  const isOther = cards.data?.others.some((one) => one.id === id) === true;
  const other = useQuery({
    queryKey: ["cards", id],
    queryFn: () => requestAs<CardWhole>("GET", `cards/${id}`),
    enabled: isOther,
    refetchInterval: again,
  });
  const open = cards.data?.cards.find((card) => card.id === id) ?? (isOther ? other.data : undefined);
  useTitle(open?.card.name ?? null);
  useEffect(() => {
    if (id === undefined && first !== undefined && isStillIn("card"))
      void navigate(`/card/${first}`, { replace: true });
  }, [id, first, navigate]);

  return (
    <RoomGate
      what="your cards"
      needs={[cards]}
      opened={cards.data ?? null}
      notice={notice}
      empty={
        cards.data !== undefined &&
        first === undefined && (
          <Empty title="No card yet." fault={make.error}>
            <p>
              A card carries the holds of a day into the field: in your camera's own words, on paper or on this phone.
            </p>
            <button type="button" className="primary" disabled={make.isPending} onClick={() => make.mutate()}>
              Make the first one
            </button>
          </Empty>
        )
      }
      isGone={
        id !== undefined && open === undefined && !isOther && cards.isSuccess && !cards.isFetching && !make.isPending
      }
      gone={{ title: "This card is not here.", to: "/card", words: "Open the newest" }}
    >
      {(all) => (
        <>
          {make.isError && <p className="note fault">{make.error.message}</p>}
          <QuotaNote name="cards" quota={all.quota} />
          {open === undefined && isOther && (
            <p className="note empty" aria-busy="true">
              {reached
                ? "Fetching this card…"
                : `This device carries the ${all.cards.length} newest of ${all.quota.used} cards; this one needs a line. `}
              {!reached && first !== undefined && <Link to={`/card/${first}`}>Open the newest</Link>}
            </p>
          )}
          {open !== undefined && (
            <OpenCard
              key={open.id}
              server={open}
              names={[...all.cards.map((card) => ({ id: card.id, name: card.card.name })), ...all.others]}
              carried={all.cards.length}
              outbox={outbox}
              onNew={() => make.mutate()}
              onDeleted={(card) => onDeleted({ id: card.id, name: card.card.name })}
            />
          )}
        </>
      )}
    </RoomGate>
  );
}
