import { useCallback, useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent, type ReactNode } from "react";
import { rushRanges } from "../generated/ranges";
import { step } from "../units/quantity";
import { newGesture } from "../autosave/gesture";
import { PlaceOfFields, useUnread } from "../units/unread";
import { AnchoredPopup } from "../ui/AnchoredPopup";
import { WordEditor } from "./WordEditor";
import { isShortcut } from "../ui/keyboard";
import { lightPreposition, makeWords, type Telling, type Word, type WordId } from "./words";
import { type Draft } from "../rush/draft";

export const words: Word[] = makeWords(step, rushRanges);

type Props = {
  /** The record it tells of, as a place of fields. */
  place: string;
  telling: Telling;
  letters: boolean;
  /** A change, and the gesture it belongs to: everything of one gesture is undone together. */
  onChange: (draft: Draft, gesture: string) => void;
};

/** The rush in one sentence; every underlined word opens, steps by arrow keys, and has a letter. */
export function Sentence({ place, telling, letters, onChange }: Props) {
  const [open, setOpen] = useState<WordId | null>(null);
  const [current, setCurrent] = useState<WordId>("subject");
  const gesture = useRef("");
  const back = useRef(false);
  const unread = useUnread(place);
  const chips = useRef(new Map<WordId, HTMLButtonElement>());

  const show = useCallback((id: WordId | null) => {
    gesture.current = id === null ? "" : newGesture(id);
    setOpen(id);
    if (id !== null) setCurrent(id);
  }, []);

  const close = useCallback(() => {
    back.current = true;
    setOpen(null);
  }, []);

  // the word has the focus again in the same moment its editor goes, so that no key falls between them
  useLayoutEffect(() => {
    if (open !== null || !back.current) return;
    back.current = false;
    chips.current.get(current)?.focus();
  }, [open, current]);

  useEffect(() => {
    if (!letters) return;
    const onKey = (event: globalThis.KeyboardEvent): void => {
      if (!isShortcut(event) || (event.target as HTMLElement).closest("[role=slider]")) return;
      const word = words.find((entry) => entry.letter === event.key);
      if (word === undefined) return;
      event.preventDefault();
      show(word.id);
    };
    document.addEventListener("keydown", onKey);
    return () => document.removeEventListener("keydown", onKey);
  }, [letters, show]);

  // a press anywhere else closes the editor, and goes where it was meant to go
  useEffect(() => {
    if (open === null) return;
    const onPress = (event: PointerEvent): void => {
      if (!(event.target as HTMLElement).closest(".under, .word")) setOpen(null);
    };
    document.addEventListener("pointerdown", onPress);
    return () => document.removeEventListener("pointerdown", onPress);
  }, [open]);

  const onKeyDown = (event: KeyboardEvent, word: Word): void => {
    const at = words.findIndex((entry) => entry.id === word.id);
    const move = (to: number): void => {
      const next = words[(to + words.length) % words.length]!;
      setCurrent(next.id);
      chips.current.get(next.id)?.focus();
    };
    if (event.key === "ArrowRight") move(at + 1);
    else if (event.key === "ArrowLeft") move(at - 1);
    else if (event.key === "Home") move(0);
    else if (event.key === "End") move(words.length - 1);
    else if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      // a run of steps on one word is one gesture
      if (!gesture.current.startsWith(`${word.id}-step`)) gesture.current = newGesture(`${word.id}-step`);
      onChange(word.stepped(telling, event.key === "ArrowUp" ? 1 : -1), gesture.current);
    } else return;
    event.preventDefault();
  };

  /** A word, and the stop that must not leave it at the end of a line. */
  const chip = (id: WordId, stop = ""): ReactNode => {
    const word = words.find((entry) => entry.id === id)!;
    const text = word.text(telling);
    const waits = unread.find(([field]) => field.startsWith(`${place}/${id}/`))?.[1];
    const button = (
      <button
        type="button"
        ref={(node) => {
          if (node) chips.current.set(id, node);
        }}
        className={["word", open === id && "word-open", waits && "word-unread"].filter(Boolean).join(" ")}
        data-word={id}
        data-arrive={current === id ? "" : undefined}
        title={waits?.fault}
        aria-haspopup="dialog"
        aria-expanded={open === id}
        aria-label={`${text}: ${word.label}${waits === undefined ? "" : `. Not taken: ${waits.fault}`}`}
        aria-keyshortcuts={letters ? word.letter : undefined}
        tabIndex={current === id ? 0 : -1}
        onFocus={() => setCurrent(id)}
        onClick={() => (open === id ? close() : show(id))}
        onKeyDown={(event) => onKeyDown(event, word)}
      >
        {text}
      </button>
    );
    if (stop === "") return button;
    return (
      <span className="tie">
        {button}
        {/* no line begins with a stop */ `\u2060${stop}`}
      </span>
    );
  };

  return (
    <>
      <p className="sentence" data-testid="sentence">
        {chip("subject", ",")} {chip("size")} long, {chip("bearing")} at {chip("speed", ",")} {chip("distance")} away,{" "}
        {chip("pattern", ",")} with {chip("front")} and {chip("behind", ",")}{" "}
        {lightPreposition(telling.draft.rush.light.ev100)} {chip("light", ",")} {chip("air", ".")} I am{" "}
        {chip("support", ",")} {chip("panning")} and {chip("skill", ".")} I want {chip("follow", ",")}{" "}
        {chip("style", ",")} {chip("limbs", ",")} in {chip("standard")} at up to {chip("iso", ",")} by{" "}
        {chip("schools", ",")} with {chip("kit", ".")}
      </p>
      {unread.length > 0 && open === null && (
        <p className="note fault not-taken" role="alert">
          {unread.map(([field, { fault }]) => (
            <span key={field}>{fault} </span>
          ))}
        </p>
      )}
      {open !== null && (
        <AnchoredPopup key={open} anchor={() => chips.current.get(open) ?? null}>
          <PlaceOfFields value={`${place}/${open}`}>
            <WordEditor
              word={words.find((entry) => entry.id === open)!}
              telling={telling}
              onChange={(draft) => onChange(draft, gesture.current)}
              onClose={close}
            />
          </PlaceOfFields>
        </AnchoredPopup>
      )}
    </>
  );
}
