import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { limits } from "../../generated/vocabulary";
import { TextInput } from "../../ui/inputs";
import { Choice } from "../../ui/Choice";
import { when } from "../../units/when";

const scopes = [
  { value: "read", words: "read everything, the archive too" },
  { value: "write", words: "read everything and change it" },
] as const;

/** Keys by which other programs act for this account: made here, shown once, ended here. */
export function OtherPrograms() {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [scope, setScope] = useState<"read" | "write">("read");
  const tokens = useQuery({
    queryKey: ["tokens"],
    queryFn: () => request("GET", "tokens"),
    enabled: open,
  });
  const again = async (): Promise<void> => client.invalidateQueries({ queryKey: ["tokens"] });
  const make = useMutation({
    mutationFn: () => request("POST", "tokens", { name, scopes: [scope] }),
    onSuccess: async () => {
      setName("");
      await again();
    },
  });
  const end = useMutation({
    mutationFn: (id: number) => request("DELETE", `tokens/${id}`),
    onSuccess: again,
  });
  const problem = make.error ?? end.error ?? tokens.error;
  return (
    <details className="programs" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>
        Other programs <span className="note">keys by which they read or change what is yours</span>
      </summary>
      {tokens.data?.tokens.map((token) => (
        <p key={token.id} className="program">
          <b>{token.name}</b>
          <span className="note">
            may {scopes.find((one) => token.scopes.includes(one.value))?.words}, made {when(token.made_at)},{" "}
            {token.used_at === null ? "not used yet" : `used ${when(token.used_at)}`}
          </span>
          <button
            type="button"
            className="quiet fail"
            aria-label={`End the key ${token.name}`}
            disabled={end.isPending}
            onClick={() => end.mutate(token.id)}
          >
            end it
          </button>
        </p>
      ))}
      <form
        className="program-new"
        onSubmit={(event) => {
          event.preventDefault();
          make.mutate();
        }}
      >
        <TextInput
          label="What the key is for"
          value={name}
          most={limits.name}
          placeholder="a script of mine"
          emptiable
          onChange={setName}
        />
        <Choice label="It may" value={scope} options={scopes} onChange={setScope} />
        <button type="submit" className="primary" disabled={name.trim() === "" || make.isPending}>
          Make a key
        </button>
      </form>
      {problem !== null && (
        <p className="note fault" role="alert">
          {problem.message}
        </p>
      )}
      {make.data !== undefined && (
        <div className="program-text" role="status">
          <p>
            The key for “{make.data.token.name}”. It is shown this once: copy it now.{" "}
            <button
              type="button"
              className="text-button"
              onClick={() => void navigator.clipboard.writeText(make.data.text)}
            >
              copy
            </button>
          </p>
          <code>{make.data.text}</code>
        </div>
      )}
      <p className="note">
        A program sends its key as <code>Authorization: Bearer …</code>; what it can ask is in{" "}
        <a href="/api/openapi.json">the document of the API</a>. No key opens your password, your account or these keys.
      </p>
    </details>
  );
}
