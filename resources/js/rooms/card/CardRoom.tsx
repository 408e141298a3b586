import { limits, papers } from "../../generated/vocabulary";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { useReached } from "../../api/connection";
import { gearQuery, rushesQuery } from "../../api/queries";
import { AddFromList } from "../../ui/AddFromList";
import { useAccount } from "../../session/boot";
import { Dialog } from "../../ui/Dialog";
import { QuotaNote } from "../../ui/QuotaNote";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { TextInput } from "../../ui/inputs";
import { waitingCameraState, waitingTicks, type Outbox } from "../../session/Outbox";
import { Empty } from "../scaffold/Empty";
import { RecordPicker } from "../scaffold/RecordPicker";
import { RoomGate } from "../scaffold/RoomGate";
import { isStillIn, useDeleted, useMake } from "../scaffold/records";
import { ago, asLeftNow, CardAutosave, cardsQuery, isFaulty, merged, type CardWhole, type OwnPage } from "./card";
import { CameraStateEditor } from "./CameraStateEditor";
import { usePaper, type Paper } from "./paper";
import { Share } from "./Share";
import { PageView } from "./PageView";
import { ToSet } from "./ToSet";

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
    return { name: "A new card", rushes: all.slice(0, 1).map((row) => row.id) };
  });
  const { notice, onDeleted } = useDeleted(records);
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
    if (
      first !== undefined &&
      cards.isSuccess &&
      !cards.isFetching &&
      open === undefined &&
      !isOther &&
      isStillIn("card")
    )
      void navigate(`/card/${first}`, { replace: true });
  }, [first, cards.isSuccess, cards.isFetching, open, isOther, navigate]);

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
      gone={{ title: "These cards are not here.", to: "/card", words: "Open the newest" }}
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
  const [autosave] = useState(() => new CardAutosave(server));
  const record = useAutosave(autosave);
  useUndoKeys(autosave);
  const letters = useSyncExternalStore(outbox.subscribe, outbox.snapshot);
  const ticksWait = letters.some((letter) => letter.path !== "settings");
  const gear = useQuery(gearQuery);
  const rushes = useQuery(rushesQuery);
  const [picked, setPicked] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [panel, setPanel] = useState<"holds" | "share" | null>(null);
  const [typing, setTyping] = useState<OwnPage | null>(null);
  const [paper, setPaper] = useState<Paper>("a6");
  usePaper(paper);
  const { draft } = record;

  // the list is fetched anew when something arrives; the autosave's own answer is newer right after a change
  const shown = record.server.revision > server.revision ? record.server : server;
  const ticks = useMemo(
    () => merged(server.ticks, waitingTicks(letters, server.id)),
    [server.ticks, letters, server.id],
  );
  // how a body was left is known on this device before it has arrived
  const pages = useMemo(
    () =>
      shown.pages.map((page) => {
        const left = isFaulty(page) ? null : waitingCameraState(letters, page.body.id);
        return isFaulty(page) || left === null ? page : asLeftNow(page, left);
      }),
    [shown.pages, letters],
  );
  const current = pages.find((page) => page.key === picked) ?? pages[0];
  const saved = record.server.revision;
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
  const edit = (rushIds: string[]): void => autosave.edit({ ...draft, rushes: rushIds }, newGesture("holds"));
  const others = (rushes.data?.rushes ?? []).filter((row) => !draft.rushes.includes(row.id));
  const nameOf = (id: string): string =>
    rushes.data?.rushes.find((row) => row.id === id)?.name ??
    shown.pages.find((page) => page.key === id)?.name ??
    "a rush that is gone";

  return (
    <div className="card-room">
      <div className="titleline card-title">
        <RecordPicker
          label="Card"
          value={server.id}
          name={draft.name}
          options={names}
          onPick={(next) => void navigate(`/card/${next}`)}
        />
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
        <SaveLine record={record} autosave={autosave} what="this card" />
        <button
          type="button"
          className="text-button"
          aria-expanded={panel === "holds"}
          onClick={() => setPanel(panel === "holds" ? null : "holds")}
        >
          name and holds
        </button>
        <button
          type="button"
          className="text-button"
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
          <button type="button" className="text-button" onClick={() => window.print()}>
            print
          </button>
          <a
            className="text-button"
            href={`/api/cards/${server.id}/pdf?paper=${paper}`}
            target="_blank"
            rel="noreferrer"
          >
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
              most={limits.name}
              onChange={(name, gesture) => autosave.edit({ ...draft, name }, gesture)}
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
          {draft.rushes.length < limits.holds && (
            <AddFromList label="Add a hold to the card" options={others} onAdd={(id) => edit([...draft.rushes, id])} />
          )}
        </section>
      )}
      {panel === "share" && (
        <section className="panel" aria-label="Share">
          <Share card={server} onChanged={() => void client.invalidateQueries({ queryKey: ["cards"] })} />
        </section>
      )}
      <nav className="card-tabs" aria-label="Holds of this card">
        {pages.map((page) => (
          <button
            key={page.key}
            type="button"
            aria-pressed={page.key === current?.key}
            onClick={() => setPicked(page.key)}
          >
            {page.name}
          </button>
        ))}
      </nav>
      {pages.length === 0 && <p className="empty">This card holds no hold yet: add one under “name and holds”.</p>}
      {pages.map((page) => (
        <article key={page.key} className={page.key === current?.key ? "card-page current" : "card-page"}>
          {isFaulty(page) ? (
            <>
              <h2>{page.name}</h2>
              <p className="stand-in">
                {page.fault} <Link to={`/plan/${page.key}`}>Look at it in Plan</Link>
              </p>
            </>
          ) : (
            <>
              <header className="card-page-head">
                <h2>{page.name}</h2>
                <p className="note">
                  {page.body.name}, {page.kit}{" "}
                  <span className="screen-only">
                    · <Link to={`/plan/${page.key}`}>why</Link>
                  </span>
                </p>
              </header>
              <div className="card-page-columns">
                <div>
                  <PageView page={page} units={units} />
                </div>
                <ToSet
                  page={page}
                  cardId={server.id}
                  cardName={draft.name}
                  ticks={ticks}
                  outbox={outbox}
                  onType={() => setTyping(page)}
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
          <CameraStateEditor
            body={gear.data.gear.find((one) => one.id === typing.body.id)!}
            state={typing.camera_state?.state ?? { format: "camera-state/1" }}
            units={units}
            onDone={(state) => {
              outbox.cameraState(typing.body.id, state, "typed");
              setTyping(null);
            }}
          />
        )}
      </Dialog>
    </div>
  );
}
