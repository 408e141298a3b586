import type { Finding, Layout } from "./layout";

type Props = {
  findings: Finding[];
  empty: boolean;
  onCure: (layout: Layout) => void;
  onLook: (control: string) => void;
};

/** What the layout gets wrong, each with what puts it right. */
export function Conflicts({ findings, empty, onCure, onLook }: Props) {
  return (
    <section className="conflicts" aria-label="Conflicts" aria-live="polite">
      <h2>
        {findings.length === 0
          ? empty
            ? "No holds laid yet."
            : "Nothing stands in the way."
          : findings.length === 1
            ? "One thing to put right"
            : `${findings.length} things to put right`}
      </h2>
      {findings.length === 0 && empty && <p className="note">Add the holds of your day, then lay a scheme.</p>}
      <ol>
        {findings.map((finding) => (
          <li key={`${finding.code}${finding.control ?? ""}${finding.hold ?? ""}`} data-code={finding.code}>
            <p>{finding.message}</p>
            {finding.steps.length > 0 && (
              <ul className="steps">
                {finding.steps.map((step) => (
                  <li key={step}>{step}</li>
                ))}
              </ul>
            )}
            <p className="conflict-acts">
              {finding.cured !== null && (
                <button type="button" className="cure" onClick={() => onCure(finding.cured!)}>
                  {finding.cure}
                </button>
              )}
              {finding.control !== null && (
                <button type="button" className="quiet" onClick={() => onLook(finding.control!)}>
                  look at it
                </button>
              )}
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
