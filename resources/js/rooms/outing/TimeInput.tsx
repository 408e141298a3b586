import { DatePicker } from "antd";
import dayjs from "dayjs";
import { useId, useState } from "react";
import { readTime } from "./time";

type DateProps = { label: string; value: string; onChange: (value: string) => void };

/** A day, typed as 2027-05-22 or picked from a calendar. */
export function DateInput({ label, value, onChange }: DateProps) {
  return (
    <DatePicker
      aria-label={label}
      value={dayjs(value)}
      allowClear={false}
      needConfirm={false}
      format="YYYY-MM-DD"
      minDate={dayjs("1900-01-01")}
      maxDate={dayjs("2100-12-31")}
      onChange={(day) => {
        if (day === null) return;
        const next = day.format("YYYY-MM-DD");
        if (next !== value) onChange(next);
      }}
    />
  );
}

type TimeProps = { label: string; value: string; onChange: (value: string) => void };

/** A time by the clocks of the place, typed in any usual way; what cannot be read stays and says why. */
export function TimeInput({ label, value, onChange }: TimeProps) {
  const id = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const take = (): void => {
    if (typed === null) return;
    const found = readTime(typed);
    if (found === null) return setFault(`${label} is “${typed.trim()}”; type a time such as 07:40.`);
    setTyped(null);
    setFault(null);
    if (found !== value) onChange(found);
  };
  return (
    <>
      <input
        className="time-input"
        aria-label={label}
        aria-invalid={fault !== null}
        aria-describedby={fault === null ? undefined : id}
        value={typed ?? value}
        maxLength={12}
        autoComplete="off"
        onChange={(event) => {
          setTyped(event.target.value);
          setFault(null);
        }}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          if (event.key === "Escape" && typed !== null) {
            event.stopPropagation();
            setTyped(null);
            setFault(null);
          }
        }}
      />
      {fault !== null && (
        <span id={id} className="note fault" role="alert">
          {fault}
        </span>
      )}
    </>
  );
}
