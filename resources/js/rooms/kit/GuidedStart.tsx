import { useMutation } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import { useAccount } from "../../session/boot";
import { useCreation } from "../../session/creation";
import { begunKey } from "../../session/unsent";
import { forgetUnreadIn, PlaceOfFields } from "../../units/unread";
import { begin } from "./guided";
import type { Body } from "./kit";
import { questions } from "./questions";

/** Goes on when all that was typed could be read; else stays with what could not. */
const leaving = (form: HTMLFormElement, onward: () => void): void => {
  (document.activeElement as HTMLElement | null)?.blur();
  // what is wrong is told by then
  window.setTimeout(() => {
    const wrong = form.querySelector<HTMLElement>("[aria-invalid=true]");
    if (wrong === null) onward();
    else wrong.focus();
  });
};

/** Twelve questions, each of which may be left as it is; then the body can be planned with. What is answered survives a reload. */
export function GuidedStart({ onMade }: { onMade: () => Promise<void> }) {
  const { user } = useAccount();
  const { units } = user.settings;
  const navigate = useNavigate();
  const key = begunKey(user.key, "new-body");
  const [start, setStart] = useState(() => begin(key));
  const creation = useCreation();
  const { step, name, body } = start;
  const heading = useRef<HTMLHeadingElement>(null);
  useEffect(() => localStorage.setItem(key, JSON.stringify(start)), [key, start]);
  useEffect(() => {
    const field = heading.current?.parentElement?.querySelector<HTMLElement>(
      ".guided-answer input, .guided-answer select",
    );
    (field ?? heading.current)?.focus();
  }, [step]);
  const make = useMutation({
    mutationFn: () =>
      request("POST", "gear", {
        write_id: creation.writeId(),
        type: "body",
        name: name.trim() === "" ? "My body" : name,
        document: body,
      }),
    onSuccess: async (made) => {
      creation.done();
      localStorage.removeItem(key);
      forgetUnreadIn("new-body");
      await onMade();
      await navigate(`/kit/${made.id}`);
    },
  });
  const take = (next: Body): void => setStart({ ...start, body: next });

  const question = questions[Math.min(step, questions.length - 1)]!;
  const last = step >= questions.length - 1;
  const go = (by: number): void => setStart({ ...start, step: Math.min(questions.length - 1, Math.max(0, step + by)) });

  return (
    <PlaceOfFields value="new-body">
      <form
        className="guided"
        onSubmit={(event) => {
          event.preventDefault();
          const form = event.currentTarget;
          leaving(form, () => (last ? make.mutate() : go(1)));
        }}
      >
        <p className="note" aria-live="polite">
          Question {step + 1} of {questions.length}
        </p>
        <progress max={questions.length} value={step + 1} aria-label="Questions answered" />
        <h2 ref={heading} tabIndex={-1}>
          {question.ask}
        </h2>
        <p className="lead">{question.why}</p>
        <div className="guided-answer" key={step}>
          {question.answer({
            name,
            body,
            units,
            take,
            rename: (text) => setStart({ ...start, name: text }),
          })}
        </div>
        <p className="guided-go">
          <button type="submit" className="primary" disabled={make.isPending}>
            {last ? "Make this body" : "Next"}
          </button>
          {step > 0 && (
            <button type="button" className="quiet" onClick={() => go(-1)}>
              back
            </button>
          )}
          {!last && step > 0 && (
            <button
              type="button"
              className="quiet"
              disabled={make.isPending}
              onClick={(event) => leaving(event.currentTarget.form!, () => make.mutate())}
            >
              the rest later
            </button>
          )}
          <button
            type="button"
            className="quiet"
            onClick={() => {
              localStorage.removeItem(key);
              forgetUnreadIn("new-body");
              setStart(begin(key));
            }}
          >
            begin again
          </button>
        </p>
        {make.isError && (
          <p className="note fault" role="alert">
            {make.error.message}
          </p>
        )}
      </form>
    </PlaceOfFields>
  );
}
