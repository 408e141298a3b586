import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Link } from "react-router-dom";
import { request } from "../api/client";
import { gearQuery } from "../api/queries";
import type { Gear, KitWhole } from "../api/types";
import { Choice } from "../ui/Choice";
import { NumberEditor } from "./NumberEditor";
import type { Telling } from "./words";
import type { Draft } from "../rush/draft";

type Props = { telling: Telling; onChange: (draft: Draft) => void };
type Parts = { body_id: string; lens_id: string; converter_id: string | null; adapter_id: string | null };

/** Which body, lens and converter, and where a zoom is set. */
export function KitEditor({ telling, onChange }: Props) {
  const { draft, kit, units } = telling;
  const client = useQueryClient();
  const gear = useQuery(gearQuery);
  const put = useMutation({
    mutationFn: (parts: Parts) => request("POST", "kits", parts),
    onSuccess: (found, parts) => {
      client.setQueryData<{ kits: KitWhole[] }>(["kits"], (old) => ({
        kits: [...(old?.kits ?? []).filter((entry) => entry.id !== found.id), found],
      }));
      onChange({ ...draft, kit_id: found.id, focal_mm: parts.lens_id === kit?.lens_id ? draft.focal_mm : null });
    },
  });

  if (kit === null || gear.data === undefined) return <p className="note">Fetching your kit…</p>;
  const { body_id, lens_id, converter_id, adapter_id } = kit;
  const parts: Parts = { body_id, lens_id, converter_id, adapter_id };
  const of = (type: Gear["type"]): Gear[] => gear.data.gear.filter((one) => one.type === type);
  const lens = kit.kit.lens;

  const pick = (label: string, name: keyof Parts, options: Gear[], none: string | null) => (
    <div className="seek">
      {label}
      <Choice
        label={label}
        value={parts[name] ?? ""}
        autoFocus={name === "body_id"}
        options={[
          ...(none === null ? [] : [{ value: "", words: none }]),
          ...options.map((one) => ({ value: one.id, words: one.name })),
        ]}
        onChange={(id) => put.mutate({ ...parts, [name]: id === "" ? null : id })}
      />
    </div>
  );

  return (
    <div className="kit-editor">
      {pick("Body", "body_id", of("body"), null)}
      {pick("Lens", "lens_id", of("lens"), null)}
      {pick("Converter", "converter_id", of("converter"), "none")}
      {(of("adapter").length > 0 || adapter_id !== null) && pick("Adapter", "adapter_id", of("adapter"), "none")}
      {lens.zoom && (
        <NumberEditor
          label="Zoom set at"
          field={{
            quantity: "focal",
            path: "",
            get: (d) => d.focal_mm ?? lens.focal_mm,
            set: (d, value) => ({ ...d, focal_mm: Math.min(lens.focal_max_mm, Math.max(lens.focal_min_mm, value)) }),
          }}
          range={[lens.focal_min_mm, lens.focal_max_mm]}
          draft={draft}
          units={units}
          onChange={onChange}
        />
      )}
      {lens.zoom && draft.focal_mm !== null && (
        <button type="button" className="text-button" onClick={() => onChange({ ...draft, focal_mm: null })}>
          Let the plan set the zoom
        </button>
      )}
      {put.isError && <p className="note fault">{put.error.message}</p>}
      <p className="note">
        Numbers of a body or a lens not right? <Link to="/kit">Type yours in Kit</Link>.
      </p>
    </div>
  );
}
