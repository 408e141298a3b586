import { Select } from "antd";
import { useRef } from "react";

/** From so many on, what is typed seeks among them. */
const SOUGHT = 9;
/** From so many on, only those in sight are drawn. */
const MANY = 80;

export type Option<T extends string = string> = { value: T; words: string; group?: string };

type Shown<T extends string> = { label: string; value?: T; options?: { label: string; value: T }[] };

type Props<T extends string> = {
  /** Its name for assistive technology. */
  label: string;
  value: T;
  options: readonly Option<T>[];
  className?: string | undefined;
  /** Whether it has the focus as soon as it is there. */
  autoFocus?: boolean;
  onChange: (value: T) => void;
};

/** One of several words, picked from a list. */
export function Choice<T extends string>({ label, value, options, className, autoFocus = false, onChange }: Props<T>) {
  const open = useRef(false);
  const groups = [...new Set(options.map((one) => one.group))];
  const of = (group: string | undefined) =>
    options.filter((one) => one.group === group).map((one) => ({ value: one.value, label: one.words }));
  return (
    // oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- Escape closes the list alone, not what it stands in
    <span
      className={className === undefined ? "choice-of" : `choice-of ${className}`}
      onKeyDown={(event) => {
        if (event.key === "Escape" && open.current) event.stopPropagation();
      }}
    >
      <Select<T, Shown<T>>
        aria-label={label}
        value={value}
        autoFocus={autoFocus}
        options={groups.flatMap((group): Shown<T>[] =>
          group === undefined ? of(group) : [{ label: group, options: of(group) }],
        )}
        showSearch={options.length >= SOUGHT ? { optionFilterProp: "label" } : false}
        virtual={options.length >= MANY}
        popupMatchSelectWidth={false}
        getPopupContainer={(field: HTMLElement) => field.closest<HTMLElement>("[role=dialog]") ?? document.body}
        onOpenChange={(now) => {
          // the key that closes it has still to come by here
          window.setTimeout(() => (open.current = now));
        }}
        onChange={(next) => onChange(next)}
      />
    </span>
  );
}
