import { limits } from "../../generated/vocabulary";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router-dom";
import { ApiProblem, request } from "../../api/client";
import type { Gear, Units } from "../../api/types";
import { useAccount } from "../../session/boot";
import { adapterRanges, bodyRanges, converterRanges, lensRanges, supportRanges } from "../../generated/ranges";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { BodyWords } from "./BodyWords";
import { Care } from "./Care";
import { ControlsEditor } from "./ControlsEditor";
import { Choice, NumberField, TextInput } from "../../ui/inputs";
import { consistent, GearAutosave, gearFields, reflexFields, type Body, type GearField, type GearWhole } from "./kit";
import { LensParts } from "./LensParts";
import { InItsWords } from "./InItsWords";
import { TuningEditor } from "./TuningEditor";

type Props = {
  id: string;
  gear: Gear[];
  onChanged: () => Promise<void>;
  onDeleted: (gear: Gear) => void;
};

/** One piece of kit, fetched and then kept as it is typed. */
export function Piece({ id, gear, onChanged, onDeleted }: Props) {
  const opened = useQuery({
    queryKey: ["piece", id],
    queryFn: () => request<GearWhole>("GET", `gear/${id}`),
    staleTime: 0,
    gcTime: 0,
  });
  if (opened.error instanceof ApiProblem && opened.error.status === 404)
    return (
      <div className="empty">
        <h1>This piece is not here.</h1>
        <p>It may have been deleted, or it belongs to somebody else.</p>
        <Link to="/kit">Back to your kit</Link>
      </div>
    );
  if (opened.data === undefined)
    return (
      <p className="note empty" aria-busy="true">
        {opened.failureReason ? `${opened.failureReason.message} Trying again…` : "Fetching it…"}
      </p>
    );
  return <OpenPiece server={opened.data} gear={gear} onChanged={onChanged} onDeleted={onDeleted} />;
}

const ranges: Record<Gear["type"], Record<string, [number, number]>> = {
  body: bodyRanges,
  lens: lensRanges,
  converter: converterRanges,
  adapter: adapterRanges,
  support: supportRanges,
};

type Part = "numbers" | "words" | "tuning" | "controls" | "care";
const parts: { id: Part; name: string }[] = [
  { id: "words", name: "Words" },
  { id: "tuning", name: "Tuning" },
  { id: "controls", name: "Keys" },
  { id: "numbers", name: "Numbers" },
  { id: "care", name: "Care" },
];

function OpenPiece({ server, gear, onChanged, onDeleted }: Omit<Props, "id"> & { server: GearWhole }) {
  const { user } = useAccount();
  const client = useQueryClient();
  const navigate = useNavigate();
  const [autosave] = useState(() => new GearAutosave(server));
  const record = useAutosave(autosave);
  useUndoKeys(autosave);
  const [part, setPart] = useState<Part>("words");
  const { type, id } = server;
  const { name, document } = record.draft;
  const change = (next: Record<string, unknown>, gesture: string): void =>
    autosave.edit({ name, document: next }, gesture);

  // the list beside it, and every plan, follow
  const saved = record.server.revision;
  useEffect(() => {
    if (saved === server.revision) return;
    void client.invalidateQueries({ queryKey: ["gear"] });
    void client.invalidateQueries({ queryKey: ["kits"] });
  }, [saved, server.revision, client]);

  const remove = useMutation({
    mutationFn: () => request<null>("DELETE", `gear/${id}`),
    onSuccess: async () => {
      onDeleted({ ...server, name, document });
      await navigate("/kit");
      await onChanged();
    },
  });

  return (
    <article className="piece">
      <header className="piece-head">
        <TextInput
          label={`Name of this ${type}`}
          className="piece-name"
          value={name}
          most={limits.name}
          onChange={(text, gesture) => autosave.edit({ name: text, document }, gesture)}
        />
        <SaveLine record={record} autosave={autosave} what={`this ${type}`} />
        <span className="piece-acts">
          <a className="quiet" href={`/api/gear/${id}/file`} download>
            save as a kit file
          </a>
          <button type="button" className="quiet" aria-label={`Delete ${name}`} onClick={() => remove.mutate()}>
            delete
          </button>
        </span>
      </header>
      {remove.isError && <p className="note fault">{remove.error.message}</p>}
      {type === "body" ? (
        <>
          <nav className="piece-parts" aria-label="Parts of this body">
            {parts.map((one) => (
              <button key={one.id} type="button" aria-pressed={part === one.id} onClick={() => setPart(one.id)}>
                {one.name}
              </button>
            ))}
          </nav>
          <BodyPart part={part} body={document as unknown as Body} units={user.settings.units} change={change} />
          {(part === "words" || part === "tuning") && <InItsWords bodyId={id} revision={record.server.revision} />}
        </>
      ) : (
        <>
          <Numbers
            type={type}
            fields={gearFields[type]}
            document={document}
            units={user.settings.units}
            onChange={change}
          />
          {type === "lens" && (
            <LensParts
              document={document}
              bodies={gear.filter((one) => one.type === "body")}
              units={user.settings.units}
              onChange={change}
            />
          )}
          {type === "adapter" && <AdapterParts document={document} onChange={change} />}
          {type === "support" && <SupportParts document={document} units={user.settings.units} onChange={change} />}
          <Care type={type} document={document} onChange={change} />
        </>
      )}
    </article>
  );
}

