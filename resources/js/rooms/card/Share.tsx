import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { requestAs } from "../../api/client";
import { Choice } from "../../ui/Choice";
import type { CardWhole } from "./card";
import { when } from "../../units/when";

const ends = [
  { value: "1", words: "a day" },
  { value: "7", words: "a week" },
  { value: "30", words: "30 days" },
];

/** A link to the card for somebody else: read only, ends by itself, and can be ended at once. */
export function Share({ card, onChanged }: { card: CardWhole; onChanged: (card: CardWhole) => void }) {
  const [days, setDays] = useState("7");
  const [copied, setCopied] = useState(false);
  const share = useMutation({
    mutationFn: () => requestAs<CardWhole>("POST", `cards/${card.id}/share`, { days: Number(days) }),
    onSuccess: onChanged,
  });
  const end = useMutation({
    mutationFn: () => requestAs<CardWhole>("DELETE", `cards/${card.id}/share`),
    onSuccess: onChanged,
  });
  const failed = share.error ?? end.error;
  return (
    <div className="share">
      <p className="note">
        Whoever has the link sees this card, its words and its aim figures; nothing else of your account, and they can
        change nothing.
      </p>
      {card.share === null ? (
        <p className="share-row">
          <div>
            Ends after <Choice label="Ends after" value={days} options={ends} onChange={setDays} />
          </div>
          <button type="button" className="cure" disabled={share.isPending} onClick={() => share.mutate()}>
            Make a link
          </button>
        </p>
      ) : (
        <>
          <input
            className="plain-input share-link"
            aria-label="Link to this card"
            readOnly
            value={card.share.link}
            onFocus={(event) => event.target.select()}
          />
          <p className="share-row">
            <span className="note">ends {when(card.share.until)}</span>
            <button
              type="button"
              className="text-button"
              onClick={() => void navigator.clipboard?.writeText(card.share!.link).then(() => setCopied(true))}
            >
              {copied ? "copied" : "copy it"}
            </button>
            <button type="button" className="quiet" disabled={end.isPending} onClick={() => end.mutate()}>
              end it now
            </button>
          </p>
        </>
      )}
      {end.isSuccess && card.share === null && (
        <p className="note" role="status">
          The link has ended: whoever opens it is told so.
        </p>
      )}
      {failed && <p className="note fault">{failed.message}</p>}
    </div>
  );
}
