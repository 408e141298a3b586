import { DatePicker } from "antd";
import dayjs from "dayjs";
import { useMemo } from "react";
import { ReadInput } from "../../ui/ReadInput";
import { readTime } from "./time";

type DateProps = { label: string; value: string; onChange: (value: string) => void };

/** A day, typed as 2027-05-22 or picked from a calendar. */
export function DateInput({ label, value, onChange }: DateProps) {
  // the picker takes any other object for another day, and with it takes back what is being typed
  const day = useMemo(() => dayjs(value), [value]);
  return (
    <DatePicker
      aria-label={label}
      value={day}
      allowClear={false}
      needConfirm={false}
      format="YYYY-MM-DD"
      minDate={dayjs("1900-01-01")}
      maxDate={dayjs("2100-12-31")}
      onChange={(picked) => {
        if (picked === null) return;
        const next = picked.format("YYYY-MM-DD");
        if (next !== value) onChange(next);
      }}
    />
  );
}

type TimeProps = { label: string; value: string; onChange: (value: string) => void };

/** A time by the clocks of the place, typed in any usual way. */
export function TimeInput({ label, value, onChange }: TimeProps) {
  return (
    <ReadInput
      label={label}
      shown={value}
      className="time-input"
      most={12}
      read={(text) => {
        const found = readTime(text);
        return found === null
          ? { fault: `${label} is “${text.trim()}”; type a time such as 07:40.` }
          : { value: found };
      }}
      onTake={(next) => next !== value && onChange(next)}
    />
  );
}
