import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useMemo, useState, useSyncExternalStore } from "react";
import { useNavigate } from "react-router-dom";
import { useReached } from "../../api/connection";
import { gearQuery } from "../../api/queries";
import type { Gear } from "../../api/types";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { useAccount } from "../../session/boot";
import { waitingCameraState, waitingTicks, type Outbox } from "../../session/Outbox";
import { YoursAsked } from "../../ui/YoursAsked";
import { Dialog } from "../../ui/Dialog";
import { RecordPicker } from "../scaffold/RecordPicker";
import { CameraStateEditor } from "./CameraStateEditor";
import { ago, asLeftNow, CardAutosave, isFaulty, merged, type CardWhole, type OwnPage } from "./card";
import { CardActs } from "./CardActs";
import { CardPageView } from "./CardPageView";

/** Every range that a limiter of these lenses has. */
const lensRanges = (gear: Gear[]): [number, number | null][] => {
  const all = gear.flatMap((one) => (one.type === "lens" ? (one.document.limiter_m as [number, number | null][]) : []));
  return [...new Map(all.map((range) => [range.join(" "), range])).values()].toSorted(([a], [b]) => a - b);
};

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

/** One card: its holds as tabs, each to read, to tick off and to print. */
export function OpenCard({ server, names, carried, outbox, onNew, onDeleted }: Props) {
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
  const [picked, setPicked] = useState<string | null>(null);
  const [more, setMore] = useState(false);
  const [typing, setTyping] = useState<OwnPage | null>(null);
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
  const body = gear.data?.gear.find((one) => one.id === typing?.body.id);
  const saved = record.server.revision;
  useEffect(() => {
    if (saved !== server.revision) void client.invalidateQueries({ queryKey: ["cards"] });
    // only when something was saved
  }, [saved, server.revision, client]);
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
      <CardActs
        server={server}
        record={record}
        autosave={autosave}
        pages={shown.pages}
        folded={!more}
        onNew={onNew}
        onDeleted={onDeleted}
      />
      <YoursAsked
        rushes={pages.filter((page) => !isFaulty(page)).map(({ key, name }) => ({ id: key, name }))}
        stamp={`card ${saved}`}
      />
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
        <CardPageView
          key={page.key}
          page={page}
          current={page.key === current?.key}
          cardId={server.id}
          cardName={draft.name}
          ticks={ticks}
          units={units}
          outbox={outbox}
          onType={setTyping}
        />
      ))}
      <Dialog
        open={typing !== null}
        title={`How ${typing?.body.name ?? ""} was left`}
        width={760}
        onClose={() => setTyping(null)}
      >
        {typing !== null && body?.type === "body" && (
          <CameraStateEditor
            body={body}
            state={typing.camera_state?.state ?? { format: "camera-state/1" }}
            units={units}
            ranges={lensRanges(gear.data?.gear ?? [])}
            onDone={(state) => {
              outbox.cameraState(typing.body.id, state, "typed");
              setTyping(null);
            }}
          />
        )}
        {typing !== null && body === undefined && (
          <p className="note" role="status">
            {reached || gear.isPending
              ? "One moment…"
              : "What this body can be set to was not carried along; it is asked for again as soon as there is a signal."}
          </p>
        )}
      </Dialog>
    </div>
  );
}
