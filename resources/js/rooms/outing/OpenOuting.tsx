import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { useReached } from "../../api/connection";
import { rushesQuery } from "../../api/queries";
import type { Autosaved } from "../../autosave/Autosave";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { useAccount, useCatalogue } from "../../session/boot";
import { useCreation } from "../../session/creation";
import { Choice } from "../../ui/Choice";
import { TextInput } from "../../ui/inputs";
import { useMedia } from "../../ui/useMedia";
import { useRested } from "../../ui/useRested";
import { PlaceOfFields } from "../../units/unread";
import type { Units } from "../../api/types";
import { AtHand } from "./AtHand";
import { DayStrip } from "./DayStrip";
import { ExpectedList } from "./ExpectedList";
import { HoldsOnPaper } from "./HoldsOnPaper";
import { OrderOfDay } from "./OrderOfDay";
import { PlacePart } from "./PlacePart";
import { SkyPart } from "./SkyPart";
import { DateInput, TimeInput } from "./TimeInput";
import { WaterPart } from "./WaterPart";
import type { SunStands } from "./Compass";
import {
  OutingAutosave,
  PlaceAutosave,
  stepOf,
  type Day,
  type Kept,
  type OutingDraft,
  type OutingWhole,
  type Place,
  type PlaceList,
  type PlaceWhole,
} from "./outing";

type Props = {
  server: OutingWhole;
  names: { id: string; name: string; date: string }[];
  places: PlaceList["places"];
  onNew: (placeId: string, place: Place) => void;
  onDeleted: (one: { id: string; name: string }) => void;
};

/** One day out. */
export function OpenOuting(props: Props) {
  const { server } = props;
  const [autosave] = useState(() => new OutingAutosave(server));
  const record = useAutosave(autosave);
  useUndoKeys(autosave);
  const placeId = record.draft.place_id;
  const place = useQuery({
    queryKey: ["place", placeId],
    queryFn: () => request("GET", `places/${placeId}`),
    staleTime: 0,
    gcTime: 0,
    retry: false,
  });
  if (place.isError)
    return (
      <p className="note empty">
        The place of this outing has been deleted.{" "}
        {props.places.length > 0 && (
          <Choice
            label="Another place"
            value=""
            options={[
              { value: "", words: "Go to …" },
              ...props.places.map((one) => ({ value: one.id, words: one.name })),
            ]}
            onChange={(next) => next !== "" && autosave.edit({ ...record.draft, place_id: next }, newGesture("place"))}
          />
        )}
      </p>
    );
  if (place.data === undefined)
    return (
      <p className="note empty" aria-busy="true">
        Fetching the place…
      </p>
    );
  return <AtPlace key={place.data.id} {...props} outing={autosave} record={record} placeServer={place.data} />;
}

type AtPlaceProps = Props & {
  outing: OutingAutosave;
  record: Autosaved<OutingDraft, OutingWhole>;
  placeServer: PlaceWhole;
};

