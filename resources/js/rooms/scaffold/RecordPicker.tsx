import { Choice } from "../../ui/Choice";

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
    <Choice
      className="title-select"
      label={label}
      value={value}
      options={options.map((one) => ({ value: one.id, words: one.id === value ? name : one.name }))}
      onChange={onPick}
    />
  );
}
