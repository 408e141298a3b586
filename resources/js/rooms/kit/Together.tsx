import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import type { Gear, GearType } from "../../api/types";
import { Choice } from "../../ui/Choice";

/** What a body, a lens and a converter do together, before anything is planned with them. */
export function Together({ gear }: { gear: Gear[] }) {
  const of = (type: GearType): { value: string; words: string }[] =>
    gear.filter((one) => one.type === type).map((one) => ({ value: one.id, words: one.name }));
  const none = { value: "", words: "none" };
  const [picked, setPicked] = useState<Record<string, string>>({});
  const part = (type: "body" | "lens" | "converter" | "adapter"): string =>
    picked[type] ?? (type === "body" || type === "lens" ? (of(type)[0]?.value ?? "") : "");
  const set = (type: string) => (value: string) => setPicked({ ...picked, [type]: value });
  const query = new URLSearchParams({
    body_id: part("body"),
    lens_id: part("lens"),
    converter_id: part("converter"),
    adapter_id: part("adapter"),
  }).toString();
  const ready = part("body") !== "" && part("lens") !== "";
  const stamp = gear.map((one) => one.revision).join();
  const reach = useQuery({
    queryKey: ["reach", query, stamp],
    queryFn: () => request("GET", `kits/reach?${query}`),
    enabled: ready,
    placeholderData: (old) => old,
  });

  return (
    <section className="together">
      <h2>Together</h2>
      <p className="lead">What a body, a lens and what is between them can do, whatever you plan with them.</p>
      <div className="together-parts">
        <div className="field">
          Body
          <Choice label="Body" value={part("body")} options={of("body")} onChange={set("body")} />
        </div>
        <div className="field">
          Lens
          <Choice label="Lens" value={part("lens")} options={of("lens")} onChange={set("lens")} />
        </div>
        <div className="field">
          Converter
          <Choice
            label="Converter"
            value={part("converter")}
            options={[none, ...of("converter")]}
            onChange={set("converter")}
          />
        </div>
        <div className="field">
          Adapter
          <Choice
            label="Adapter"
            value={part("adapter")}
            options={[none, ...of("adapter")]}
            onChange={set("adapter")}
          />
        </div>
      </div>
      {!ready && <p className="note">Add a body and a lens first.</p>}
      {reach.isError && <p className="note fault">{reach.error.message}</p>}
      <dl className="reach">
        {reach.data?.lines.map((line) => (
          <div key={line.name}>
            <dt>{line.name}</dt>
            <dd className="reach-value">{line.value}</dd>
            <dd className="note">{line.note}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
