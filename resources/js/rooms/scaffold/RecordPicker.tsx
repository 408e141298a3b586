type Props = {
  /** What is picked, as in "Rush". */
  label: string;
  value: string;
  /** The name of the one that is open as it is typed; the others as they are kept. */
  name: string;
  options: { id: string; name: string }[];
  onPick: (id: string) => void;
};

/** The title of a room: which record is open, and the way to any other. */
export function RecordPicker({ label, value, name, options, onPick }: Props) {
  return (
    <select
      className="plain-input title-select"
      aria-label={label}
      value={value}
      onChange={(event) => onPick(event.target.value)}
    >
      {options.map((one) => (
        <option key={one.id} value={one.id}>
          {one.id === value ? name : one.name}
        </option>
      ))}
    </select>
  );
}
