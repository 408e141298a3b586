import { forgetUnsentOfOthers, unsentOfOthers } from "../../session/unsent";
import { AuthPage } from "./AuthPage";
import "./sign-in.css";

/** Before another account comes in: what somebody else has not sent yet is not thrown away without asking. */
export function OthersWork({ account, onDone }: { account: string; onDone: () => void }) {
  const count = unsentOfOthers(account);
  const throwAway = (): void => {
    forgetUnsentOfOthers(account);
    onDone();
  };
  return (
    <AuthPage>
      <h1>Somebody else’s work is still on this device.</h1>
      <p className="door-say">
        {count === 1 ? "One change" : `${count} changes`} of another account could not be sent yet. You will not see{" "}
        {count === 1 ? "it" : "them"}. Whoever made {count === 1 ? "it" : "them"} can sign in here later and{" "}
        {count === 1 ? "it is" : "they are"} sent then, unless you throw {count === 1 ? "it" : "them"} away.
      </p>
      <p className="door-go">
        <button type="button" className="primary" onClick={onDone}>
          Keep {count === 1 ? "it" : "them"} for them
        </button>
        <button type="button" className="quiet fail" onClick={throwAway}>
          Throw {count === 1 ? "it" : "them"} away
        </button>
      </p>
    </AuthPage>
  );
}
