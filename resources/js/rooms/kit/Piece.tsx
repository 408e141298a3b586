import { limits } from "../../generated/vocabulary";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link, useNavigate } from "react-router-dom";
import { ApiProblem, request, requestAs } from "../../api/client";
import type { Gear, GearDocuments, GearType, Units } from "../../api/types";
import type { Adapter, Lens, Support } from "../../generated/kit";
import { useAccount } from "../../session/boot";
import { adapterRanges, bodyRanges, converterRanges, lensRanges, supportRanges } from "../../generated/ranges";
import { newGesture } from "../../autosave/gesture";
import { SaveLine } from "../../autosave/SaveLine";
import { useAutosave, useUndoKeys } from "../../autosave/useAutosave";
import { BodyWords } from "./BodyWords";
import { Care } from "./Care";
import { ControlsEditor } from "./ControlsEditor";
import { NumberField, TextInput } from "../../ui/inputs";
import { PlaceOfFields } from "../../units/unread";
import { Choice } from "../../ui/Choice";
import { consistent, GearAutosave, gearFields, reflexFields, type Body, type GearField, type GearWhole } from "./kit";
import { LensParts } from "./LensParts";
import { InItsWords } from "./InItsWords";
import { readPixels } from "./pixels";
import { PointsOf } from "./PointsOf";
import { AssumedNote } from "./AssumedNote";
import { isAssumed, withSaid, type Part } from "./said";
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
    queryFn: () => requestAs<GearWhole>("GET", `gear/${id}`),
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

type Tab = "numbers" | "words" | "tuning" | "controls" | "care";
const parts: { id: Tab; name: string }[] = [
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
  const [part, setPart] = useState<Tab>("words");
  const { type, id } = server;
  const { name, document } = record.draft;
  const { units } = user.settings;
  const change: Change = (next, gesture) =>
    autosave.edit({ name, document: type === "body" ? withSaid(document as Body, next as Body) : next }, gesture);
  // a draft is of the type of what it is a draft of
  const piece = { ...server, name, document } as Gear;

  // the list beside it, and every plan, follow
  const saved = record.server.revision;
  useEffect(() => {
    if (saved === server.revision) return;
    void client.invalidateQueries({ queryKey: ["gear"] });
    void client.invalidateQueries({ queryKey: ["kits"] });
  }, [saved, server.revision, client]);

  const remove = useMutation({
    mutationFn: () => request("DELETE", `gear/${id}`),
    onSuccess: async () => {
      onDeleted(piece);
      await navigate("/kit");
      await onChanged();
    },
  });

  return (
    <PlaceOfFields value={`gear/${id}`}>
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
        {piece.type === "body" ? (
          <>
            <nav className="piece-parts" aria-label="Parts of this body">
              {parts.map((one) => (
                <button key={one.id} type="button" aria-pressed={part === one.id} onClick={() => setPart(one.id)}>
                  {one.name}
                </button>
              ))}
            </nav>
            <BodyPart part={part} body={piece.document} units={units} change={change} />
            {(part === "words" || part === "tuning") && <InItsWords bodyId={id} revision={record.server.revision} />}
          </>
        ) : (
          <>
            <Numbers type={type} document={document} units={units} onChange={change} />
            {piece.type === "lens" && (
              <LensParts
                document={piece.document}
                bodies={gear.filter((one) => one.type === "body")}
                units={units}
                onChange={change}
              />
            )}
            {piece.type === "adapter" && <AdapterParts document={piece.document} onChange={change} />}
            {piece.type === "support" && <SupportParts document={piece.document} units={units} onChange={change} />}
            <Care
              type={type}
              care={document.care}
              onChange={(care, gesture) => change({ ...document, care }, gesture)}
            />
          </>
        )}
      </article>
    </PlaceOfFields>
  );
}

type Change = (document: GearDocuments[GearType], gesture: string) => void;

function BodyPart({ part, body, units, change }: { part: Tab; body: Body; units: Units; change: Change }) {
  switch (part) {
    case "words":
      return <BodyWords body={body} onChange={change} />;
    case "tuning":
      return <TuningEditor body={body} units={units} onChange={change} />;
    case "controls":
      return <ControlsEditor body={body} onChange={change} />;
    case "care":
      return <Care type="body" care={body.care} onChange={(care, gesture) => change({ ...body, care }, gesture)} />;
    case "numbers":
      return (
        <>
          <Numbers type="body" document={body} units={units} onChange={change} />
          <PointsOf body={body} units={units} onChange={change} />
          <fieldset className="pick">
            <legend>It measures focus{isAssumed(body, "af_sensor") && <AssumedNote />}</legend>
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
                  onChange={() => change({ ...body, af_sensor: value }, newGesture("sensor"))}
                />
                <span className="pick-words">{words}</span> <span className="pick-note">{note}</span>
              </label>
            ))}
          </fieldset>
        </>
      );
  }
}

