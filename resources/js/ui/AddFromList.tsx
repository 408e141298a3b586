type Props = { label: string; options: { id: string; name: string; note?: string }[]; onAdd: (id: string) => void };

/** A list to add from: what is picked is added, and the list stands ready for the next. */
export function AddFromList({ label, options, onAdd }: Props) {
  if (options.length === 0) return null;
  return (
    <select
      className="plain-input"
      aria-label={label}
      value=""
      onChange={(event) => event.target.value !== "" && onAdd(event.target.value)}
    >
      <option value="">Add the hold of …</option>
      {options.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}
          {one.note === undefined ? "" : ` (${one.note})`}
        </option>
      ))}
    </select>
  );
}
