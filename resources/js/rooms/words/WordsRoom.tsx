import { useState } from "react";
import { TermEntry } from "../../glossary/Explanation";
import { seek } from "../../glossary/terms";
import { useTitle } from "../../ui/useTitle";

/** Every word of the craft the rooms use, with its drawing; sought by whatever people say for it. */
export default function WordsRoom() {
  const [sought, setSought] = useState("");
  const found = seek(sought);
  useTitle(null, "Words");
  return (
    <div className="words-room">
      <h1>Words</h1>
      <label className="seek">
        Find a word
        <input
          type="search"
          value={sought}
          placeholder="stay, panning, back button…"
          onChange={(event) => setSought(event.target.value)}
        />
      </label>
      <div className="words-list" aria-live="polite">
        {found.map((term) => (
          <TermEntry key={term.id} term={term} heading="h3" />
        ))}
      </div>
      {found.length === 0 && <p className="note">No word here is like “{sought.trim()}”. Try fewer letters.</p>}
    </div>
  );
}