/** The part that a number of a body belongs to. */
const partOf: Record<string, Part | undefined> = {
  sensor_width_mm: "sensor",
  sensor_height_mm: "sensor",
  pixels_wide: "pixels",
  fps: "fps",
  shortest_shutter_s: "shutter",
};

type NumbersProps<T extends GearType> = {
  type: T;
  document: GearDocuments[T];
  units: Units;
  onChange: Change;
};

const fieldsOf = (type: GearType, document: GearDocuments[GearType]): GearField[] =>
  type === "body" && (document as Body).af_sensor !== "on-image"
    ? [...gearFields.body, ...reflexFields]
    : gearFields[type];

/** The range of a field beside what else stands in the document: ends that belong together never cross. */
const rangeIn = (type: GearType, field: string, document: GearDocuments[GearType]): [number, number] => {
  const [least, most] = ranges[type][field] ?? [-Infinity, Infinity];
  if (type !== "lens") return [least, most];
  const lens = document as Lens;
  if (field === "focal_min_mm") return [least, lens.focal_max_mm];
  if (field === "focal_max_mm") return [lens.focal_min_mm, most];
  return [least, most];
};

/** Fields of a lens that take both ends at once, and what those are. */
const bothEnds: Record<string, [keyof Lens, keyof Lens]> = {
  focal_min_mm: ["focal_min_mm", "focal_max_mm"],
  focal_max_mm: ["focal_min_mm", "focal_max_mm"],
  widest_f: ["widest_f_short", "widest_f"],
};

/** The numbers of any type of kit, by the fields its type has. */
function Numbers<T extends GearType>({ type, document, units, onChange }: NumbersProps<T>) {
  const numbers = new Map<string, unknown>(Object.entries(document));
  const body = type === "body" ? (document as Body) : null;
  const put = (change: Record<string, number | undefined>, name: string): void => {
    const next = Object.fromEntries(
      Object.entries({ ...document, ...change }).filter(([, value]) => value !== undefined),
    ) as GearDocuments[T];
    onChange(type === "lens" ? consistent(next as Lens, name) : next, newGesture(`number-${name}`));
  };
  return (
    <div className="gear-fields">
      {fieldsOf(type, document).map((field) => {
        const ends = type === "lens" ? bothEnds[field.name] : undefined;
        const assumed = body !== null && partOf[field.name] !== undefined && isAssumed(body, partOf[field.name]!);
        return (
          <NumberField
            key={field.name}
            label={field.label}
            note={assumed ? `assumed: you have not said; ${field.note}` : field.note}
            quantity={field.quantity}
            units={units}
            value={(numbers.get(field.name) as number | undefined) ?? null}
            range={rangeIn(type, field.name, document)}
            both={ranges[type][field.name]}
            placeholder={field.optional === true ? "not known" : ""}
            reads={
              body !== null && field.name === "pixels_wide"
                ? (text) => readPixels(text, body.sensor_width_mm / body.sensor_height_mm)
                : undefined
            }
            onEmpty={field.optional === true ? () => put({ [field.name]: undefined }, field.name) : undefined}
            onRange={ends && ((least, most) => put({ [ends[0]]: least, [ends[1]]: most }, ends[1]))}
            onChange={(value) => put({ [field.name]: value }, field.name)}
          />
        );
      })}
    </div>
  );
}

function AdapterParts({ document, onChange }: { document: Adapter; onChange: Change }) {
  return (
    <div className="gear-fields">
      <div className="field">
        Autofocus through it
        <Choice
          label="Autofocus through it"
          value={document.af}
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
          checked={document.stabiliser}
          onChange={(event) => onChange({ ...document, stabiliser: event.target.checked }, newGesture("adapter"))}
        />
        The lens's stabiliser still works
      </label>
    </div>
  );
}

function SupportParts({ document, units, onChange }: { document: Support; units: Units; onChange: Change }) {
  return (
    <div className="gear-fields">
      <div className="field">
        What it is
        <Choice
          label="What it is"
          value={document.kind}
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
          ["carries_kg", "Made for"],
          ["weight_kg", "Its own weight"],
        ] as const
      ).map(([name, label]) => (
        <NumberField
          key={name}
          label={label}
          quantity="mass"
          units={units}
          value={document[name] ?? null}
          placeholder="not known"
          range={supportRanges[name] ?? [0, 1000]}
          onEmpty={() => {
            const { [name]: _, ...rest } = document;
            onChange(rest, newGesture(name));
          }}
          onChange={(value) => onChange({ ...document, [name]: value }, newGesture(name))}
        />
      ))}
    </div>
  );
}
