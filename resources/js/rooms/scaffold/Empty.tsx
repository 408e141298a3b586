import type { ReactNode } from "react";

type Props = { title: string; children?: ReactNode; fault?: Error | null };

/** A room with nothing in it: what belongs here, and the way to it. */
export function Empty({ title, children, fault }: Props) {
  return (
    <div className="empty">
      <h1>{title}</h1>
      {children}
      {fault && <p className="note fault">{fault.message}</p>}
    </div>
  );
}
