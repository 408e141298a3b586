import { limits } from "../../generated/vocabulary";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { gearQuery, rushesQuery } from "../../api/queries";
import type { Gear, GearOf, RushRow } from "../../api/types";
import type { Control } from "../../generated/kit";
import { AddFromList } from "../../ui/AddFromList";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { useAssume } from "../../session/usePutFigure";
import { Outline } from "../../outline/Outline";
import { Empty } from "../scaffold/Empty";
import { YoursAsked } from "../../ui/YoursAsked";
import { RecordPicker } from "../scaffold/RecordPicker";
import { RoomGate } from "../scaffold/RoomGate";
import { useFirst } from "../scaffold/records";
import { Conflicts } from "./Conflicts";
import {
  LayoutAutosave,
  schemes,
  seconds,
  withoutHold,
  type Layout,
  type LayoutWhole,
  type LayoutReport,
} from "./layout";
import { OneControl } from "./OneControl";
import { Switching } from "./Switching";
import "./controls.css";
import { lastUsed } from "../../session/lastUsed";
import { useTitle } from "../../ui/useTitle";

/** Lays the holds of a day on the keys of a body, and says what stands in the way. */
export default function ControlsRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const gear = useQuery(gearQuery);
  const bodies = (gear.data?.gear ?? []).filter((one) => one.type === "body");
  // the body of the rush that was open last
  const first = (bodies.find((one) => one.id === lastUsed().body) ?? bodies[0])?.id;
  useFirst("controls", id, first);
  const opened = useQuery({
    queryKey: ["layout", id],
    queryFn: () => request("GET", `layouts/${id}`),
    enabled: id !== undefined,
    staleTime: 0,
    gcTime: 0,
  });
  const body = bodies.find((one) => one.id === id);

  useTitle(body?.name ?? null);
  return (
    <RoomGate
      what="the layout"
      needs={[opened, gear]}
      opened={opened.data && body ? { server: opened.data, body, bodies } : null}
      empty={
        gear.isSuccess &&
        first === undefined && (
          <Empty title="No body yet.">
            <p>Controls lays holds on the keys of a body you own.</p>
            <Link to="/kit/new-body">Add a body, step by step</Link>
          </Empty>
        )
      }
      isGone={gear.isSuccess && id !== undefined && body === undefined}
      gone={{ title: "This body is not here.", to: "/controls", words: "Open your first" }}
    >
      {(all) => <OpenLayout key={all.server.id} {...all} onBody={(next) => void navigate(`/controls/${next}`)} />}
    </RoomGate>
  );
}

type Props = { server: LayoutWhole; body: GearOf<"body">; bodies: Gear[]; onBody: (id: string) => void };

