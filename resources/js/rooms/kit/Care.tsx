import type { GearType } from "../../api/types";
import { newGesture } from "../../autosave/gesture";
import { TextInput } from "../../ui/inputs";
import type { Body } from "./kit";

type Cared = NonNullable<Body["care"]>;
type Props = {
  type: GearType;
  care: Cared | undefined;
  onChange: (care: Cared, gesture: string) => void;
};

const items = [
  {
    name: "firmware_on",
    words: "Firmware looked for",
    of: ["body", "lens", "adapter"],
    how: "By the maker's instructions, with a full battery; never break off in the middle.",
  },
  {
    name: "contacts_on",
    words: "Contacts looked at",
    of: ["body", "lens", "converter", "adapter"],
    how: "A dry blower, then a clean cloth made for contacts. Never oil, never household spray; what does not come off goes to a technician.",
  },
  {
    name: "tuned_on",
    words: "Fine-tuned",
    of: ["body"],
    how: "Reflex bodies with each of their lenses; bodies that focus on the sensor rarely need it.",
  },
] as const;

const days = (from: string): number =>
  Math.round((Date.parse(new Date().toLocaleDateString("sv-SE")) - Date.parse(from)) / 86_400_000);

/** When it was last looked after. The card reminds, gently, when that is long ago. */
export function Care({ type, care: known, onChange }: Props) {
  const care = known ?? {};
  const set = (name: keyof Cared, value: string, gesture: string): void => {
    const { [name]: _old, ...rest } = care;
    onChange(value === "" ? rest : { ...rest, [name]: value }, gesture);
  };
  return (
    <section className="setting-block care">
      <h3>Looked after</h3>
      {items
        .filter((item) => (item.of as readonly string[]).includes(type))
        .map((item) => (
          <div key={item.name} className="care-row">
            <label htmlFor={item.name}>{item.words}</label>
            <input
              id={item.name}
              type="date"
              className="plain-input"
              value={care[item.name] ?? ""}
              onChange={(event) => set(item.name, event.target.value, newGesture("care"))}
            />
            <button
              type="button"
              className="text-button"
              onClick={() => set(item.name, new Date().toLocaleDateString("sv-SE"), newGesture("care"))}
            >
              today
            </button>
            <span className="note">
              {care[item.name] === undefined ? "not noted yet. " : `${days(care[item.name]!)} days ago. `}
              {item.how}
            </span>
          </div>
        ))}
      <div className="care-row">
        <span>Note</span>
        <TextInput
          label="Note"
          className="plain-input care-note"
          value={care["note"] ?? ""}
          most={500}
          emptiable
          placeholder="a scratch, a loose ring, where it was serviced"
          onChange={(text, gesture) => set("note", text, gesture)}
        />
      </div>
    </section>
  );
}
