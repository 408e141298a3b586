import { Choice } from "./Choice";

type Props = { label: string; options: { id: string; name: string; note?: string }[]; onAdd: (id: string) => void };

/** A list to add from: what is picked is added, and the list stands ready for the next. */
export function AddFromList({ label, options, onAdd }: Props) {
  if (options.length === 0) return null;
  return (
    <Choice
      label={label}
      value=""
      options={[
        { value: "", words: "Add the hold of …" },
        ...options.map((one) => ({
          value: one.id,
          words: one.note === undefined ? one.name : `${one.name} (${one.note})`,
        })),
      ]}
      onChange={(id) => id !== "" && onAdd(id)}
    />
  );
}
