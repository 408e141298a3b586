import type { Tips } from "../../generated/answers";
import { Popover } from "antd";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { kitsQuery, rushesQuery, rushQuery } from "../../api/queries";
import type { KitWhole, Plan, RushRow, RushWhole } from "../../api/types";
import { useAccount, useCatalogue } from "../../session/boot";
import { Lane, type Grip } from "../../lane/Lane";
import { Sentence, words } from "../../sentence/Sentence";
import { newGesture } from "../../autosave/gesture";
import { withClutter, withSchool } from "../../sentence/surroundings";
import { type Telling } from "../../sentence/words";
import { withDistance, withMotion, type Draft } from "../../rush/draft";
import type { Hold } from "../../hold/hold";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { typing } from "../../ui/keyboard";
import { useRoomKeys, type RoomKeys } from "../../ui/keys";
import { Pane } from "../../pane/Pane";
import { show } from "../../units/quantity";
import { Empty } from "../scaffold/Empty";
import { RoomGate } from "../scaffold/RoomGate";
import { useDeleted, useFirst, useMake } from "../scaffold/records";
import { AnotherRush } from "./AnotherRush";
import { Answer } from "./Answer";
import { Changes, type Change } from "./Changes";
import { LastRehearsal } from "./LastRehearsal";
import { faultText, RushAutosave, type RushState } from "../../rush/rushAutosave";
import { newRush } from "./newRush";
import { PlanMap } from "./PlanMap";
import { RushList } from "./RushList";
import { Schools } from "./Schools";
import { WhatIf } from "./WhatIf";

const planKeys: RoomKeys = [
  { title: "Words of the sentence", keys: words.map((word) => [word.letter, word.label]) },
  {
    title: "In the sentence",
    keys: [
      ["← →", "from word to word"],
      ["↑ ↓", "step the word you are on"],
      ["Enter", "open it"],
      ["/", "find a rush"],
      ["n", "new rush"],
    ],
  },
];

const records = { room: "plan", path: "rushes", lists: ["rushes"] };

