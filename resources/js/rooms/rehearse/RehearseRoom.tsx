import { focusModes, focusTargets } from "../../generated/vocabulary";
import { useQuery } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { kitsQuery, rushesQuery, rushQuery } from "../../api/queries";
import type { Dials, KitWhole, RushRow, RushWhole } from "../../api/types";
import { Assumed } from "../../ui/AssumedFigures";
import { YoursAsked } from "../../ui/YoursAsked";
import { useAccount, useCatalogue } from "../../session/boot";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { useAssume } from "../../session/usePutFigure";
import { Empty } from "../scaffold/Empty";
import { RecordPicker } from "../scaffold/RecordPicker";
import { RoomGate } from "../scaffold/RoomGate";
import { useFirst } from "../scaffold/records";
import { PassLane } from "./PassLane";
import { PassPane } from "./PassPane";
import { show } from "../../units/quantity";
import { faultText, RushAutosave } from "../../rush/rushAutosave";
import { DialRow } from "./DialRow";
import { noDials, turned } from "../../hold/dials";
import { fetchTake, frameAt, stepAt, type FocusTarget, type Take } from "./rehearsal";
import { SweepPart } from "./SweepPart";
import { TimeChart } from "./TimeChart";
import { ExpectationPanel } from "./ExpectationPanel";
import { rates, usePlay, type Playing } from "./usePlay";
import { VerdictMark, verdictWords } from "./Verdicts";
import "./rehearse.css";
import { useTitle } from "../../ui/useTitle";

/** The Rehearse room: plays the rush in the address, or the last one, against its hold. */
export default function RehearseRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const rushes = useQuery(rushesQuery);
  const kits = useQuery(kitsQuery);
  const opened = useQuery(rushQuery(id, "rehearse"));
  const first = rushes.data?.rushes[0]?.id;
  useFirst("rehearse", id, first);

  useTitle(opened.data?.rush.name ?? null);
  return (
    <RoomGate
      what="your rush"
      needs={[opened, kits, rushes]}
      opened={
        opened.data && kits.data && rushes.data
          ? { server: opened.data, kits: kits.data.kits, rushes: rushes.data.rushes }
          : null
      }
      empty={
        id === undefined &&
        rushes.isSuccess &&
        first === undefined && (
          <Empty title="Nothing to rehearse yet.">
            <p>A rehearsal plays a rush against its hold, many times over. Describe a rush first.</p>
            <Link to="/plan">Write the first one in Plan</Link>
          </Empty>
        )
      }
      gone={{ title: "This rush is not here.", to: "/rehearse", words: "Rehearse your latest" }}
    >
      {(all) => <OpenRehearsal key={all.server.id} {...all} onRush={(next) => void navigate(`/rehearse/${next}`)} />}
    </RoomGate>
  );
}

type Props = { server: RushWhole; rushes: RushRow[]; kits: KitWhole[]; onRush: (id: string) => void };

