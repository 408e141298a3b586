import { Link } from "react-router-dom";

const views = [
  { path: "/log", words: "bursts" },
  { path: "/log/counts", words: "counts" },
  { path: "/log/promises", words: "promises" },
  { path: "/log/yours", words: "yours" },
  { path: "/log/after", words: "a day" },
] as const;

type Props = { title: string; at: (typeof views)[number]["words"] };

/** What a view of the log is about, and the way to its other views. */
export function LogHead({ title, at }: Props) {
  return (
    <header className="log-head">
      <h1 className="log-title">{title}</h1>
      <nav aria-label="Views of the log" className="log-views">
        {views.map((one) => (
          <Link key={one.words} to={one.path} aria-current={one.words === at ? "page" : undefined}>
            {one.words}
          </Link>
        ))}
      </nav>
    </header>
  );
}
