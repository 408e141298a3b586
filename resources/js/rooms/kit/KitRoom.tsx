import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { gearQuery } from "../../api/queries";
import type { Gear, GearType, Units } from "../../api/types";
import { useAccount } from "../../app/boot";
import { bodyRanges, lensRanges } from "../../generated/ranges";
import { figures, read, show, type Quantity } from "../../units/quantity";
import { consistent, focusModes, fresh, gearFields, type GearField } from "./fields";

const titles: Record<GearType, string> = { body: "Bodies", lens: "Lenses", converter: "Converters" };
const ranges: Record<GearType, Record<string, [number, number]>> = {
  body: bodyRanges,
  lens: lensRanges,
  converter: { factor: [1, 4] },
};

/** What you own, by its numbers. Every number is saved as it is typed. */
export default function KitRoom() {
  const client = useQueryClient();
  const gear = useQuery(gearQuery);
  const [deleted, setDeleted] = useState<Gear | null>(null);
  const refresh = async (): Promise<void> => {
    await Promise.all([
      client.invalidateQueries({ queryKey: ["gear"] }),
      client.invalidateQueries({ queryKey: ["kits"] }),
    ]);
  };
  const add = useMutation({
    mutationFn: (type: GearType) => request<Gear>("POST", "gear", { type, ...fresh[type] }),
    onSuccess: refresh,
  });
  const remove = useMutation({
    mutationFn: (one: Gear) => request<null>("DELETE", `gear/${one.id}`),
    onSuccess: async (_, one) => {
      setDeleted(one);
      await refresh();
    },
  });
  const restore = useMutation({
    mutationFn: (one: Gear) => request<Gear>("POST", `gear/${one.id}/restore`),
    onSuccess: async () => {
      setDeleted(null);
      await refresh();
    },
  });
  const failed = add.error ?? remove.error ?? restore.error ?? gear.error;

  return (
    <div className="kit-room">
      <h1>Kit</h1>
      <p className="lead">What you own, by the numbers a plan rests on. A plan changes as soon as a number does.</p>
      {failed && <p className="note fault">{failed.message}</p>}
      {deleted !== null && (
        <p className="deleted" role="status">
          Deleted “{deleted.name}”; rushes that use it keep it.{" "}
          <button type="button" className="mark" onClick={() => restore.mutate(deleted)}>
            Bring it back
          </button>
        </p>
      )}
      {gear.data !== undefined &&
        (Object.keys(titles) as GearType[]).map((type) => (
          <section key={type}>
            <h2>{titles[type]}</h2>
            {gear.data.gear
              .filter((one) => one.type === type)
              .map((one) => (
                <Item key={one.id} gear={one} onSaved={refresh} onDelete={() => remove.mutate(one)} />
              ))}
            <button type="button" className="quiet add" onClick={() => add.mutate(type)}>
              Add a {type}
            </button>
          </section>
        ))}
    </div>
  );
}

function Item({ gear, onSaved, onDelete }: { gear: Gear; onSaved: () => Promise<void>; onDelete: () => void }) {
  const { user } = useAccount();
  const client = useQueryClient();
  const save = useMutation({
    mutationFn: (change: { name?: string; document?: Record<string, unknown> }) => {
      const now = client.getQueryData<{ gear: Gear[] }>(["gear"])?.gear.find((one) => one.id === gear.id) ?? gear;
      return request<Gear>("PUT", `gear/${gear.id}`, {
        name: now.name,
        document: now.document,
        ...change,
        revision: now.revision,
      });
    },
    // one after another, so that each is written on top of the one before
    scope: { id: `gear-${gear.id}` },
    retry: (count, thrown) =>
      count < 60 && thrown instanceof Error && "status" in thrown && (thrown.status === 0 || thrown.status === 503),
    retryDelay: 1500,
    onSuccess: async (saved) => {
      client.setQueryData<{ gear: Gear[] }>(["gear"], (old) => ({
        gear: (old?.gear ?? []).map((one) => (one.id === saved.id ? saved : one)),
      }));
      await onSaved();
    },
  });
  const modes = Array.isArray(gear.document["modes"]) ? (gear.document["modes"] as string[]) : [];
  const limits = ranges[gear.type];

  return (
    <div className="gear">
      <div className="gear-head">
        <TextField label={`Name of this ${gear.type}`} value={gear.name} onTake={(name) => save.mutate({ name })} />
        <button type="button" className="quiet" aria-label={`Delete ${gear.name}`} onClick={onDelete}>
          delete
        </button>
      </div>
      <div className="gear-fields">
        {gearFields[gear.type].map((field) => (
          <GearNumber
            key={field.name}
            field={field}
            range={limits[field.name] ?? [-Infinity, Infinity]}
            units={user.settings.units}
            value={Number(gear.document[field.name])}
            onTake={(value) =>
              save.mutate({ document: consistent(gear.type, { ...gear.document, [field.name]: value }, field.name) })
            }
          />
        ))}
      </div>
      {gear.type === "body" && (
        <fieldset className="modes">
          <legend>Focus modes it has</legend>
          {focusModes.map((mode) => (
            <label key={mode.value}>
              <input
                type="checkbox"
                checked={modes.includes(mode.value)}
                onChange={(event) =>
                  save.mutate({
                    document: {
                      ...gear.document,
                      modes: event.target.checked ? [...modes, mode.value] : modes.filter((one) => one !== mode.value),
                    },
                  })
                }
              />
              {mode.words}
            </label>
          ))}
        </fieldset>
      )}
      {save.isError && (
        <p className="note fault" role="alert">
          Not saved: {save.error.message}
        </p>
      )}
      {save.isPaused || save.failureCount > 0
        ? save.isPending && <p className="note fault">Not saved yet; trying again…</p>
        : null}
    </div>
  );
}

function TextField({ label, value, onTake }: { label: string; value: string; onTake: (text: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const take = (): void => {
    const text = typed?.trim() ?? "";
    if (text !== "" && text !== value) onTake(text);
    setTyped(null);
  };
  return (
    <input
      className="gear-name"
      aria-label={label}
      value={typed ?? value}
      maxLength={120}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === "Enter") take();
      }}
    />
  );
}

type NumberProps = {
  field: GearField;
  range: [number, number];
  units: Units;
  value: number;
  onTake: (value: number) => void;
};

function GearNumber({ field, range: [least, most], units, value, onTake }: NumberProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const asShown = (number: number, quantity: Quantity): string =>
    quantity === "plain" || quantity === "count" ? figures(number, 6) : show(number, quantity, units, 4);

  const take = (): void => {
    if (typed === null) return;
    const found = read(typed, field.quantity, units, value);
    if ("fault" in found) setFault(`${field.label}: ${found.fault}.`);
    else if (
      found.value < least ||
      found.value > most ||
      (field.quantity === "count" && !Number.isInteger(found.value))
    )
      setFault(
        `${field.label} is ${typed.trim()}; it must be ${asShown(least, field.quantity)} to ${asShown(most, field.quantity)}.`,
      );
    else {
      setFault(null);
      setTyped(null);
      if (found.value !== value) onTake(found.value);
    }
  };

  return (
    <label className="field">
      {field.label}
      <input
        value={typed ?? asShown(value, field.quantity)}
        aria-invalid={fault !== null}
        autoComplete="off"
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
        }}
      />
      <span className={fault === null ? "note" : "note fault"} role={fault === null ? undefined : "alert"}>
        {fault ?? field.note}
      </span>
    </label>
  );
}
