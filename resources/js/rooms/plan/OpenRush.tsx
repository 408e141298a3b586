import { useQueryClient } from "@tanstack/react-query";
import { lazy, Suspense, useEffect, useMemo, useState } from "react";
import type { KitWhole, RushRow, RushWhole } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { Lane } from "../../lane/Lane";
import { Pane } from "../../pane/Pane";
import { withDistance, withMotion } from "../../rush/draft";
import { RushAutosave, type RushState } from "../../rush/rushAutosave";
import { Sentence } from "../../sentence/Sentence";
import { withSchool } from "../../sentence/surroundings";
import { remember } from "../../session/lastUsed";
import { useAccount, useCatalogue } from "../../session/boot";
import { YoursAsked } from "../../ui/YoursAsked";
import { Answer } from "./Answer";
import { Changes } from "./Changes";
import { NoPlan } from "./NoPlan";
import { moved, useChanges, useSettled, useIsLeaving, useTips } from "./planning";
import { helped, useOutlook } from "./outlook";
import { PlanMap } from "./PlanMap";
import { RushTitle } from "./RushTitle";
import { Schools } from "./Schools";
import { WhatIf } from "./WhatIf";

// fetched when it is asked for
const AnotherRush = lazy(async () => ({ default: (await import("./AnotherRush")).AnotherRush }));

type OpenProps = { server: RushWhole; kits: KitWhole[]; onNew: () => void; onDeleted: (row: RushRow) => void };

/** One rush: its sentence, its lane, its answer. */
export function OpenRush({ server, kits, onNew, onDeleted }: OpenProps) {
  const { user } = useAccount();
  const { units, letters } = user.settings;
  const kinds = useCatalogue();
  const client = useQueryClient();
  const [autosave] = useState(() => new RushAutosave(server));
  const record: RushState = useAutosave(autosave);
  const [comparing, setComparing] = useState<"schools" | "rushes" | null>(null);
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
  useEffect(() => {
    if (kit !== null) remember({ kit: kit.id, body: kit.body_id });
  }, [kit]);
  const { change, changes, assume } = useChanges(autosave, record, { draft, kind, kit, units });

  const rename = (name: string): void => change({ ...draft, rush: { ...draft.rush, name } }, "name");
  const { fault } = record.server;
  const settled = useSettled(record);
  // everything a plan rests on, so that what is reckoned apart from it follows
  const stamp = useMemo(
    () => [settled, units, JSON.stringify([user.assumptions, user.learnt]), JSON.stringify(kit?.kit)].join("|"),
    [settled, units, user.assumptions, user.learnt, kit],
  );
  const isLeaving = useIsLeaving(server.id);
  const plan = useTips(record.server, settled, stamp, isLeaving);
  const outlook = useOutlook(server.id, stamp, plan !== null && !isLeaving);
  const waiting = save.kind === "waiting" || save.kind === "refused" || save.kind === "elsewhere";

  return (
    <div className="plan">
      <RushTitle
        id={server.id}
        record={record}
        autosave={autosave}
        letters={letters === "on"}
        onRename={rename}
        onGiveBack={() => change({ ...draft, dials: {} }, newGesture("dials"))}
        onNew={onNew}
        onDeleted={onDeleted}
      />
      <Sentence
        place={`rushes/${server.id}`}
        telling={{ draft, kind, kit, units, streaks: record.server.plan?.streaks }}
        letters={letters === "on"}
        onChange={change}
      />
      <div className="sticky">
        <Lane
          rush={draft.rush}
          kind={kind}
          closestM={kit?.kit.lens.closest_m ?? 0.5}
          plan={plan}
          units={units}
          onMove={(grip, metres, gesture) => change(moved(draft, grip, metres), gesture)}
        />
        <Changes change={changes} plan={plan} units={units} onAssumed={assume} />
      </div>
      {fault !== null && <NoPlan fault={fault} rush={draft.rush} lens={kit?.kit.lens ?? null} units={units} />}
      {plan !== null && (
        <Answer
          plan={plan}
          levels={kit?.kit.body.stay_levels_s.length ?? 0}
          units={units}
          stale={waiting && record.dirty}
          outlook={outlook.data ?? undefined}
          trying={outlook.isFetching}
          onHelp={(help) => change(helped(draft, help), newGesture("help"))}
          onExposure={({ shutter_s, f_number }) =>
            change({ ...draft, dials: { ...draft.dials, shutter_s, f_number } }, newGesture("exposure"))
          }
          onAssumed={assume}
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
                  isLeaving={isLeaving}
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
      {plan !== null && (
        <YoursAsked
          key={stamp}
          rushes={[{ id: server.id, name: draft.rush.name }]}
          of={plan.assumptions.map((one) => one.name)}
          stamp={stamp}
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
      {plan !== null && comparing === "rushes" && (
        <Suspense>
          <AnotherRush
            id={server.id}
            name={draft.rush.name}
            hold={plan.hold}
            units={units}
            open
            onClose={() => setComparing(null)}
          />
        </Suspense>
      )}
    </div>
  );
}