function AtPlace({ server, names, places, onNew, onDeleted, outing, record, placeServer }: AtPlaceProps) {
  const { user } = useAccount();
  const { units } = user.settings;
  const reached = useReached();
  const isNarrow = useMedia("(max-width: 640px)");
  const client = useQueryClient();
  const navigate = useNavigate();
  const [placeSave] = useState(() => new PlaceAutosave(placeServer));
  const placeRecord = useAutosave(placeSave);
  const rushes = useQuery(rushesQuery);
  const { draft } = record;
  const kept = draft.outing;
  const { place } = placeRecord.draft;
  const isSaved = !record.dirty && !placeRecord.dirty;
  const found = useQuery({
    queryKey: [
      "day",
      server.id,
      record.server.revision,
      placeRecord.server.revision,
      units,
      JSON.stringify([user.assumptions, user.learnt]),
    ],
    queryFn: ({ signal }) => request("GET", `outings/${server.id}/day`, undefined, signal),
    enabled: isSaved,
    placeholderData: (old) => old,
    staleTime: 0,
  });
  // a day that this device has kept from before there was water on it tells too little to be shown
  const day = found.data?.day?.spots === undefined ? null : found.data.day;
  const fault = found.data?.fault ?? null;
  const [sun, setSun] = useState<SunStands | null>(null);
  // as it stands now: a field that answers late still leaves what others have changed
  const edit = (next: Partial<OutingDraft>, gesture: string): void =>
    outing.edit({ ...outing.snapshot().draft, ...next }, gesture);
  const change = (next: Partial<Kept>, gesture: string): void =>
    edit({ outing: { ...outing.snapshot().draft.outing, ...next } }, gesture);

  useEffect(() => () => void client.invalidateQueries({ queryKey: ["outings"] }), [client, record.server.revision]);
  useEffect(() => () => void client.invalidateQueries({ queryKey: ["places"] }), [client, placeRecord.server.revision]);

  const rename = (name: string, gesture: string): void => edit({ name }, gesture);

  const acts = (
    <Acts
      server={server}
      day={day}
      kept={kept}
      name={draft.name}
      onNew={() => onNew(draft.place_id, place)}
      onDeleted={onDeleted}
    />
  );

  return (
    <div className="outing-room">
      <div className="titleline">
        <h1 className="outing-title">
          <TextInput
            label="Name of this outing"
            className="outing-name"
            value={draft.name}
            most={120}
            onChange={rename}
          />
        </h1>
        {names.length > 1 && (
          <Choice
            label="Another outing"
            value=""
            options={[
              { value: "", words: "all outings" },
              ...names
                .filter((one) => one.id !== server.id)
                .map((one) => ({ value: one.id, words: `${one.name}, ${one.date}` })),
            ]}
            onChange={(next) => next !== "" && void navigate(`/outing/${next}`)}
          />
        )}
        <SaveLine record={record} autosave={outing} what="this outing" />
        {!isNarrow && acts}
      </div>
      <PlaceOfFields value={`outings/${server.id}`}>
        <div className="outing-head">
          <span className="outing-when">
            on <DateInput label="Date" value={kept.date} onChange={(date) => change({ date }, newGesture("date"))} />{" "}
            from{" "}
            <TimeInput label="Begins" value={kept.from} onChange={(from) => change({ from }, newGesture("from"))} /> to{" "}
            <TimeInput label="Ends" value={kept.until} onChange={(until) => change({ until }, newGesture("until"))} />{" "}
            {kept.until <= kept.from && <span className="next-day">next day</span>} at{" "}
            <Choice
              label="Place"
              value={draft.place_id}
              options={places.map((one) => ({
                value: one.id,
                words: one.id === placeServer.id ? place.name : one.name,
              }))}
              onChange={(next) => edit({ place_id: next }, newGesture("place"))}
            />
          </span>
          <span className="outing-sun note">
            {day?.sun.says} {found.isFetching ? "Working it out…" : ""}
            {!reached && <b className="fail">No signal: the day as this device kept it.</b>}
          </span>
        </div>
        {fault !== null && (
          <p className="fail outing-fault" role="alert">
            {fault.faults?.[0]?.message ?? fault.detail ?? fault.title}
          </p>
        )}
        {found.isError && (
          <p className="note fault" role="alert">
            {found.error.message}
          </p>
        )}
        {day === null ? (
          <p className="note strip-wait" aria-busy={found.isFetching}>
            {fault === null ? "Working out the day…" : "The day cannot be worked out until that is mended."}
          </p>
        ) : (
          <DayShown
            day={day}
            place={place}
            units={units}
            kept={kept}
            asked={[server.id, record.server.revision, placeRecord.server.revision]}
            isFresh={isSaved && !found.isPlaceholderData}
            onSun={setSun}
          />
        )}
        <div className="columns outing-columns">
          <div>
            <ExpectedList
              onWalks={(walks, gesture) => change({ walks }, gesture)}
              kept={kept}
              place={place}
              rows={rushes.data?.rushes ?? null}
              day={day}
              onChange={(next, gesture) => change({ rushes: next }, gesture)}
            />
            <WaterPart kept={kept} place={place} units={units} day={day} onChange={change} />
          </div>
          <SkyPart
            kept={kept}
            sky={record.server.sky}
            units={units}
            onChange={(sky, gesture) => change({ sky }, gesture)}
          />
        </div>
      </PlaceOfFields>
      {isNarrow && acts}
      <PlacePart
        record={placeRecord}
        autosave={placeSave}
        sun={sun}
        units={units}
        waters={day?.spots ?? []}
        learnt={found.data?.learnt ?? null}
      />
    </div>
  );
}

/** The hand may rest so long before what is dear to draw follows it, in ms. */
const REST_MS = 250;

type DayProps = {
  day: Day;
  place: Place;
  units: Units;
  kept: Kept;
  /** Of which outing it is, and by which changes of it and of its place. */
  asked: [string, number, number];
  /** Whether the day is the one of these changes, and not that of before. */
  isFresh: boolean;
  onSun: (sun: SunStands) => void;
};

