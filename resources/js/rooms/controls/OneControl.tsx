import type { Control } from "../../generated/kit";
import { Choice } from "../../ui/Choice";
import { bundleParts, controlUses, fingers } from "../../generated/vocabulary";
import { put, without, type Layout, type LayoutReport, type Use } from "./layout";

type Props = {
  control: Control;
  layout: Layout;
  report: LayoutReport;
  how: string | null;
  onChange: (layout: Layout, what: string) => void;
};

/** What one key does, and how to set that on the body in its own words. */
export function OneControl({ control, layout, report, how, onChange }: Props) {
  const use = layout.uses.find((one) => one.control === control.id);
  const focus = control.carries.filter((part) => bundleParts.some((each) => each.value === part && !each.exposure));
  const bundle = focus.filter((part) => ["start", "focus-mode", "area", "detection", "tuning"].includes(part));
  const take = (value: string): void => {
    if (value === "") onChange(without(layout, control.id), "use");
    else if (value.startsWith("recall:"))
      onChange(
        put(layout, {
          control: control.id,
          does: "recall",
          hold: value.slice(7),
          carries: use?.does === "recall" ? use.carries : bundle,
        }),
        "use",
      );
    else onChange(put(layout, { control: control.id, does: value as Use["does"], hold: null, carries: [] }), "use");
  };
  return (
    <div className="one-control">
      <p className="note">
        {fingers.find((finger) => finger.value === control.finger)?.words},{" "}
        {control.with_shutter ? "can be held while you fire" : "cannot be held while you fire"}
        {control.gloves ? "" : ", not in gloves"}
      </p>
      <div className="field">
        What {control.name} does
        <Choice
          label={`What ${control.name} does`}
          value={use === undefined ? "" : use.does === "recall" ? `recall:${use.hold ?? ""}` : use.does}
          options={[
            { value: "", words: "does nothing" },
            ...controlUses
              .filter((each) => each.value !== "recall")
              .filter((each) => control.may.includes(each.value) || use?.does === each.value)
              .map((each) => ({ value: each.value, words: each.words })),
            ...(control.may.includes("recall") || use?.does === "recall"
              ? report.holds.map((hold) => ({
                  value: `recall:${hold.id}`,
                  words: hold.name,
                  group: "recalls the hold of",
                }))
              : []),
          ]}
          onChange={take}
        />
      </div>
      {use?.does === "recall" && (
        <fieldset className="ticks">
          <legend>The set it recalls holds</legend>
          {bundleParts
            .filter((part) => control.carries.includes(part.value) || use.carries.includes(part.value))
            .map((part) => (
              <label key={part.value} className="has">
                <input
                  type="checkbox"
                  checked={use.carries.includes(part.value)}
                  onChange={() =>
                    onChange(
                      put(layout, {
                        ...use,
                        carries: use.carries.includes(part.value)
                          ? use.carries.filter((each) => each !== part.value)
                          : [...use.carries, part.value],
                      }),
                      "bundle",
                    )
                  }
                />
                {part.words}
              </label>
            ))}
        </fieldset>
      )}
      {how !== null && <p className="how">{how}</p>}
    </div>
  );
}
