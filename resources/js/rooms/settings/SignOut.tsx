import { useState } from "react";
import { useAccount } from "../../session/boot";
import { leave } from "../../session/leaving";
import { unsentOf } from "../../session/unsent";
import { Dialog } from "../../ui/Dialog";

/** Signs out; what has not been sent yet is sent first, and not thrown away unasked. */
export function SignOut({ look = "primary" }: { look?: "primary" | "quiet" }) {
  const { user, outbox, uploads, gone } = useAccount();
  const [unsent, setUnsent] = useState(0);
  const [busy, setBusy] = useState(false);
  const go = async (): Promise<void> => {
    setBusy(true);
    await leave(user.key);
    gone();
  };
  const ask = async (): Promise<void> => {
    setBusy(true);
    await Promise.all([outbox.flush(), uploads.flush()]);
    const left = unsentOf(user.key);
    if (left === 0) await go();
    else {
      setUnsent(left);
      setBusy(false);
    }
  };
  return (
    <>
      <button type="button" className={look} disabled={busy} onClick={() => void ask()}>
        Sign out
      </button>
      <Dialog open={unsent > 0} onClose={() => setUnsent(0)} title="Not everything has been sent">
        <p>
          {unsent === 1 ? "One change has" : `${unsent} changes have`} not reached the server yet. Signed in, this
          device goes on trying. If you sign out now, {unsent === 1 ? "it is" : "they are"} lost.
        </p>
        <p className="account-go">
          <button type="button" className="primary" onClick={() => setUnsent(0)}>
            Stay signed in
          </button>
          <button type="button" className="quiet fail" disabled={busy} onClick={() => void go()}>
            Sign out and lose {unsent === 1 ? "it" : "them"}
          </button>
        </p>
      </Dialog>
    </>
  );
}