function OpenLayout({ server, body, bodies, onBody }: Props) {
  const client = useQueryClient();
  const [autosave] = useState(() => new LayoutAutosave(server));
  const record = useAutosave(autosave);
  useUndoKeys(autosave);
  const assume = useAssume(autosave);
  const controls: Control[] = body.document.controls ?? [];
  const [picked, setPicked] = useState<string | null>(null);
  const { layout } = record.draft;
  const { report } = record.server;
  const change = (next: Layout, what: string): void => autosave.edit({ layout: next }, newGesture(what));
  const lay = useMutation({
    mutationFn: async (scheme: string) => {
      await autosave.settled();
      return request("GET", `layouts/${body.id}/scheme/${scheme}`);
    },
    onSuccess: ({ layout: laid }) => change(laid, "scheme"),
  });
  useEffect(() => () => void client.invalidateQueries({ queryKey: ["cards"] }), [client]);

  const wrong = new Set(report.findings.map((finding) => finding.control));
  const spots = controls.map((control, at) => {
    const use = layout.uses.find((one) => one.control === control.id);
    return {
      control,
      mark: String(at + 1),
      used: use !== undefined,
      wrong: wrong.has(control.id),
      says: `${at + 1}, ${control.name}: ${use === undefined ? "nothing" : doing(use.does, use.hold, report)}`,
    };
  });
  const one = controls.find((control) => control.id === picked);

  return (
    <div className="controls-room">
      <div className="titleline">
        <h1 className="unseen">Controls of {body.name}</h1>
        <RecordPicker label="Body" value={body.id} name={body.name} options={bodies} onPick={onBody} />
        <SaveLine record={record} autosave={autosave} what="this layout" />
      </div>
      <YoursAsked rushes={report.holds} stamp={`layout ${record.server.revision}`} />
      <div className="scheme-row" role="group" aria-label="Lay a scheme">
        {schemes.map((scheme) => (
          <button
            key={scheme.value}
            type="button"
            aria-pressed={layout.scheme === scheme.value}
            disabled={lay.isPending}
            onClick={() =>
              scheme.value === "own" ? change({ ...layout, scheme: "own" }, "scheme") : lay.mutate(scheme.value)
            }
          >
            <span className="scheme-name">{scheme.words}</span>
            <span className="note">{scheme.note}</span>
          </button>
        ))}
      </div>
      {lay.isError && <p className="note fault">{lay.error.message}</p>}
      <div className="columns controls-columns">
        <div>
          {controls.length === 0 ? (
            <div className="empty">
              <p>
                This body has no keys yet. <Link to={`/kit/${body.id}`}>Add them in Kit</Link>, under Keys.
              </p>
            </div>
          ) : (
            <Outline spots={spots} picked={picked} onPick={(next) => setPicked(next === picked ? null : next)} />
          )}
          <ol className="laid">
            <li className="laid-shutter">
              <span className="laid-mark">◗</span>
              <span className="laid-name">the shutter</span>
              <b>
                {layout.shutter_focuses
                  ? `focuses: ${report.holds.find((hold) => hold.id === report.base)?.name ?? "what the camera is set to"}`
                  : "only fires"}
              </b>
              <button
                type="button"
                className="text-button"
                onClick={() => change({ ...layout, shutter_focuses: !layout.shutter_focuses }, "shutter")}
              >
                {layout.shutter_focuses ? "take focus off" : "let it focus"}
              </button>
            </li>
            {controls.map((control, at) => {
              const uses = layout.uses.filter((use) => use.control === control.id);
              return (
                <li key={control.id} className={wrong.has(control.id) ? "laid-wrong" : ""}>
                  <span className="laid-mark">{at + 1}</span>
                  <button
                    type="button"
                    className="laid-name"
                    aria-pressed={picked === control.id}
                    onClick={() => setPicked(picked === control.id ? null : control.id)}
                  >
                    {control.name}
                  </button>
                  {uses.length === 0 ? (
                    <span className="note">nothing</span>
                  ) : (
                    <b>{uses.map((use) => doing(use.does, use.hold, report)).join("; ")}</b>
                  )}
                  {picked === control.id && one !== undefined && (
                    <OneControl
                      control={one}
                      layout={layout}
                      report={report}
                      onChange={change}
                      how={report.set.find((each) => each.control === one.id)?.how ?? null}
                    />
                  )}
                </li>
              );
            })}
          </ol>
          <p className="laid-more">
            <label className="has">
              <input
                type="checkbox"
                checked={layout.gloves}
                onChange={() => change({ ...layout, gloves: !layout.gloves }, "gloves")}
              />
              I work in gloves
            </label>
            <label className="has">
              <input
                type="checkbox"
                checked={layout.prefocus}
                onChange={() => change({ ...layout, prefocus: !layout.prefocus }, "prefocus")}
              />
              it focuses before anything is pressed
            </label>
          </p>
        </div>
        <div>
          <Conflicts
            findings={report.findings}
            empty={layout.holds.length === 0}
            onCure={(cured) => change(cured, "cure")}
            onLook={setPicked}
          />
          <Day layout={layout} report={report} bodyName={body.name} onChange={change} />
          <Switching
            bodyId={body.id}
            layout={layout}
            report={report}
            stamp={`${record.server.revision} ${JSON.stringify(report.assumed)}`}
            onChange={change}
            onAssumed={assume}
          />
        </div>
      </div>
    </div>
  );
}

const doing = (does: string, hold: string | null, report: LayoutReport): string =>
  does === "recall"
    ? (report.holds.find((one) => one.id === hold)?.name ?? "recalls nothing yet")
    : ({ focus: "focuses", stop: "stops focus", point: "moves the point" }[does] ?? does);

type DayProps = {
  layout: Layout;
  report: LayoutReport;
  bodyName: string;
  onChange: (layout: Layout, what: string) => void;
};

/** The holds of the day: what the camera itself is set to, and what each of the others is reached by. */
function Day({ layout, report, bodyName, onChange }: DayProps) {
  const rushes = useQuery(rushesQuery);
  const others = (rushes.data?.rushes ?? []).filter((row) => !layout.holds.includes(row.id));
  const own = (row: RushRow): boolean => row.kit.startsWith(bodyName);
  return (
    <section className="told" aria-label="Holds of the day">
      <div className="told-head">
        <h2>Holds of the day</h2>
        <span className="note">● what the camera itself is set to</span>
      </div>
      <ul className="day">
        {report.holds.map((hold) => {
          const use = layout.uses.find((one) => one.does === "recall" && one.hold === hold.id);
          const base = report.base === hold.id;
          const secs = report.base === null ? 0 : (report.seconds[report.base]?.[hold.id] ?? 0);
          return (
            <li key={hold.id}>
              <label className="has">
                <input
                  type="radio"
                  name="base"
                  checked={base}
                  onChange={() => onChange({ ...layout, base: hold.id }, "base")}
                />
                {hold.name}
              </label>
              <span className="note">
                {base
                  ? "set on the camera"
                  : use !== undefined
                    ? `a press, ${seconds(secs)} s`
                    : `by hand, ${seconds(secs)} s`}
              </span>
              <button
                type="button"
                className="quiet"
                aria-label={`leave out ${hold.name}`}
                onClick={() => onChange(withoutHold(layout, hold.id), "day")}
              >
                leave out
              </button>
            </li>
          );
        })}
      </ul>
      {layout.holds.length < limits.holds && (
        <AddFromList
          label="Add a hold to the day"
          options={others
            .toSorted((a, b) => Number(own(b)) - Number(own(a)))
            .map((row) => ({ id: row.id, name: row.name, ...(own(row) ? {} : { note: "planned on another body" }) }))}
          onAdd={(id) => onChange({ ...layout, holds: [...layout.holds, id] }, "day")}
        />
      )}
    </section>
  );
}
