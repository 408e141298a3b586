import { Link } from "react-router-dom";
import { Drawing } from "./Drawing";
import { termOf, type Term } from "./terms";
import "./glossary.css";

/** A craft word with its drawing and what it means. */
export function TermEntry({ term, heading: Heading = "h4" }: { term: Term; heading?: "h3" | "h4" }) {
  return (
    <div className="g-term" id={`word-${term.id}`}>
      <Drawing name={term.drawing} />
      <div>
        <Heading>
          {term.name}
          {term.also !== "" && <span className="note"> {term.also}</span>}
        </Heading>
        <p>{term.means}</p>
      </div>
    </div>
  );
}

/** Explains a word where it stands; nothing where there is no such word. */
export function Explanation({ of }: { of: string }) {
  const term = termOf(of);
  if (term === undefined) return null;
  return (
    <aside className="g-explained" aria-label={`What ${term.name.toLowerCase()} means`}>
      <TermEntry term={term} />
      <p className="note">
        <Link to="/words">All words</Link>
      </p>
    </aside>
  );
}
