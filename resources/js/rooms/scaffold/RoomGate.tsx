import type { UseQueryResult } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link } from "react-router-dom";
import { ApiProblem } from "../../api/client";
import { Empty } from "./Empty";

type Props<Opened> = {
  /** What is fetched, as in "your rush". */
  what: string;
  /** What is asked for, so that it can be said why it does not come. */
  needs: readonly UseQueryResult[];
  /** Everything the room cannot do without; null until all of it has come. */
  opened: Opened | null;
  /** What stands above whatever is shown. */
  notice?: ReactNode;
  /** What is shown instead of the room when there is nothing to open. */
  empty?: ReactNode;
  /** Whether the address names something that is not there, beyond what the server says. */
  isGone?: boolean;
  /** What is said then, and where it leads: as in "This rush is not here." */
  gone: { title: string; to: string; words: string };
  children: (opened: Opened) => ReactNode;
};

/** What a room shows before it can show itself: nothing yet, nothing at all, or nothing any more. */
export function RoomGate<Opened>(props: Props<Opened>) {
  const { what, needs, opened, notice, empty, isGone, gone, children } = props;
  const problem = needs.map((one) => one.failureReason ?? one.error).find((one) => one !== null) ?? null;
  return (
    <>
      {notice}
      {empty ? (
        empty
      ) : isGone === true || needs.some((one) => one.error instanceof ApiProblem && one.error.status === 404) ? (
        <Empty title={gone.title}>
          <p>It may have been deleted, or it belongs to somebody else.</p>
          <Link to={gone.to}>{gone.words}</Link>
        </Empty>
      ) : opened === null ? (
        <p className="note empty" aria-busy="true">
          {problem === null ? `Fetching ${what}…` : `${problem.message} Trying again…`}
        </p>
      ) : (
        children(opened)
      )}
    </>
  );
}
