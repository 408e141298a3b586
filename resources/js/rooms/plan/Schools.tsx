import type { Schools as Answers } from "../../generated/answers";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import type { Units } from "../../api/types";
import { Dialog } from "../../ui/Dialog";
import { SideBySide } from "../../hold/SideBySide";
import { schools } from "../../generated/vocabulary";

type Props = {
  id: string;
  stamp: string;
  units: Units;
  open: boolean;
  onClose: () => void;
  onPick: (question: string, answer: string | null) => void;
};

/** The same rush by each school of practice, side by side, with where they part and what each costs. */
export function Schools({ id, stamp, units, open, onClose, onPick }: Props) {
  const [asked, setAsked] = useState<string | null>(null);
  const found = useQuery({
    queryKey: ["schools", id, stamp],
    queryFn: () => request("GET", `rushes/${id}/schools`),
    enabled: open,
    placeholderData: (old) => old,
  });
  const questions = found.data?.questions ?? [];
  const parting = questions.filter((question) => question.differ);
  const shown = parting.find((question) => question.question === asked) ?? parting[0];
  const words = schools.find((school) => school.question === shown?.question);

  return (
    <Dialog open={open} onClose={onClose} title="Schools of practice, side by side" width={1100}>
      {found.isError && <p className="note fault">{found.error.message}</p>}
      {found.isPending && <p className="note">Planning it by each school…</p>}
      {found.isSuccess && shown === undefined && (
        <p>Here every school sets the same: there is nothing in this rush on which they part.</p>
      )}
      {shown !== undefined && (
        <>
          <div className="school-questions" role="group" aria-label="Question">
            {parting.map((question) => (
              <button
                key={question.question}
                type="button"
                aria-pressed={question === shown}
                onClick={() => setAsked(question.question)}
              >
                {schools.find((school) => school.question === question.question)?.words}
              </button>
            ))}
          </div>
          <SideBySide
            caption={`${words?.words ?? ""}: where the answers part from the usual one, they are marked ◆.`}
            units={units}
            sides={shown.answers
              .filter((one) => one.answer === null || one.differs.length > 0)
              .map((one) => ({
                key: one.answer ?? "",
                title: words?.answers.find((option) => option.value === one.answer)?.words ?? "usual",
                note: price(one),
                hold: one.hold,
                go:
                  one.answer === shown.picked ? (
                    <span className="picked">● yours</span>
                  ) : (
                    <button type="button" className="text-button" onClick={() => onPick(shown.question, one.answer)}>
                      take this
                    </button>
                  ),
              }))}
          />
          {shown.answers.some((one) => one.answer !== null && one.differs.length === 0) && (
            <p className="note">
              The same as usual here:{" "}
              {shown.answers
                .filter((one) => one.answer !== null && one.differs.length === 0)
                .map((one) => words?.answers.find((option) => option.value === one.answer)?.words)
                .join(", ")}
              .
            </p>
          )}
        </>
      )}
    </Dialog>
  );
}

/** What a school gives here, in one line. */
const price = (one: Answers["questions"][number]["answers"][number]): string =>
  [
    one.hand_share === null
      ? `AF keeps it ${Math.round(one.score * 100)} %`
      : `your hand keeps it ${Math.round(one.hand_share * 100)} %`,
    `blur ${Math.round(one.blur_used * 100)} % used`,
    one.shortfall_stops > 0 ? `${one.shortfall_stops.toFixed(1)} stops dark` : "",
  ]
    .filter(Boolean)
    .join(", ");
