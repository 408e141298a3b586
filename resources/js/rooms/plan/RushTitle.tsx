import { limits } from "../../generated/vocabulary";
import { useCallback, useEffect, useState } from "react";
import { useNavigate } from "react-router-dom";
import type { RushRow } from "../../api/types";
import { SaveLine } from "../../autosave/SaveLine";
import type { RushAutosave, RushState } from "../../rush/rushAutosave";
import { words } from "../../sentence/Sentence";
import { isShortcut } from "../../ui/keyboard";
import { useRoomKeys, type RoomKeys } from "../../ui/keys";
import { FullNote } from "../../ui/inputs";
import { PopupButton } from "../../ui/PopupButton";
import { LastRehearsal } from "./LastRehearsal";
import { RushList } from "./RushList";

const planKeys: RoomKeys = [
  { title: "Words of the sentence", keys: words.map((word) => [word.letter, word.label]) },
  {
    title: "In the sentence",
    keys: [
      ["← →", "from word to word"],
      ["↑ ↓", "step the word you are on"],
      ["Enter", "open it"],
      ["/", "find a rush"],
      ["n", "new rush"],
    ],
  },
];

type Props = {
  id: string;
  record: RushState;
  autosave: RushAutosave;
  /** Whether single letters are keys. */
  letters: boolean;
  onRename: (name: string) => void;
  /** Gives dials taken from a rehearsal back to the plan. */
  onGiveBack: () => void;
  onNew: () => void;
  onDeleted: (row: RushRow) => void;
};

/** The head of the room: which rush this is, the way to all others, how it is saved, what it last brought. */
export function RushTitle({ id, record, autosave, letters, onRename, onGiveBack, onNew, onDeleted }: Props) {
  const navigate = useNavigate();
  const [list, setList] = useState(false);
  const help = useRoomKeys(planKeys);
  const open = useCallback(() => setList(true), []);

  useEffect(() => {
    if (!letters) return;
    const onKey = (event: KeyboardEvent): void => {
      if (!isShortcut(event)) return;
      if (event.key === "/") {
        event.preventDefault();
        open();
      } else if (event.key === "n") onNew();
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [letters, open, onNew]);

  return (
    <div className="titleline">
      <Name name={record.draft.rush.name} onChange={onRename} />
      <PopupButton
        className="quiet"
        open={list}
        onOpen={setList}
        content={(close) => (
          <RushList
            current={id}
            onOpen={(next) => {
              setList(false);
              void navigate(`/plan/${next}`);
            }}
            onNew={() => {
              setList(false);
              onNew();
            }}
            onClose={close}
            onDeleted={(row) => {
              close();
              onDeleted(row);
              if (row.id === id) void navigate("/plan");
            }}
          />
        )}
      >
        all rushes
      </PopupButton>
      <SaveLine record={record} autosave={autosave} what="this rush" at={record.server.updated_at} />
      <LastRehearsal
        id={id}
        last={record.server.rehearsed}
        odds={record.server.plan?.odds ?? null}
        taken={record.draft.dials}
        onGiveBack={onGiveBack}
      />
      <button type="button" className="quiet keys-hint" onClick={help}>
        {letters ? "Press a letter to change a word, " : "Keys: "}
        <b>?</b> for all of them
      </button>
    </div>
  );
}

/** The name of the rush, typed in place; an empty one is not taken. */
function Name({ name, onChange }: { name: string; onChange: (name: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const text = typed ?? name;
  return (
    <h1 className="name">
      <input
        aria-label="Name of this rush"
        value={text}
        maxLength={limits.name}
        size={Math.min(44, Math.max(8, text.length + 1))}
        onChange={(event) => {
          setTyped(event.target.value);
          if (event.target.value.trim() !== "") onChange(event.target.value.trim());
        }}
        onBlur={() => setTyped(null)}
        onKeyDown={(event) => {
          if (event.key !== "Enter" && event.key !== "Escape") return;
          // said what it is: on to what it is about, which the rest of this press must not open
          event.preventDefault();
          setTyped(null);
          document.querySelector<HTMLElement>("[data-arrive]")?.focus();
        }}
      />
      <FullNote text={typed} most={limits.name} />
    </h1>
  );
}