/** The day under the hand: only this follows where the hand goes, so that it follows at once. */
function DayShown({ day, place, units, kept, asked, isFresh, onSun }: DayProps) {
  const kinds = useCatalogue();
  const [clock, setClock] = useState<string | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const at = Math.min(
    day.moments.length - 1,
    Math.max(0, Math.round(clock === null ? firstLook(day) : stepOf(day, clock))),
  );
  const rush = day.rushes.find((one) => one.id === (picked ?? day.order.stays[0]?.rush)) ?? day.rushes[0] ?? null;
  const rested = Math.min(useRested(at, REST_MS), day.moments.length - 1);
  // the compasses of the place show the sun of where the hand has come to rest
  useEffect(() => {
    const now = day.moments[rested]!;
    onSun({ azimuth: now.azimuth_deg, isUp: now.apparent_deg > 0 });
  }, [day, rested, onSun]);
  return (
    <>
      <DayStrip
        day={day}
        place={place}
        units={units}
        at={at}
        picked={rush?.id ?? null}
        onAt={(moment) => setClock(day.moments[moment]!.at)}
        onPick={setPicked}
      />
      <AtHand
        day={day}
        place={place}
        at={at}
        restedAt={rested}
        rush={rush}
        ownLight={kept.rushes.find((one) => one.id === rush?.id)?.own_light === true}
        asked={asked}
        isFresh={isFresh}
        kinds={kinds}
      />
      <OrderOfDay day={day} place={place} onAt={setClock} onPick={setPicked} />
      <HoldsOnPaper day={day} units={units} />
    </>
  );
}

/** Where the hand stands at first: at the best moment of the first rush, or in the middle. */
const firstLook = (day: Day): number => {
  const best = day.order.stays[0] ?? null;
  if (best !== null) return stepOf(day, best.from) + 3;
  return Math.floor(day.moments.length / 2);
};

/** When a rush may first happen; those whose hours lie outside come last. */
const begins = (rush: Day["rushes"][number]): number => Date.parse(rush.hours[0]?.from ?? "9999-12-31");

type ActsProps = {
  server: OutingWhole;
  day: Day | null;
  kept: Kept;
  name: string;
  onNew: () => void;
  onDeleted: (one: { id: string; name: string }) => void;
};

/** What can be done with an outing as a whole. */
function Acts({ server, day, kept, name, onNew, onDeleted }: ActsProps) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const creation = useCreation();
  const remove = useMutation({
    mutationFn: () => request("DELETE", `outings/${server.id}`),
    onSuccess: async () => {
      onDeleted({ id: server.id, name });
      await navigate("/outing");
      await client.invalidateQueries({ queryKey: ["outings"] });
    },
  });
  // in order of time: first what is worked first, then what may happen besides
  const inOrder = [
    ...new Set([
      ...(day?.order.stays.map((stay) => stay.rush) ?? []),
      ...(day?.rushes.toSorted((a, b) => begins(a) - begins(b)).map((one) => one.id) ?? []),
      ...kept.rushes.map((one) => one.id),
    ]),
  ].flatMap((id) => kept.rushes.find((one) => one.id === id)?.rush_id ?? []);
  const card = useMutation({
    mutationFn: () =>
      request("POST", "cards", {
        name,
        rushes: [...new Set(inOrder)],
        outing_id: server.id,
        write_id: creation.writeId(JSON.stringify(inOrder)),
      }),
    onSuccess: async (made) => {
      creation.done();
      await client.invalidateQueries({ queryKey: ["cards"] });
      await navigate(`/card/${made.id}`);
    },
  });
  return (
    <span className="outing-acts">
      <button type="button" className="quiet" onClick={onNew}>
        new outing
      </button>
      <button
        type="button"
        className="quiet"
        disabled={card.isPending || kept.rushes.length === 0}
        onClick={() => card.mutate()}
      >
        card of the day
      </button>
      <a className="quiet" href={`/api/outings/${server.id}/calendar`} download>
        calendar
      </a>
      <button type="button" className="quiet" onClick={() => window.print()}>
        print
      </button>
      <button type="button" className="quiet fail" disabled={remove.isPending} onClick={() => remove.mutate()}>
        delete
      </button>
      {(card.error ?? remove.error) && (
        <span className="note fault" role="alert">
          {(card.error ?? remove.error)?.message}
        </span>
      )}
    </span>
  );
}
