import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate, useParams } from "react-router-dom";
import { request } from "../../api/client";
import { gearQuery, rushesQuery } from "../../api/queries";
import type { Gear, RushRow } from "../../api/types";
import type { Control } from "../../generated/kit";
import { AddOne } from "../../app/AddOne";
import { newGesture } from "../../keeper/gesture";
import { SaveLine } from "../../keeper/SaveLine";
import { useKept, useUndoKeys } from "../../keeper/useKept";
import { Outline } from "../../outline/Outline";
import { Conflicts } from "./Conflicts";
import { LayoutKeeper, schemes, seconds, withoutHold, type Layout, type LayoutWhole, type Reading } from "./layout";
import { OneControl } from "./OneControl";
import { Switching } from "./Switching";

/** Lays the holds of a day on the keys of a body, and says what stands in the way. */
export default function ControlsRoom() {
  const { id } = useParams();
  const navigate = useNavigate();
  const gear = useQuery(gearQuery);
  const bodies = (gear.data?.gear ?? []).filter((one) => one.type === "body");
  const first = bodies[0]?.id;
  useEffect(() => {
    if (id === undefined && first !== undefined) void navigate(`/controls/${first}`, { replace: true });
  }, [id, first, navigate]);
  const opened = useQuery({
    queryKey: ["layout", id],
    queryFn: () => request<LayoutWhole>("GET", `layouts/${id}`),
    enabled: id !== undefined,
    staleTime: 0,
    gcTime: 0,
  });
  const body = bodies.find((one) => one.id === id);

  if (gear.isSuccess && first === undefined)
    return (
      <div className="empty">
        <h1>No body yet.</h1>
        <p>Controls lays holds on the keys of a body you own.</p>
        <Link to="/kit/new-body">Add a body, step by step</Link>
      </div>
    );
  if (opened.isError || (gear.isSuccess && id !== undefined && body === undefined))
    return (
      <div className="empty">
        <h1>This body is not here.</h1>
        <p>{opened.error?.message ?? "It may have been deleted."}</p>
        <Link to="/controls">Open your first</Link>
      </div>
    );
  if (opened.data === undefined || body === undefined)
    return (
      <p className="note empty" aria-busy="true">
        Fetching the layout…
      </p>
    );
  return (
    <OpenLayout
      key={opened.data.id}
      server={opened.data}
      body={body}
      bodies={bodies}
      onBody={(next) => void navigate(`/controls/${next}`)}
    />
  );
}

type Props = { server: LayoutWhole; body: Gear; bodies: Gear[]; onBody: (id: string) => void };

function OpenLayout({ server, body, bodies, onBody }: Props) {
  const client = useQueryClient();
  const [keeper] = useState(() => new LayoutKeeper(server));
  const kept = useKept(keeper);
  useUndoKeys(keeper);
  const controls = (body.document["controls"] ?? []) as Control[];
  const [picked, setPicked] = useState<string | null>(null);
  const { layout } = kept.draft;
  const { reading } = kept.server;
  const change = (next: Layout, what: string): void => keeper.edit({ layout: next }, newGesture(what));
  const lay = useMutation({
    mutationFn: async (scheme: string) => {
      await keeper.settled();
      return request<{ layout: Layout }>("GET", `layouts/${body.id}/scheme/${scheme}`);
    },
    onSuccess: ({ layout: laid }) => change(laid, "scheme"),
  });
  useEffect(() => () => void client.invalidateQueries({ queryKey: ["cards"] }), [client]);

  const wrong = new Set(reading.findings.map((finding) => finding.control));
  const spots = controls.map((control, at) => {
    const use = layout.uses.find((one) => one.control === control.id);
    return {
      control,
      mark: String(at + 1),
      used: use !== undefined,
      wrong: wrong.has(control.id),
      says: `${at + 1}, ${control.name}: ${use === undefined ? "nothing" : doing(use.does, use.hold, reading)}`,
    };
  });
  const one = controls.find((control) => control.id === picked);

  return (
    <div className="controls-room">
      <div className="titleline">
        <h1 className="unseen">Controls of {body.name}</h1>
        <select
          className="plain-input title-select"
          aria-label="Body"
          value={body.id}
          onChange={(event) => onBody(event.target.value)}
        >
          {bodies.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name}
            </option>
          ))}
        </select>
        <SaveLine kept={kept} keeper={keeper} what="this layout" />
      </div>
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
            <p className="empty">
              This body has no keys yet. <Link to={`/kit/${body.id}`}>Add them in Kit</Link>, under Keys.
            </p>
          ) : (
            <Outline spots={spots} picked={picked} onPick={(next) => setPicked(next === picked ? null : next)} />
          )}
          <ol className="laid">
            <li className="laid-shutter">
              <span className="laid-mark">◗</span>
              <span className="laid-name">the shutter</span>
              <b>
                {layout.shutter_focuses
                  ? `focuses: ${reading.holds.find((hold) => hold.id === reading.base)?.name ?? "what the camera is set to"}`
                  : "only fires"}
              </b>
              <button
                type="button"
                className="mark"
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
                    <b>{uses.map((use) => doing(use.does, use.hold, reading)).join("; ")}</b>
                  )}
                  {picked === control.id && one !== undefined && (
                    <OneControl
                      control={one}
                      layout={layout}
                      reading={reading}
                      onChange={change}
                      how={reading.set.find((each) => each.control === one.id)?.how ?? null}
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
            findings={reading.findings}
            empty={layout.holds.length === 0}
            onCure={(cured) => change(cured, "cure")}
            onLook={setPicked}
          />
          <Day layout={layout} reading={reading} bodyName={body.name} onChange={change} />
          <Switching
            bodyId={body.id}
            layout={layout}
            reading={reading}
            stamp={`${kept.server.revision} ${JSON.stringify(reading.assumed)}`}
            onChange={change}
            onAssumed={() => void keeper.refresh()}
          />
        </div>
      </div>
    </div>
  );
}

const doing = (does: string, hold: string | null, reading: Reading): string =>
  does === "recall"
    ? (reading.holds.find((one) => one.id === hold)?.name ?? "recalls nothing yet")
    : ({ focus: "focuses", stop: "stops focus", point: "moves the point" }[does] ?? does);

type DayProps = {
  layout: Layout;
  reading: Reading;
  bodyName: string;
  onChange: (layout: Layout, what: string) => void;
};

/** The holds of the day: what the camera itself is set to, and what each of the others is reached by. */
function Day({ layout, reading, bodyName, onChange }: DayProps) {
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
        {reading.holds.map((hold) => {
          const use = layout.uses.find((one) => one.does === "recall" && one.hold === hold.id);
          const base = reading.base === hold.id;
          const secs = reading.base === null ? 0 : (reading.seconds[reading.base]?.[hold.id] ?? 0);
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
      {layout.holds.length < 12 && (
        <AddOne
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