/** The Plan room: opens the rush in the address, or the last one, or offers to write the first. */
export default function PlanRoom() {
  const { id } = useParams();
  const kinds = useCatalogue();
  const rushes = useQuery({ ...rushesQuery, enabled: id === undefined });
  const kits = useQuery(kitsQuery);
  const opened = useQuery(rushQuery(id, "plan"));
  const make = useMake<RushWhole>(records, () => {
    const kit = kits.data?.kits[0];
    const kind = kinds[0];
    if (kit === undefined || kind === undefined) throw new Error("There is no kit yet; make one in Kit.");
    return { kit_id: kit.id, focal_mm: null, rush: newRush(kind, "A new rush") };
  });
  const { notice, onDeleted } = useDeleted(records);
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

type OpenProps = { server: RushWhole; kits: KitWhole[]; onNew: () => void; onDeleted: (row: RushRow) => void };

function OpenRush({ server, kits, onNew, onDeleted }: OpenProps) {
  const { user } = useAccount();
  const { units, letters } = user.settings;
  const kinds = useCatalogue();
  const navigate = useNavigate();
  const client = useQueryClient();
  const [autosave] = useState(() => new RushAutosave(server));
  const record: RushState = useAutosave(autosave);
  const [list, setList] = useState(false);
  const help = useRoomKeys(planKeys);
  const [comparing, setComparing] = useState<"schools" | "rushes" | null>(null);
  const listButton = useRef<HTMLButtonElement>(null);
  const closeList = (): void => {
    setList(false);
    listButton.current?.focus();
  };
  const { draft, save } = record;

  useUndoKeys(autosave);
  useEffect(() => () => void client.invalidateQueries({ queryKey: ["rushes"] }), [client]);
  // a kit, a unit or an assumed figure changed elsewhere gives another plan
  useEffect(() => void autosave.refresh(), [autosave, units, kits]);

  const kind = useMemo(
    () => kinds.find((entry) => entry.id === draft.rush.subject.kind) ?? kinds[0]!,
    [kinds, draft.rush.subject.kind],
  );
  const kit = useMemo(() => kits.find((entry) => entry.id === draft.kit_id) ?? null, [kits, draft.kit_id]);
  const { change, changes } = useChanges(autosave, record, { draft, kind, kit, units });

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target)) return;
      if (letters === "on" && event.key === "/") {
        event.preventDefault();
        setList(true);
      } else if (letters === "on" && event.key === "n") onNew();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [letters, onNew]);

  const rename = (name: string): void => change({ ...draft, rush: { ...draft.rush, name } }, "name");
  const open = (id: string): void => {
    setList(false);
    void navigate(`/plan/${id}`);
  };
  const { fault } = record.server;
  const settled = useSettled(record);
  // everything a plan rests on, so that what is reckoned apart from it follows
  const stamp = useMemo(
    () => [settled, units, JSON.stringify(user.assumptions), JSON.stringify(kit?.kit)].join("|"),
    [settled, units, user.assumptions, kit],
  );
  const plan = useTips(record.server, settled, stamp);
  const waiting = save.kind === "waiting" || save.kind === "refused" || save.kind === "elsewhere";

  return (
    <div className="plan">
      <div className="titleline">
        <Name name={draft.rush.name} onChange={rename} />
        <Popover
          open={list}
          onOpenChange={setList}
          trigger="click"
          placement="bottomLeft"
          arrow={false}
          destroyOnHidden
          content={
            <RushList
              current={server.id}
              onOpen={open}
              onNew={() => {
                setList(false);
                onNew();
              }}
              onClose={closeList}
              onDeleted={(row) => {
                closeList();
                onDeleted(row);
                if (row.id === server.id) void navigate("/plan");
              }}
            />
          }
        >
          <button ref={listButton} type="button" className="quiet" aria-expanded={list} aria-haspopup="dialog">
            all rushes
          </button>
        </Popover>
        <SaveLine record={record} autosave={autosave} what="this rush" at={record.server.updated_at} />
        <LastRehearsal id={server.id} last={record.server.rehearsed} taken={record.draft.dials} />
        <button type="button" className="quiet keys-hint" onClick={help}>
          {letters === "on" ? "Press a letter to change a word, " : "Keys: "}
          <b>?</b> for all of them
        </button>
      </div>
      <Sentence telling={{ draft, kind, kit, units }} letters={letters === "on"} onChange={change} />
      <div className="sticky">
        <Lane
          rush={draft.rush}
          kind={kind}
          closestM={kit?.kit.lens.closest_m ?? 0.5}
          plan={plan}
          units={units}
          onMove={(grip, metres, gesture) => change(moved(draft, grip, metres), gesture)}
        />
        <Changes change={changes} plan={plan} units={units} onAssumed={() => void autosave.refresh()} />
      </div>
      {fault !== null && (
        <p className="stand-in" role="status">
          <b>There is no plan for this.</b>{" "}
          {fault.faults[0]?.pointer === "/distance/work_m" && kit !== null
            ? `It is ${show(draft.rush.distance.work_m, "length", units)} away and this lens focuses no closer than ${show(kit.kit.lens.closest_m, "length", units)}. Step back, or take a lens that focuses closer.`
            : faultText(fault)}
        </p>
      )}
      {plan !== null && (
        <Answer
          plan={plan}
          levels={kit?.kit.body.stay_levels_s.length ?? 0}
          units={units}
          stale={waiting && record.dirty}
          onAssumed={() => void autosave.refresh()}
          pane={
            kit && (
              <Pane
                plan={plan}
                rush={draft.rush}
                kind={kind}
                lens={kit.kit.lens}
                focalMm={draft.focal_mm}
                units={units}
                onFocal={(focal_mm, gesture) => change({ ...draft, focal_mm }, gesture)}
              />
            )
          }
          more={
            <WhatIf
              plan={plan}
              units={units}
              onSchools={() => setComparing("schools")}
              onRushes={() => setComparing("rushes")}
              map={
                <PlanMap
                  id={server.id}
                  stamp={stamp}
                  rush={draft.rush}
                  units={units}
                  onMove={(work_m, speed_mps) =>
                    change(withMotion(withDistance(draft, { work_m }), { speed_mps }), newGesture("map"))
                  }
                />
              }
            />
          }
        />
      )}
      <Schools
        id={server.id}
        stamp={stamp}
        units={units}
        open={comparing === "schools"}
        onClose={() => setComparing(null)}
        onPick={(question, answer) => change(withSchool(draft, question, answer), newGesture("school"))}
      />
      {plan !== null && (
        <AnotherRush
          id={server.id}
          name={draft.rush.name}
          hold={plan.hold}
          units={units}
          open={comparing === "rushes"}
          onClose={() => setComparing(null)}
        />
      )}
    </div>
  );
}

