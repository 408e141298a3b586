import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import type { CardWhole } from "./card";
import { when } from "../../units/when";

/** A link to the card for somebody else: read only, ends by itself, and can be ended at once. */
export function Share({ card, onChanged }: { card: CardWhole; onChanged: (card: CardWhole) => void }) {
  const [days, setDays] = useState("7");
  const [copied, setCopied] = useState(false);
  const share = useMutation({
    mutationFn: () => request<CardWhole>("POST", `cards/${card.id}/share`, { days: Number(days) }),
    onSuccess: onChanged,
  });
  const end = useMutation({
    mutationFn: () => request<CardWhole>("DELETE", `cards/${card.id}/share`),
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
          <label>
            Ends after{" "}
            <select className="plain-input" value={days} onChange={(event) => setDays(event.target.value)}>
              <option value="1">a day</option>
              <option value="7">a week</option>
              <option value="30">30 days</option>
            </select>
          </label>
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
      {failed && <p className="note fault">{failed.message}</p>}
    </div>
  );
}
