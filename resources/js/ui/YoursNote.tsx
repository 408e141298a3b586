import type { ReactNode } from "react";
import { Link } from "react-router-dom";
import { useAccount } from "../session/boot";

type Props = {
  /** Names of the figures that what is shown rests on; of everything, where nobody has listed them. */
  of?: string[];
  children?: ReactNode;
};

/** Says that figures of the person's own frames are used here in place of assumed ones. */
export function YoursNote({ of, children }: Props) {
  const { user } = useAccount();
  // the light of a place is told where the place is
  const used = Object.entries(user.learnt).filter(([name]) =>
    of === undefined ? !name.startsWith("light.") : of.includes(name),
  );
  if (used.length === 0) return null;
  const frames = Math.max(...used.map(([, one]) => one.frames));
  return (
    <p className="note yours-note" data-testid="yours">
      {used.length === 1 ? "One figure here is yours" : `${used.length} figures here are yours`}, from {frames} frames:{" "}
      <Link to="/log/yours">which</Link>
      {children}
    </p>
  );
}
