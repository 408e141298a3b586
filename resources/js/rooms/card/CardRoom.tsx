import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { useReached } from "../../api/connection";
import { papers } from "../../generated/vocabulary";
import { gearQuery, rushesQuery } from "../../api/queries";
import { AddOne } from "../../app/AddOne";
import { useAccount } from "../../app/boot";
import { Dialog } from "../../app/Dialog";
import { RoomNote } from "../../app/RoomNote";
import { newGesture } from "../../keeper/gesture";
import { SaveLine } from "../../keeper/SaveLine";
import { useKept, useUndoKeys } from "../../keeper/useKept";
import { TextInput } from "../kit/inputs";
import { useCreation } from "../../session/creation";
import { waitingLeft, waitingTicks, type Outbox } from "../../session/Outbox";
import { ago, asLeft, CardKeeper, cardsQuery, isFaulty, merged, type CardWhole, type OwnSheet } from "./card";
import { LeftEditor } from "./LeftEditor";
import { usePaper, type Paper } from "./paper";
import { Share } from "./Share";
import { SheetView } from "./SheetView";
import { ToSet } from "./ToSet";

/** How often the server is asked again while it does not answer, in ms. */
const AGAIN_MS = 4000;

/** The cards to carry: pick one, read it, tick it off, print it. All of them are kept on this device after one visit. */
export default function CardRoom() {
  const { outbox } = useAccount();
  const { id } = useParams();
  const navigate = useNavigate();
  const client = useQueryClient();
  const creation = useCreation();
  const reached = useReached();
  // what this device has kept is shown until the server answers again, which is asked for by itself
  const again = reached ? false : AGAIN_MS;
  const cards = useQuery({ ...cardsQuery, refetchInterval: again });
  const [deleted, setDeleted] = useState<CardWhole | null>(null);
  const fetched = async (): Promise<void> => client.invalidateQueries({ queryKey: ["cards"] });
  const make = useMutation({
    mutationFn: async () => {
      // pressed before the rushes have come, it waits for them: a card begins with the newest
      const { rushes: all } = await client.fetchQuery(rushesQuery);
      return request<CardWhole>("POST", "cards", {
        write: creation.write(),
        name: "A new card",
        rushes: all.slice(0, 1).map((row) => row.id),
      });
    },
    onSuccess: async (made) => {
      creation.done();
      await fetched();
      await navigate(`/card/${made.id}`);
    },
  });
  const restore = useMutation({
    mutationFn: (card: CardWhole) => request<CardWhole>("POST", `cards/${card.id}/restore`),
    onSuccess: async (back) => {
      setDeleted(null);
      await fetched();
      await navigate(`/card/${back.id}`);
    },
  });
  const first = cards.data?.cards[0]?.id;
  // the newest are there whole; any other is fetched when it is opened
  const isOther = cards.data?.others.some((one) => one.id === id) === true;
  const other = useQuery({
    queryKey: ["cards", id],
    queryFn: () => request<CardWhole>("GET", `cards/${id}`),
    enabled: isOther,
    refetchInterval: again,
  });
  const open = cards.data?.cards.find((card) => card.id === id) ?? (isOther ? other.data : undefined);
  useEffect(() => {
    if (first !== undefined && cards.isSuccess && !cards.isFetching && open === undefined && !isOther)
      void navigate(`/card/${first}`, { replace: true });
  }, [first, cards.isSuccess, cards.isFetching, open, isOther, navigate]);
  const notice = deleted !== null && (
    <p className="deleted" role="status">
      Deleted “{deleted.card.name}”.{" "}
      <button type="button" className="mark" onClick={() => restore.mutate(deleted)}>
        Bring it back
      </button>
    </p>
  );

  if (cards.data === undefined)
    return (
      <p className="note empty" aria-busy="true">
        {cards.failureReason ? `${cards.failureReason.message} Trying again…` : "Fetching your cards…"}
      </p>
    );
  if (first === undefined)
    return (
      <div className="empty">
        {notice}
        <h1>No card yet.</h1>
        <p>A card carries the holds of a day into the field: in your camera's own words, on paper or on this phone.</p>
        <button type="button" className="primary" disabled={make.isPending} onClick={() => make.mutate()}>
          Make the first one
        </button>
        {make.isError && <p className="note fault">{make.error.message}</p>}
      </div>
    );
  return (
    <>
      {notice}
      {make.isError && <p className="note fault">{make.error.message}</p>}
      <RoomNote name="cards" room={cards.data.room} />
      {open === undefined && isOther && (
        <p className="note empty" aria-busy="true">
          {reached
            ? "Fetching this card…"
            : `This device carries the ${cards.data.cards.length} newest of ${cards.data.room.used} cards; this one needs a line. `}
          {!reached && first !== undefined && <Link to={`/card/${first}`}>Open the newest</Link>}
        </p>
      )}
      {open !== undefined && (
        <OpenCard
          key={open.id}
          server={open}
          names={[...cards.data.cards.map((card) => ({ id: card.id, name: card.card.name })), ...cards.data.others]}
          carried={cards.data.cards.length}
          outbox={outbox}
          onNew={() => make.mutate()}
          onDeleted={setDeleted}
        />
      )}
    </>
  );
}

