import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState, type ReactNode } from "react";
import { useNavigate } from "react-router-dom";
import { requestAs } from "../../api/client";
import { useCreation } from "../../session/creation";

/** Whether an address in this room is still wanted: a room stays on the screen until the one that was gone to has been fetched. */
export const isStillIn = (room: string): boolean => window.location.pathname.split("/")[1] === room;

/** Leads from a room without a record to its first, once that is known; not whoever has gone on to another room meanwhile. */
export function useFirst(room: string, id: string | undefined, first: string | undefined): void {
  const navigate = useNavigate();
  useEffect(() => {
    if (id === undefined && first !== undefined && isStillIn(room))
      void navigate(`/${room}/${first}`, { replace: true });
  }, [room, id, first, navigate]);
}

type Of = {
  /** The room that opens it, and where such records live in the API. */
  room: string;
  path: string;
  /** Lists to be read again. */
  lists: string[];
};

const useArrived = ({ room, lists }: Of): ((id: string) => Promise<void>) => {
  const client = useQueryClient();
  const navigate = useNavigate();
  return async (id) => {
    await Promise.all(lists.map((list) => client.invalidateQueries({ queryKey: [list] })));
    await navigate(`/${room}/${id}`);
  };
};

/** Makes a record, once for each press, and opens it. */
export function useMake<Whole extends { id: string }, Given = void>(
  of: Of,
  body: (given: Given) => Record<string, unknown> | Promise<Record<string, unknown>>,
) {
  const creation = useCreation();
  const arrived = useArrived(of);
  return useMutation({
    mutationFn: async (given: Given) =>
      requestAs<Whole>("POST", of.path, {
        write_id: creation.writeId(JSON.stringify(given ?? "")),
        ...(await body(given)),
      }),
    onSuccess: async (made) => {
      creation.done();
      await arrived(made.id);
    },
  });
}

type Deleted = { id: string; name: string };

/** What was deleted a moment ago, and the way back to it. */
export function useDeleted(of: Of, note = ""): { notice: ReactNode; onDeleted: (one: Deleted) => void } {
  const [deleted, setDeleted] = useState<Deleted | null>(null);
  const arrived = useArrived(of);
  const restore = useMutation({
    mutationFn: (one: Deleted) => requestAs<{ id: string }>("POST", `${of.path}/${one.id}/restore`),
    onSuccess: async (back) => {
      setDeleted(null);
      await arrived(back.id);
    },
  });
  const notice = deleted !== null && (
    <p className="deleted" role="status">
      Deleted “{deleted.name}”{note}.{" "}
      <button
        type="button"
        className="text-button"
        disabled={restore.isPending}
        onClick={() => restore.mutate(deleted)}
      >
        Bring it back
      </button>
      <button type="button" className="quiet" onClick={() => setDeleted(null)}>
        Let it go
      </button>
      {restore.isError && <span className="note fault"> {restore.error.message}</span>}
    </p>
  );
  return { notice, onDeleted: setDeleted };
}
