import type { Plan } from "../api/types";

const PARTS = [
  { id: "before", name: "Before" },
  { id: "during", name: "While it happens" },
  { id: "after", name: "After" },
] as const;

/** What to do, in order. */
export function Routine({ routine }: { routine: Plan["routine"] }) {
  return (
    <section className="routine" aria-label="What to do, in order">
      {PARTS.map(
        ({ id, name }) =>
          routine[id].length > 0 && (
            <div key={id}>
              <h3>{name}</h3>
              <ul>
                {routine[id].map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </div>
          ),
      )}
    </section>
  );
}
