import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useMemo, useState } from "react";
import { request } from "../../api/client";
import { rushesQuery } from "../../api/queries";
import type { RushRow } from "../../api/types";
import { useCatalogue } from "../../session/boot";
import { QuotaNote } from "../../ui/QuotaNote";
import { Sheet } from "../../ui/Popup";
import { useCreation } from "../../session/creation";
import { figures, shutter } from "../../units/quantity";
import { DELETION } from "./planning";

type Props = {
  current: string | null;
  onOpen: (id: string) => void;
  onNew: () => void;
  onClose: () => void;
  /** A rush was deleted and can still be brought back. */
  onDeleted: (row: RushRow) => void;
};

/** All rushes of the account: find, open, copy, delete with a way back. */
export function RushList({ current, onOpen, onNew, onClose, onDeleted }: Props) {
  const client = useQueryClient();
  const rushes = useQuery(rushesQuery);
  const kinds = useCatalogue();
  const creation = useCreation();
  const [sought, setSought] = useState("");
  const refresh = (): Promise<void> => client.invalidateQueries({ queryKey: ["rushes"] });

  const copy = useMutation({
    mutationFn: (id: string) => request("POST", `rushes/${id}/duplicate`, { write_id: creation.writeId(id) }),
    onSuccess: async (made) => {
      creation.done();
      await refresh();
      onOpen(made.id);
    },
  });
  const remove = useMutation({
    mutationKey: DELETION,
    mutationFn: async (row: RushRow) => {
      // what is being tried for it is of no use any more
      await Promise.all(["outlook", "tips", "map"].map((what) => client.cancelQueries({ queryKey: [what, row.id] })));
      return request("DELETE", `rushes/${row.id}`);
    },
    onSuccess: async (_, row) => {
      await refresh();
      onDeleted(row);
    },
  });

  const found = useMemo(() => {
    const words = sought.trim().toLowerCase().split(/\s+/).filter(Boolean);
    const kindWords = new Map(kinds.map((kind) => [kind.id as string, kind.words]));
    return (rushes.data?.rushes ?? []).filter((row) => {
      const text = `${row.name} ${kindWords.get(row.kind) ?? ""} ${row.kit}`.toLowerCase();
      return words.every((word) => text.includes(word));
    });
  }, [rushes.data, sought, kinds]);

  const failed = copy.error ?? remove.error ?? rushes.error;

  return (
    <Sheet className="rushes" label="All rushes" onClose={onClose}>
      <div className="rushes-head">
        <label className="seek">
          Find a rush
          <input
            data-first
            type="search"
            value={sought}
            placeholder="name, subject or kit"
            onChange={(event) => setSought(event.target.value)}
          />
        </label>
        <button type="button" className="primary" onClick={onNew}>
          New rush
        </button>
      </div>
      {failed && <p className="note fault">{failed.message}</p>}
      <QuotaNote name="rushes" quota={rushes.data?.quota} />
      <ul>
        {found.map((row) => (
          <li key={row.id} className={row.id === current ? "row current" : "row"}>
            <button type="button" className="row-open" aria-current={row.id === current} onClick={() => onOpen(row.id)}>
              <span className="row-name">{row.name}</span>
              <span className="row-kit">{row.kit}</span>
              <span className="row-settings">
                {row.settings === null
                  ? "no plan yet"
                  : `${shutter(row.settings.shutter_s)} · f/${figures(row.settings.f_number)} · ISO ${row.settings.iso}`}
              </span>
            </button>
            <button type="button" className="quiet" aria-label={`Copy ${row.name}`} onClick={() => copy.mutate(row.id)}>
              copy
            </button>
            <button
              type="button"
              className="quiet"
              aria-label={`Delete ${row.name}`}
              onClick={() => remove.mutate(row)}
            >
              delete
            </button>
          </li>
        ))}
      </ul>
      {rushes.isSuccess && found.length === 0 && (
        <p className="note">
          {sought.trim() === ""
            ? "No rush yet. Write the first one."
            : `Nothing matches “${sought.trim()}”. Try fewer words.`}
        </p>
      )}
    </Sheet>
  );
}