type Change = (document: Record<string, unknown>, gesture: string) => void;

function BodyPart({ part, body, units, change }: { part: Part; body: Body; units: Units; change: Change }) {
  const take = (next: Body, gesture: string): void => change(next as unknown as Record<string, unknown>, gesture);
  const document = body as unknown as Record<string, unknown>;
  switch (part) {
    case "words":
      return <BodyWords body={body} onChange={take} />;
    case "tuning":
      return <TuningEditor body={body} units={units} onChange={take} />;
    case "controls":
      return <ControlsEditor body={body} onChange={take} />;
    case "care":
      return <Care type="body" document={document} onChange={change} />;
    case "numbers":
      return (
        <>
          <Numbers
            type="body"
            fields={body.af_sensor === "on-image" ? gearFields.body : [...gearFields.body, ...reflexFields]}
            document={document}
            units={units}
            onChange={change}
          />
          <fieldset className="pick">
            <legend>It measures focus</legend>
            {(
              [
                ["on-image", "on the sensor", "no mirror"],
                ["cross", "beside a mirror, crossed lines", "reflex"],
                ["line", "beside a mirror, single lines", "reflex: sees only detail across them"],
              ] as const
            ).map(([value, words, note]) => (
              <label key={value}>
                <input
                  type="radio"
                  name="af-sensor"
                  checked={body.af_sensor === value}
                  onChange={() => take({ ...body, af_sensor: value }, newGesture("sensor"))}
                />
                <span className="pick-words">{words}</span> <span className="pick-note">{note}</span>
              </label>
            ))}
          </fieldset>
        </>
      );
  }
}

type NumbersProps = {
  type: Gear["type"];
  fields: GearField[];
  document: Record<string, unknown>;
  units: Units;
  onChange: Change;
};

/** Where a number that may be missing begins when it is first typed. */
const begin: Record<string, number> = { outer_points_f: 8, centre_points_f: 8 };

function Numbers({ type, fields, document, units, onChange }: NumbersProps) {
  return (
    <div className="gear-fields">
      {fields.map((field) => (
        <NumberField
          key={field.name}
          label={field.label}
          note={field.note}
          quantity={field.quantity}
          units={units}
          value={Number(document[field.name] ?? begin[field.name])}
          range={ranges[type][field.name] ?? [-Infinity, Infinity]}
          onChange={(value) =>
            onChange(
              consistent(type, { ...document, [field.name]: value }, field.name),
              newGesture(`number-${field.name}`),
            )
          }
        />
      ))}
    </div>
  );
}

function AdapterParts({ document, onChange }: { document: Record<string, unknown>; onChange: Change }) {
  return (
    <div className="gear-fields">
      <div className="field">
        Autofocus through it
        <Choice
          label="Autofocus through it"
          value={String(document["af"]) as "full" | "none"}
          options={[
            { value: "full", words: "works" },
            { value: "none", words: "none: by hand" },
          ]}
          onChange={(af) => onChange({ ...document, af }, newGesture("adapter"))}
        />
      </div>
      <label className="has">
        <input
          type="checkbox"
          checked={document["stabiliser"] === true}
          onChange={(event) => onChange({ ...document, stabiliser: event.target.checked }, newGesture("adapter"))}
        />
        The lens's stabiliser still works
      </label>
    </div>
  );
}

function SupportParts({
  document,
  units,
  onChange,
}: {
  document: Record<string, unknown>;
  units: Units;
  onChange: Change;
}) {
  return (
    <div className="gear-fields">
      <div className="field">
        What it is
        <Choice
          label="What it is"
          value={String(document["kind"]) as "braced" | "monopod" | "gimbal" | "locked"}
          options={[
            { value: "braced", words: "something to brace on" },
            { value: "monopod", words: "monopod" },
            { value: "gimbal", words: "gimbal on legs" },
            { value: "locked", words: "tripod with a locked head" },
          ]}
          onChange={(kind) => onChange({ ...document, kind }, newGesture("support"))}
        />
      </div>
      {(
        [
          ["carries_kg", "Made for, kg", 8],
          ["weight_kg", "Its own weight, kg", 2],
        ] as const
      ).map(([name, label, start]) => (
        <NumberField
          key={name}
          label={label}
          quantity="plain"
          units={units}
          value={Number(document[name] ?? start)}
          range={supportRanges[name] ?? [0, 1000]}
          onChange={(value) => onChange({ ...document, [name]: value }, newGesture(name))}
        />
      ))}
    </div>
  );
}