type Props = {
  server: CardWhole;
  /** Every card there is. */
  names: { id: string; name: string }[];
  /** How many of them are kept on this device. */
  carried: number;
  outbox: Outbox;
  onNew: () => void;
  onDeleted: (card: CardWhole) => void;
};

function OpenCard({ server, names, carried, outbox, onNew, onDeleted }: Props) {
  const { user } = useAccount();
  const { units } = user.settings;
  const client = useQueryClient();
  const navigate = useNavigate();
  const reached = useReached();
  const [keeper] = useState(() => new CardKeeper(server));
  const kept = useKept(keeper);
  useUndoKeys(keeper);
  const letters = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const ticksWait = letters.some((letter) => letter.path !== "settings");
  const gear = useQuery(gearQuery);
  const rushes = useQuery(rushesQuery);
  const [picked, setPicked] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [panel, setPanel] = useState<"holds" | "share" | null>(null);
  const [typing, setTyping] = useState<OwnSheet | null>(null);
  const [paper, setPaper] = useState<Paper>("a6");
  usePaper(paper);
  const { draft } = kept;

  // the list is fetched anew when something arrives; the keeper's own answer is newer right after a change
  const shown = kept.server.revision > server.revision ? kept.server : server;
  const ticks = useMemo(
    () => merged(server.ticks, waitingTicks(letters, server.id)),
    [server.ticks, letters, server.id],
  );
  // how a body was left is known on this device before it has arrived
  const sheets = useMemo(
    () =>
      shown.sheets.map((sheet) => {
        const left = isFaulty(sheet) ? null : waitingLeft(letters, sheet.body.id);
        return isFaulty(sheet) || left === null ? sheet : asLeft(sheet, left);
      }),
    [shown.sheets, letters],
  );
  const current = sheets.find((sheet) => sheet.key === picked) ?? sheets[0];
  const saved = kept.server.revision;
  useEffect(() => {
    if (saved !== server.revision) void client.invalidateQueries({ queryKey: ["cards"] });
    // only when something was saved
  }, [saved, server.revision, client]);
  const remove = useMutation({
    mutationFn: () => request<null>("DELETE", `cards/${server.id}`),
    onSuccess: async () => {
      onDeleted(server);
      await client.invalidateQueries({ queryKey: ["cards"] });
      await navigate("/card");
    },
  });
  const edit = (rushIds: string[]): void => keeper.edit({ ...draft, rushes: rushIds }, newGesture("holds"));
  const others = (rushes.data?.rushes ?? []).filter((row) => !draft.rushes.includes(row.id));
  const nameOf = (id: string): string =>
    rushes.data?.rushes.find((row) => row.id === id)?.name ??
    shown.sheets.find((sheet) => sheet.key === id)?.name ??
    "a rush that is gone";

  return (
    <div className="card-room">
      <div className="titleline card-title">
        <select
          className="plain-input title-select"
          aria-label="Card"
          value={server.id}
          onChange={(event) => void navigate(`/card/${event.target.value}`)}
        >
          {names.map((card) => (
            <option key={card.id} value={card.id}>
              {card.id === server.id ? draft.name : card.name}
            </option>
          ))}
        </select>
        <button type="button" className="quiet card-more" aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? "less" : "print, share, edit"}
        </button>
        <span className="card-state" data-testid="card-state">
          {!reached && <b className="fail">No signal: as kept {ago(shown.as_of)}; may be stale.</b>}
          {!reached && names.length > carried && ` The ${carried} newest of ${names.length} cards are here.`}
          {ticksWait && " Ticks wait to be sent."}
        </span>
      </div>
      <div className={more ? "card-acts" : "card-acts folded"}>
        <SaveLine kept={kept} keeper={keeper} what="this card" />
        <button
          type="button"
          className="mark"
          aria-expanded={panel === "holds"}
          onClick={() => setPanel(panel === "holds" ? null : "holds")}
        >
          name and holds
        </button>
        <button
          type="button"
          className="mark"
          aria-expanded={panel === "share"}
          onClick={() => setPanel(panel === "share" ? null : "share")}
        >
          share{server.share === null ? "" : "d"}
        </button>
        <span className="print-row">
          <select
            className="plain-input"
            aria-label="Paper"
            value={paper}
            onChange={(event) => setPaper(event.target.value)}
          >
            {papers.map((one) => (
              <option key={one.value} value={one.value}>
                {one.words}
              </option>
            ))}
          </select>
          <button type="button" className="mark" onClick={() => window.print()}>
            print
          </button>
          <a className="mark" href={`/api/cards/${server.id}/pdf?paper=${paper}`} target="_blank" rel="noreferrer">
            PDF
          </a>
        </span>
        <button type="button" className="quiet card-new" onClick={onNew}>
          new card
        </button>
        <button type="button" className="quiet" aria-label={`Delete ${draft.name}`} onClick={() => remove.mutate()}>
          delete
        </button>
      </div>
      {remove.isError && <p className="note fault">{remove.error.message}</p>}
      {panel === "holds" && (
        <section className="panel" aria-label="Name and holds">
          <div className="field">
            Name
            <TextInput
              label="Name of this card"
              value={draft.name}
              most={120}
              onTake={(name, gesture) => keeper.edit({ ...draft, name }, gesture)}
            />
          </div>
          <ol className="card-holds">
            {draft.rushes.map((id, at) => (
              <li key={id}>
                <span>{nameOf(id)}</span>
                <button
                  type="button"
                  className="quiet"
                  disabled={at === 0}
                  aria-label={`earlier: ${nameOf(id)}`}
                  onClick={() => edit(draft.rushes.toSpliced(at, 1).toSpliced(at - 1, 0, id))}
                >
                  earlier
                </button>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`leave out ${nameOf(id)}`}
                  onClick={() => edit(draft.rushes.filter((one) => one !== id))}
                >
                  leave out
                </button>
              </li>
            ))}
          </ol>
          {draft.rushes.length < 12 && (
            <AddOne label="Add a hold to the card" options={others} onAdd={(id) => edit([...draft.rushes, id])} />
          )}
        </section>
      )}
      {panel === "share" && (
        <section className="panel" aria-label="Share">
          <Share card={server} onChanged={() => void client.invalidateQueries({ queryKey: ["cards"] })} />
        </section>
      )}
      <nav className="card-tabs" aria-label="Holds of this card">
        {sheets.map((sheet) => (
          <button
            key={sheet.key}
            type="button"
            aria-pressed={sheet.key === current?.key}
            onClick={() => setPicked(sheet.key)}
          >
            {sheet.name}
          </button>
        ))}
      </nav>
      {sheets.length === 0 && <p className="empty">This card holds no hold yet: add one under “name and holds”.</p>}
      {sheets.map((sheet) => (
        <article key={sheet.key} className={sheet.key === current?.key ? "sheet current" : "sheet"}>
          {isFaulty(sheet) ? (
            <>
              <h2>{sheet.name}</h2>
              <p className="stand-in">
                {sheet.fault} <Link to={`/plan/${sheet.key}`}>Look at it in Plan</Link>
              </p>
            </>
          ) : (
            <>
              <header className="sheet-head">
                <h2>{sheet.name}</h2>
                <p className="note">
                  {sheet.body.name}, {sheet.kit}{" "}
                  <span className="screen-only">
                    · <Link to={`/plan/${sheet.key}`}>why</Link>
                  </span>
                </p>
              </header>
              <div className="sheet-columns">
                <div>
                  <SheetView sheet={sheet} units={units} />
                </div>
                <ToSet
                  sheet={sheet}
                  cardId={server.id}
                  cardName={draft.name}
                  ticks={ticks}
                  outbox={outbox}
                  onType={() => setTyping(sheet)}
                />
              </div>
            </>
          )}
        </article>
      ))}
      <Dialog
        open={typing !== null}
        title={`How ${typing?.body.name ?? ""} was left`}
        width={760}
        onClose={() => setTyping(null)}
      >
        {typing !== null && gear.data?.gear.some((one) => one.id === typing.body.id) && (
          <LeftEditor
            body={gear.data.gear.find((one) => one.id === typing.body.id)!}
            state={typing.left?.state ?? { format: "left/1" }}
            units={units}
            onDone={(state) => {
              outbox.left(typing.body.id, state, "typed");
              setTyping(null);
            }}
          />
        )}
      </Dialog>
    </div>
  );
}
