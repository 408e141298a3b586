import { useMutation } from "@tanstack/react-query";
import { useRef, useState, type ChangeEvent } from "react";
import { Link } from "react-router-dom";
import { request } from "../../api/client";
import type { Gear, GearDocuments } from "../../api/types";
import type { PhotographTold } from "../../generated/answers";
import { bodyRanges, lensRanges } from "../../generated/ranges";
import { useAccount } from "../../session/boot";
import { useCreation } from "../../session/creation";
import { NumberField, TextInput } from "../../ui/inputs";
import { usual } from "./guided";
import { fresh, gearFields } from "./kit";
import { confirmed, unsaid } from "./said";

/** Of a photograph only so much is sent: all that a camera writes of itself stands at its beginning. */
const START_BYTES = 524_288;

type Kind = "body" | "lens";
const ranges = { body: bodyRanges, lens: lensRanges };
type Draft = { name: string; figures: Record<string, number | null> };
type Told = PhotographTold[Kind];

const how: Record<Told[string]["by"], string> = {
  read: "read in the file",
  reckoned: "reckoned from what the file says",
  asked: "the file does not say: type it in",
};

/** Figures a photograph can tell, in the order of the fields of each kind. */
const fieldsOf = (kind: Kind, told: Told) => gearFields[kind].filter((field) => field.name in told);

const draftOf = (kind: Kind, told: Told): Draft => ({
  name: typeof told["name"]?.value === "string" ? told["name"].value : "",
  figures: Object.fromEntries(
    fieldsOf(kind, told).map(({ name }) => {
      const value = told[name]?.value;
      return [name, typeof value === "number" ? value : null];
    }),
  ),
});

/** The beginning of a file, as the server is told of it. */
const startOf = async (file: File): Promise<string> => {
  const bytes = new Uint8Array(await file.slice(0, START_BYTES).arrayBuffer());
  let text = "";
  for (let at = 0; at < bytes.length; at += 8192) text += String.fromCharCode(...bytes.subarray(at, at + 8192));
  return btoa(text);
};

const documentOf = (kind: Kind, { figures }: Draft): GearDocuments[Kind] => {
  const said = Object.fromEntries(Object.entries(figures).filter(([, value]) => value !== null));
  if (kind === "body") {
    // all the photograph does not tell is taken to be as usual, and says so
    const body = { ...unsaid(usual.slice(0, 3)), ...said };
    return confirmed(confirmed(body, "sensor"), "pixels");
  }
  const lens = { ...fresh.lens.document, ...said };
  const isZoom = lens.focal_min_mm !== lens.focal_max_mm;
  return { ...lens, focal_mm: lens.focal_max_mm, zoom: isZoom };
};

/** A body and a lens from one photograph: what its file says, what follows from that, what has to be asked. */
export function FromPhotograph({ gear, onAdded }: { gear: Gear[]; onAdded: () => Promise<void> }) {
  const field = useRef<HTMLInputElement>(null);
  const [name, setName] = useState("");
  const look = useMutation({
    mutationFn: async (file: File) => request("POST", "kit-file/photograph", { start: await startOf(file) }),
  });
  const choose = (event: ChangeEvent<HTMLInputElement>): void => {
    const file = event.target.files?.[0];
    event.target.value = "";
    if (file === undefined) return;
    setName(file.name);
    look.mutate(file);
  };
  return (
    <section className="import">
      <h2>From a photograph</h2>
      <p className="lead">
        A photograph knows which body and lens it was taken with. Only its beginning is sent, where the camera writes of
        itself; nothing of it is kept, and nothing is added before you have seen it.
      </p>
      <button type="button" className="primary" disabled={look.isPending} onClick={() => field.current?.click()}>
        Choose a photograph
      </button>
      <input ref={field} hidden type="file" accept="image/jpeg" aria-label="A photograph" onChange={choose} />
      {look.isError && (
        <p className="note fault" role="alert">
          {look.error.message}
        </p>
      )}
      {look.data !== undefined && (
        <div className="from-photograph" key={`${name} ${look.submittedAt}`}>
          <Proposed kind="body" told={look.data.body} gear={gear} onAdded={onAdded} />
          <Proposed kind="lens" told={look.data.lens} gear={gear} onAdded={onAdded} />
        </div>
      )}
    </section>
  );
}

type ProposedProps = { kind: Kind; told: Told; gear: Gear[]; onAdded: () => Promise<void> };

function Proposed({ kind, told, gear, onAdded }: ProposedProps) {
  const [draft, setDraft] = useState(() => draftOf(kind, told));
  const { user } = useAccount();
  const creation = useCreation();
  const fields = fieldsOf(kind, told);
  const missing = fields.filter((one) => one.optional !== true && draft.figures[one.name] === null);
  const twin = gear.find((one) => one.type === kind && one.name === draft.name);
  const add = useMutation({
    mutationFn: () =>
      request("POST", "gear", {
        type: kind,
        name: draft.name,
        document: documentOf(kind, draft),
        write_id: creation.writeId(JSON.stringify(draft)),
      }),
    onSuccess: async () => {
      creation.done();
      await onAdded();
    },
  });
  const title = kind === "body" ? "The body" : "The lens";
  return (
    <section aria-label={title}>
      <h3>{title}</h3>
      <div className="field">
        <span className="label">Its name</span>
        <TextInput
          label={`Name of the ${kind}`}
          value={draft.name}
          most={120}
          onChange={(next) => setDraft({ ...draft, name: next })}
        />
        <span className="note">{how[told["name"]?.by ?? "asked"]}</span>
      </div>
      <div className="gear-fields">
        {fields.map(({ name, label, quantity }) => (
          <NumberField
            key={name}
            label={label}
            quantity={quantity}
            units={user.settings.units}
            range={ranges[kind][name] ?? [0, 100_000]}
            value={draft.figures[name] ?? null}
            note={draft.figures[name] === told[name]?.value ? how[told[name]!.by] : "as you typed it"}
            onChange={(value) => setDraft({ ...draft, figures: { ...draft.figures, [name]: value } })}
          />
        ))}
      </div>
      {twin !== undefined && add.data === undefined && (
        <p className="note">
          You have one of this name already: <Link to={`/kit/${twin.id}`}>{twin.name}</Link>.
        </p>
      )}
      {add.data === undefined ? (
        <p>
          <button
            type="button"
            className="cure"
            disabled={draft.name === "" || missing.length > 0 || add.isPending}
            onClick={() => add.mutate()}
          >
            Add this {kind}
          </button>{" "}
          {(draft.name === "" || missing.length > 0) && (
            <span className="note">
              Still to be said:{" "}
              {[...(draft.name === "" ? ["its name"] : []), ...missing.map((one) => one.label)].join(", ")}.
            </span>
          )}
        </p>
      ) : (
        <p role="status">
          Added. <Link to={`/kit/${add.data.id}`}>Look it through</Link>: the rest is as usual until you say.
        </p>
      )}
      {add.isError && (
        <p className="note fault" role="alert">
          {add.error.message}
        </p>
      )}
    </section>
  );
}
