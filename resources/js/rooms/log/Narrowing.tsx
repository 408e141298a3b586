import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { countedBy } from "../../generated/vocabulary";
import type { CountWhere } from "../../generated/answers";
import { Choice } from "../../ui/Choice";
import { byWords, queryOf, type By } from "./counting";

type Props = {
  where: [By, string][];
  /** The same as the server tells it, in words; what has not been answered yet is shown as it is. */
  told: CountWhere[];
  onChange: (by: By, value: string | null) => void;
};

const NONE = "";

/** Which bursts are counted: those of which all of this is so. */
export function Narrowing({ where, told, onChange }: Props) {
  const [by, setBy] = useState<By | typeof NONE>(NONE);
  const values = useQuery({
    queryKey: ["log", "values", by],
    queryFn: () => request("GET", `log/counts${queryOf([], { by })}`),
    enabled: by !== NONE,
  });
  const left = countedBy.filter((one) => !where.some(([name]) => name === one.value));
  return (
    <span className="narrowing">
      {where.map(([name, value]) => {
        const words = told.find((one) => one.by === name && one.value === value)?.words ?? value;
        return (
          <button
            key={name}
            type="button"
            className="narrowed"
            aria-label={`${byWords[name]}: ${words}, no longer only these`}
            onClick={() => onChange(name, null)}
          >
            {byWords[name]}: <b>{words}</b> <span aria-hidden="true">×</span>
          </button>
        );
      })}
      <Choice<string>
        label="Only where"
        value={by}
        options={[
          { value: NONE, words: where.length === 0 ? "all bursts" : "and only where …" },
          ...left.map((one) => ({ value: one.value, words: `only one ${one.words} …` })),
        ]}
        onChange={(next) => setBy(next as By)}
      />
      {by !== NONE && (
        <Choice<string>
          key={by}
          label={`Which ${byWords[by]}`}
          value="?"
          options={[
            { value: "?", words: values.data === undefined ? "…" : `which ${byWords[by]}?` },
            ...(values.data?.rows ?? []).map((row) => ({ value: `=${row.value}`, words: row.words })),
          ]}
          onChange={(picked) => {
            if (picked === "?") return;
            onChange(by, picked.slice(1));
            setBy(NONE);
          }}
        />
      )}
    </span>
  );
}