/** The draft with one mark of the lane moved; near and far never cross the working distance. */
const moved = (draft: Draft, grip: Grip, metres: number): Draft => {
  const to = Math.min(20000, Math.max(0.05, metres));
  const { work_m } = draft.rush.distance;
  if (grip === "obstacle") return withClutter(draft, { obstacle_distance_m: Math.min(to, work_m) });
  if (grip === "near") return withDistance(draft, { near_m: Math.min(to, work_m) });
  if (grip === "far") return withDistance(draft, { far_m: Math.max(to, work_m) });
  return withDistance(draft, { work_m: to });
};

/** Wait this long after the last change before other distances and speeds are planned, in ms. */
const SETTLE_MS = 250;

/** The revision of the last plan that stood for a moment: what costs many plans follows that, not every step of a drag. */
function useSettled(record: RushState): number {
  const now = record.server.revision;
  const [settled, setSettled] = useState(now);
  useEffect(() => {
    if (record.dirty) return;
    const timer = window.setTimeout(() => setSettled(now), SETTLE_MS);
    return () => window.clearTimeout(timer);
  }, [now, record.dirty]);
  return settled;
}

/**
 * The plan with what would change it, which is asked for once it has stood for a moment. The marks of the plan before stay
 * until then; a reason waits for its own.
 */
function useTips(server: RushWhole, settled: number, stamp: string): Plan | null {
  const { plan } = server;
  const told = useQuery({
    queryKey: ["tips", server.id, stamp],
    queryFn: () => request<Tips>("GET", `rushes/${server.id}/tips`),
    enabled: plan !== null,
    placeholderData: (old) => old,
  });
  const fresh = !told.isPlaceholderData && settled === server.revision;
  return useMemo(() => {
    if (plan === null || told.data === undefined) return plan;
    const { tipping, flips } = told.data;
    return {
      ...plan,
      tipping,
      reasons: plan.reasons.map((reason) => ({ ...reason, flips: fresh ? (flips[reason.field] ?? null) : null })),
    };
  }, [plan, told.data, fresh]);
}

/** Words of the sentence that read otherwise now. */
const reworded = (before: Telling, after: Telling): Change["words"] =>
  words.map((word) => ({ from: word.text(before), to: word.text(after) })).filter(({ from, to }) => from !== to);

/** Takes changes, and tells what the last gesture has done to the hold: from where it began to where it stands. */
function useChanges(autosave: RushAutosave, record: RushState, telling: Telling) {
  const [began, setBegan] = useState<{ gesture: string; telling: Telling; hold: Hold } | null>(null);
  const plan = record.server.plan;
  const change = useCallback(
    (next: Draft, gesture: string) => {
      if (plan !== null && began?.gesture !== gesture) setBegan({ gesture, telling, hold: plan.hold });
      autosave.edit(next, gesture);
    },
    // the telling is what stood on the screen when the gesture began
    [autosave, plan, began?.gesture, telling],
  );
  const changes = useMemo<Change | null>(
    () => (began === null ? null : { before: began.hold, words: reworded(began.telling, telling) }),
    [began, telling],
  );
  return { change, changes };
}

/** The name of the rush, typed in place; an empty one is not taken. */
function Name({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? name;
  return (
    <h1 className="name">
      <input
        aria-label="Name of this rush"
        value={text}
        maxLength={120}
        size={Math.min(44, Math.max(8, text.length + 1))}
        onChange={(event) => {
          setTyped(event.target.value);
          if (event.target.value.trim() !== "") onChange(event.target.value.trim());
        }}
        onBlur={() => setTyped(null)}
        onKeyDown={(event) => {
          if (event.key === "Enter" || event.key === "Escape") event.currentTarget.blur();
        }}
      />
    </h1>
  );
}