function OpenRehearsal({ server, rushes, kits, onRush }: Props) {
  const { user } = useAccount();
  const { units } = user.settings;
  const kinds = useCatalogue();
  const [autosave] = useState(() => new RushAutosave(server));
  const record = useAutosave(autosave);
  useUndoKeys(autosave);
  const assume = useAssume(autosave);
  const { id, plan, fault } = record.server;
  const taken = record.draft.dials;
  const stamp = `${record.server.revision} ${units} ${JSON.stringify([user.assumptions, user.learnt])}`;
  const [seed, setSeed] = useState(1);
  const [dials, setDials] = useState<Dials>({});
  const planned = plan !== null && !record.dirty;
  const pass = useQuery({
    queryKey: ["take", id, stamp, seed, dials],
    queryFn: () => fetchTake(id, seed, dials),
    enabled: planned,
    placeholderData: (old) => old,
  });
  const told = useQuery({
    queryKey: ["rehearsal", id, stamp],
    queryFn: () => request("GET", `rushes/${id}/rehearsal`),
    enabled: planned,
    placeholderData: (old) => old,
  });
  const helps = useQuery({
    queryKey: ["helps", id, stamp],
    queryFn: () => request("GET", `rushes/${id}/rehearsal/remedies`),
    enabled: planned && told.isSuccess && !told.isPlaceholderData,
    placeholderData: (old) => old,
  });
  const tried = useQuery({
    queryKey: ["tried", id, stamp, dials],
    queryFn: () => request("POST", `rushes/${id}/rehearsal/try`, { dials }),
    enabled: planned && !noDials(dials),
  });
  const take = pass.data;
  const play = usePlay(take);
  const kind = useMemo(
    () => kinds.find((entry) => entry.id === record.draft.rush.subject.kind) ?? kinds[0]!,
    [kinds, record.draft.rush.subject.kind],
  );
  const kit = kits.find((one) => one.id === record.draft.kit_id);
  const adopt = (next: Dials): void => {
    autosave.edit({ ...record.draft, dials: turned(taken, next) }, newGesture("dials"));
    setDials({});
  };

  return (
    <div className="rehearse">
      <div className="titleline">
        <h1 className="unseen">Rehearse {record.draft.rush.name}</h1>
        <RecordPicker label="Rush" value={id} name={record.draft.rush.name} options={rushes} onPick={onRush} />
        <Link to={`/plan/${id}`}>plan</Link>
        <SaveLine record={record} autosave={autosave} what="this rush" at={record.server.updated_at} />
        <span className="keys-hint note">
          <b>space</b> plays, <b>← →</b> go from frame to frame
        </span>
      </div>
      {fault !== null && (
        <p className="stand-in" role="status">
          <b>There is no plan to rehearse.</b> {faultText(fault)} <Link to={`/plan/${id}`}>Change it in Plan</Link>
        </p>
      )}
      {plan !== null && (
        <>
          <ExpectationPanel
            told={told.data}
            odds={plan.odds}
            stale={told.isPlaceholderData || !planned}
            tried={noDials(dials) ? undefined : tried.data}
            helps={helps.data}
            wrong={told.isError ? told.error.message : null}
            onTry={(next) => setDials(next)}
          />
          {!noDials(taken) && (
            <p className="taken-dials" data-testid="taken">
              Taken from a rehearsal:{" "}
              {Object.keys(taken)
                .map((name) => dialNames[name as keyof Dials])
                .join(", ")}
              .{" "}
              <button
                type="button"
                className="text-button"
                onClick={() => autosave.edit({ ...record.draft, dials: {} }, newGesture("dials"))}
              >
                give them back to the plan
              </button>
            </p>
          )}
          {take === undefined ? (
            <p className="note stage-wait" aria-busy={!pass.isError}>
              {pass.isError ? pass.error.message : "Drawing a pass…"}
            </p>
          ) : (
            <>
              <PassLane
                take={take}
                kind={kind}
                closestM={kit?.kit.lens.closest_m ?? 0.5}
                time={play.time}
                units={units}
              />
              <div className="columns stage">
                <div>
                  <TimeChart take={take} time={play.time} units={units} onTime={play.setTime} />
                  <Controls play={play} take={take} onSeed={() => setSeed((now) => now + 1)} seed={seed} />
                </div>
                <div>
                  <PassPane take={take} rush={record.draft.rush} kind={kind} time={play.time} />
                  <Translated take={take} time={play.time} />
                </div>
              </div>
              <DialRow
                hold={plan.hold}
                choices={take.choices}
                dials={dials}
                onTurn={setDials}
                onChange={() => adopt(dials)}
              />
            </>
          )}
          <SweepPart
            id={id}
            stamp={stamp}
            follows={focusModes.some((mode) => mode.value === plan.hold.focus_mode && mode.follows)}
            onTry={(next) => {
              setDials(next);
              window.scrollTo({ top: 0 });
            }}
            onChange={adopt}
          />
          {told.data !== undefined && (
            <Assumed
              title="The figures a rehearsal rests on, assumed: put in your own"
              assumed={told.data.assumed}
              units={units}
              onChanged={assume}
            />
          )}
          <YoursAsked key={stamp} rushes={[{ id, name: record.draft.rush.name }]} stamp={stamp} />
          <p className="note rehearse-note">
            Every number here is played, not measured: it rests on the plan’s own formulas and on assumed figures of how
            hands stray and how autofocus finds, waits and follows.{" "}
            {told.data === undefined ? "" : `${told.data.passes} passes, the same ones for every hold.`} Intervals are
            95 %. {units === "metric" ? "" : `Distances in ${show(1, "length", units).replace(/[\d.,\s]/g, "")}.`}
          </p>
        </>
      )}
    </div>
  );
}

