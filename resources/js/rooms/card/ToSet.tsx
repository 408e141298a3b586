import { useState } from "react";
import { toMake, type Check, type OwnPage } from "./card";
import { when } from "../../units/when";
import type { Outbox, Tick } from "../../session/Outbox";

type Props = {
  page: OwnPage;
  cardId: string;
  cardName: string;
  ticks: Record<string, Tick>;
  outbox: Outbox;
  onType: () => void;
};

/** The way from how the camera was left to this hold, one tick after another; then the camera is remembered as set. */
export function ToSet({ page, cardId, cardName, ticks, outbox, onType }: Props) {
  const nameOf = (id: string): string => `${page.key}:${id}`.slice(0, 160);
  const on = (id: string): boolean => ticks[nameOf(id)]?.on === true;
  const flip = (id: string): void => outbox.tick(cardId, nameOf(id), !on(id));
  const left = page.camera_state;
  const { changes, counted } = toMake(page);
  const open = changes.filter((change) => !on(change.id)).length;
  const [before, setBefore] = useState<{ by: string; state: Record<string, unknown> } | null>(null);
  const set = (): void => {
    setBefore(left ?? { by: "typed", state: { format: "camera-state/1" } });
    outbox.cameraState(page.body.id, page.state_once_set, `${cardName}: ${page.name}`.slice(0, 120));
    for (const change of changes) if (on(change.id)) outbox.tick(cardId, nameOf(change.id), false);
  };

  return (
    <section className="to-set" aria-label="To set">
      <h3>
        {changes.length === 0
          ? "The camera is set for this."
          : !counted
            ? "Check each"
            : open === 0
              ? "All done."
              : `${open} ${open === 1 ? "change" : "changes"} ${left === null ? "to make" : "from how it was left"}`}
      </h3>
      <p className="note">
        {left === null
          ? `Nobody has said how ${page.body.name} was left: check each. `
          : `${page.body.name} was left by ${left.by === "typed" ? "what you typed" : `“${left.by}”`}, ${when(left.at)}. `}
        <button type="button" className="text-button" onClick={onType}>
          It was left otherwise
        </button>
      </p>
      {!counted && (
        <p className="note" role="status">
          Counted from how it was left before; counted anew as soon as there is a line. Check each.
        </p>
      )}
      <ol className="changes-list">
        {changes.map((change) => (
          <li key={change.id} className={change.danger !== null ? "danger-change" : ""}>
            <label>
              <input
                type="checkbox"
                aria-label={`${change.name}: ${change.to}`}
                checked={on(change.id)}
                onChange={() => flip(change.id)}
              />
              <span className="change-text">
                <span className="change-what">
                  {change.name}: {change.from !== null && <s>{change.from}</s>} <b>{change.to}</b>
                </span>
                <span className="note">
                  {[change.danger === null ? "" : `▲ ${change.danger}`, change.where].filter(Boolean).join(" · ")}
                </span>
              </span>
            </label>
          </li>
        ))}
      </ol>
      {changes.length > 0 && (
        <button type="button" className={open === 0 ? "primary" : "cure"} onClick={set}>
          {open === 0 ? "Set: remember it so" : "It is all set: remember it so"}
        </button>
      )}
      {before !== null && (
        <button
          type="button"
          className="text-button"
          onClick={() => {
            outbox.cameraState(page.body.id, before.state, before.by);
            setBefore(null);
          }}
        >
          undo: it was not set
        </button>
      )}
      <PreFlight list={page.pre_flight} on={(id) => on(`pre:${id}`)} onFlip={(id) => flip(`pre:${id}`)} />
    </section>
  );
}

function PreFlight({ list, on, onFlip }: { list: Check[]; on: (id: string) => boolean; onFlip: (id: string) => void }) {
  const open = list.filter((item) => !on(item.id)).length;
  return (
    <details className="pre-flight" open={open > 0}>
      <summary>
        Before you go{" "}
        <span className="note">{open === 0 ? "all looked at" : `${open} of ${list.length} left to look at`}</span>
      </summary>
      <ul className="changes-list">
        {list.map((item) => (
          <li key={item.id}>
            <label>
              <input type="checkbox" aria-label={item.message} checked={on(item.id)} onChange={() => onFlip(item.id)} />
              <span className="change-text">
                <span className="change-what">{item.message}</span>
                <span className="note">{item.why}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
    </details>
  );
}
