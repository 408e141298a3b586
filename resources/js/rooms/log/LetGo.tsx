import { thousands } from "../../units/numbers";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../../api/client";
import { Dialog } from "../../ui/Dialog";
import { pageKey, type LogPage } from "./log";

const size = (bytes: number): string =>
  bytes < 1e6
    ? `${Math.ceil(bytes / 1000)} KB`
    : bytes < 1e9
      ? `${(bytes / 1e6).toFixed(1)} MB`
      : `${(bytes / 1e9).toFixed(1)} GB`;

/** How much room the pictures take, and the way to let pieces of old ones go. */
export function LetGo({ room }: { room: LogPage["room"] }) {
  const client = useQueryClient();
  const [open, setOpen] = useState(false);
  const [before, setBefore] = useState("");
  const go = useMutation({
    mutationFn: () => request("POST", "log/let-go", { before }),
    onSuccess: () => client.invalidateQueries({ queryKey: pageKey }),
  });
  return (
    <p className="note">
      {thousands(room.frames.used)} frames, their pictures {size(room.picture_bytes.used)} of{" "}
      {size(room.picture_bytes.most)}.{" "}
      <button type="button" className="text-button" onClick={() => setOpen(true)}>
        Let old pieces go
      </button>
      <Dialog open={open} title="Let old pieces go" onClose={() => setOpen(false)}>
        <div className="let-go">
          <p>
            The piece of each frame that shows its subject at full size goes. The small picture, what was measured and
            every verdict stay. This cannot be undone.
          </p>
          <label className="field">
            Of frames taken before
            <input
              type="date"
              className="plain-input"
              value={before}
              onChange={(event) => {
                setBefore(event.target.value);
                go.reset();
              }}
            />
          </label>
          <button
            type="button"
            className="primary"
            disabled={before === "" || go.isPending}
            onClick={() => go.mutate()}
          >
            Let them go
          </button>
          {go.data && (
            <p role="status">
              {go.data.frames === 0
                ? "There are none before that day."
                : `Let go of ${go.data.frames} pieces, ${size(go.data.bytes)}.${go.data.more ? " There are more: press again." : ""}`}
            </p>
          )}
          {go.isError && (
            <p className="note fault" role="alert">
              {go.error.message}
            </p>
          )}
        </div>
      </Dialog>
    </p>
  );
}