const dialNames: Record<keyof Dials, string> = {
  area: "area",
  stay: "stay",
  pace: "pace",
  shutter_s: "shutter",
  f_number: "aperture",
};

type ControlsProps = { play: Playing; take: Take; seed: number; onSeed: () => void };

/** Play, step, slow down, go round, another try; and the slider of the time. */
function Controls({ play, take, seed, onSeed }: ControlsProps) {
  return (
    <div className="play-controls">
      <input
        type="range"
        className="time-slider"
        aria-label="Time in the pass, seconds"
        aria-valuetext={`${play.time.toFixed(2)} s`}
        min={0}
        max={take.scene.duration_s}
        step={take.scene.step_s}
        value={play.time}
        onChange={(event) => play.setTime(Number(event.target.value))}
      />
      <div className="play-row">
        <button type="button" className="primary play-button" onClick={play.toggle}>
          {play.plays ? "Stop" : "Play"}
        </button>
        <button type="button" className="step-button" aria-label="The frame before" onClick={() => play.step(-1)}>
          ←
        </button>
        <button type="button" className="step-button" aria-label="The next frame" onClick={() => play.step(1)}>
          →
        </button>
        <span className="play-time" data-testid="play-time">
          {play.time.toFixed(2)} s
        </span>
        <span role="group" aria-label="Speed" className="play-rates">
          {rates.map((rate) => (
            <button
              key={rate.value}
              type="button"
              className="quiet"
              aria-pressed={play.rate === rate.value}
              onClick={() => play.setRate(rate.value)}
            >
              {rate.words}
            </button>
          ))}
        </span>
        <label className="has">
          <input type="checkbox" checked={play.loops} onChange={(event) => play.setLoops(event.target.checked)} />
          again and again
        </label>
        <button type="button" className="text-button" onClick={onSeed}>
          another try<span className="unseen">, now number {seed}</span>
        </button>
      </div>
    </div>
  );
}

/** What the focus does at this moment, the frame taken in it, and what the marks mean. */
function Translated({ take, time }: { take: Take; time: number }) {
  const main = take.tried ?? take;
  const frame = frameAt(main, time);
  const held = main.held[stepAt(take, time)] as FocusTarget;
  const seen = [...new Set(main.frames.map((one) => one.verdict))];
  const um = (mm: number): string => `${(mm * 1000).toFixed(mm < 0.01 ? 1 : 0)} µm`;
  return (
    <div className="said-frame">
      <p data-testid="frame-says">
        Focus: <b>{focusTargets[held]}</b>.{" "}
        {frame === null ? (
          <span className="note">Between frames.</span>
        ) : (
          <>
            <VerdictMark verdict={frame.verdict} /> <b>{verdictWords[frame.verdict]}</b>, {um(frame.total_mm)} of{" "}
            {um(main.limit_mm)}: motion {um(frame.motion_mm)}, hands {um(frame.shake_mm)}, focus {um(frame.defocus_mm)}
          </>
        )}
      </p>
      <p className="verdict-key note">
        {seen.map((verdict) => (
          <span key={verdict}>
            <VerdictMark verdict={verdict} /> {verdictWords[verdict]}
          </span>
        ))}
      </p>
    </div>
  );
}
