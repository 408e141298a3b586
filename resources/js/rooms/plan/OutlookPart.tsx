import { figures } from "../../units/quantity";
import type { Help, Outlook } from "./outlook";

/** A margin as a person reads it: "+1.9 ± 0.5 frames a pass". */
const gained = ({ gain }: Help): string =>
  `+${figures(gain.mean, 2)}${gain.half === null ? "" : ` ± ${figures(gain.half, 2)}`}`;

type HelpsProps = { outlook: Outlook | undefined; wait: boolean; onTake: (help: Help) => void };

/** What the person could do, the most helpful first; what chance might have made as well says so. */
export function Helps({ outlook, wait, onTake }: HelpsProps) {
  if (outlook === undefined) return <p className="note">{wait ? "Trying what would help…" : "Not tried yet."}</p>;
  const telling = outlook.helps.filter((help) => help.gain.telling);
  const others = outlook.helps.filter((help) => !help.gain.telling);
  if (telling.length === 0) {
    return (
      <p className="note">
        None of what was tried helps: standing elsewhere, steadier, turned, in more light, with more practice.
      </p>
    );
  }
  return (
    <>
      <ul className="helps">
        {telling.map((help) => (
          <li key={help.words}>
            <span className="help-what">
              <b>{help.words}</b>
              <span className="soft">{help.cost}</span>
            </span>
            <span className="help-gain">{gained(help)}</span>
            {Object.keys(help.change).length > 0 && (
              <button
                type="button"
                className="text-button"
                aria-label={`Plan so: ${help.words}`}
                onClick={() => onTake(help)}
              >
                plan so
              </button>
            )}
          </li>
        ))}
      </ul>
      {others.length > 0 && (
        <p className="note">
          Not to be told apart from chance: {others.map((help) => help.words.toLowerCase()).join("; ")}.
        </p>
      )}
    </>
  );
}

/** What must not be touched, and where there is freedom. */
export function Touches({ outlook }: { outlook: Outlook | undefined }) {
  if (outlook === undefined) return <p className="note">Trying what must not be touched…</p>;
  if (outlook.touches.length === 0)
    return <p className="note">So few frames come out sharp that nothing is left to lose.</p>;
  return (
    <ul className="touches">
      {outlook.touches.map((touch) => (
        <li key={touch.field} className={touch.matters ? "matters" : undefined}>
          <span className="touch-name">{touch.name}</span>
          <span>{touch.words}</span>
        </li>
      ))}
    </ul>
  );
}
