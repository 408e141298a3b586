import type { Message } from "../../generated/answers";
import { useState, type FormEvent } from "react";
import { Link, useParams, useSearchParams } from "react-router-dom";
import { ApiProblem, requestAs } from "../../api/client";
import { boot } from "../../session/boot";
import { AuthPage, AuthField } from "./AuthPage";

/** Sends a form and keeps what came of it. */
const useSent = (method: string, path: string, more: Record<string, string> = {}) => {
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const [says, setSays] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault();
    setBusy(true);
    setProblem(null);
    try {
      const typed = Object.fromEntries(new FormData(event.currentTarget));
      setSays((await requestAs<Message>(method, path, { ...more, ...typed })).message);
    } catch (thrown) {
      setProblem(thrown instanceof ApiProblem ? thrown : null);
    } finally {
      setBusy(false);
    }
  };
  return { problem, says, busy, submit: (event: FormEvent<HTMLFormElement>) => void submit(event) };
};

const Whole = ({ problem, fields }: { problem: ApiProblem | null; fields: string[] }) =>
  problem !== null && !fields.some((field) => problem.fault(`/${field}`) !== null) ? (
    <p className="note fault" role="alert">
      {problem.problem.detail}
    </p>
  ) : null;

/** A password that is forgotten: by mail where this copy sends any, else by whoever looks after it. */
export function Forgotten() {
  const { problem, says, busy, submit } = useSent("POST", "password/forgotten");
  return (
    <AuthPage>
      <h1>A new password.</h1>
      {boot.mail ? (
        <form onSubmit={submit}>
          <AuthField name="email" label="E-mail address" type="email" autoComplete="username" problem={problem} />
          <Whole problem={problem} fields={["email"]} />
          {says !== null && <p role="status">{says}</p>}
          <div className="door-go">
            <button type="submit" className="primary" disabled={busy}>
              Send me a link
            </button>
            <Link to="/sign-in">Back</Link>
          </div>
        </form>
      ) : (
        <>
          <p className="door-say">
            This copy of Rush Hold sends no mail. Whoever looks after it can make you a link that is good for an hour,
            with one command: <code>php artisan account:reset</code> and your address.
          </p>
          <p className="door-go">
            <Link to="/sign-in">Back</Link>
          </p>
        </>
      )}
    </AuthPage>
  );
}

/** Where a link to a new password leads. */
export function NewPassword() {
  const { token = "" } = useParams();
  const [search] = useSearchParams();
  const { problem, says, busy, submit } = useSent("POST", "password/reset", { token });
  if (says !== null)
    return (
      <AuthPage>
        <h1>Done.</h1>
        <p role="status">{says}</p>
        <p className="door-go">
          <Link to="/sign-in">Sign in</Link>
        </p>
      </AuthPage>
    );
  return (
    <AuthPage>
      <h1>Choose a new password.</h1>
      <form onSubmit={submit}>
        <AuthField
          name="email"
          label="E-mail address"
          type="email"
          autoComplete="username"
          value={search.get("email") ?? undefined}
          problem={problem}
        />
        <AuthField
          name="password"
          label="New password, 10 characters or more"
          type="password"
          autoComplete="new-password"
          problem={problem}
        />
        <Whole problem={problem} fields={["email", "password"]} />
        <div className="door-go">
          <button type="submit" className="primary" disabled={busy}>
            Set it
          </button>
          <Link to="/sign-in">I remember it after all</Link>
        </div>
      </form>
    </AuthPage>
  );
}
