import type { SignedIn } from "../../generated/answers";
import { useEffect, useState, type FormEvent } from "react";
import { Link, useLocation, useNavigate } from "react-router-dom";
import { ApiProblem, requestAs } from "../../api/client";
import type { User } from "../../api/types";
import { boot } from "../../session/boot";
import { carryOut, leaving } from "../../session/leaving";
import { AuthPage, AuthField } from "./AuthPage";

type Props = { register?: boolean; onIn: (user: User) => void };

/** Addresses that are the door itself. */
const DOORS = /^\/(sign-in|register|forgotten|reset\/.*)?$/;

/** What was asked for before anybody was signed in, across the pages of the door. */
const asked = (pathname: string, state: unknown): string =>
  DOORS.test(pathname) ? ((state as { asked?: string } | null)?.asked ?? "/plan") : pathname;

/** The way in: sign in, register, or look around the demo. */
export function SignIn({ register = false, onIn }: Props) {
  const navigate = useNavigate();
  const { pathname, state } = useLocation();
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const [busy, setBusy] = useState(false);
  const [telling, setTelling] = useState(() => leaving() !== null);
  useEffect(() => carryOut(() => setTelling(false)), []);

  const onward = { asked: asked(pathname, state) };

  const enter = async (path: string, body: unknown): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const answer = await requestAs<SignedIn>("POST", path, body);
      onIn(answer.user);
      // to what was asked for before the door
      void navigate(asked(pathname, state), { replace: true });
    } catch (thrown) {
      setProblem(thrown instanceof ApiProblem ? thrown : null);
    } finally {
      setBusy(false);
    }
  };
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    const { keep, ...typed } = Object.fromEntries(new FormData(event.currentTarget));
    void enter(register ? "register" : "sign-in", { ...typed, keep: keep !== undefined });
  };

  return (
    <AuthPage>
      <h1>
        One second, and you are ready <em>for it</em>.
      </h1>
      <p className="door-say">
        Describe the moment in a sentence: what moves, how fast, how far, in what light. Read the shutter, the aperture,
        the ISO and the focus mode that answer it, with every number they rest on.
      </p>
      {telling && (
        <p className="deleted" role="status">
          Signed out on this device, and nothing of yours is left on it. The server could not be reached yet: leave this
          page open, or open it again when there is a line, and it is told by itself.
        </p>
      )}
      <form key={register ? "register" : "sign-in"} onSubmit={submit} noValidate={false}>
        {register && <AuthField name="name" label="Your name" type="text" autoComplete="name" problem={problem} />}
        <AuthField name="email" label="E-mail address" type="email" autoComplete="username" problem={problem} />
        <AuthField
          name="password"
          label={register ? "Password, 10 characters or more" : "Password"}
          type="password"
          autoComplete={register ? "new-password" : "current-password"}
          problem={problem}
        />
        <label className="door-keep">
          <input type="checkbox" name="keep" defaultChecked />
          <span>
            Keep me signed in on this device
            <span className="note">Leave it off where others use the device too.</span>
          </span>
        </label>
        {problem !== null && problem.problem.faults.length === 0 && (
          <p className="note fault" role="alert">
            {problem.problem.title}. {problem.problem.detail}
          </p>
        )}
        <div className="door-go">
          <button type="submit" className="primary" disabled={busy || telling}>
            {register ? "Make my account" : "Sign in"}
          </button>
          {register ? (
            <Link to="/sign-in" state={onward}>
              I have an account
            </Link>
          ) : (
            <Link to="/register" state={onward}>
              Make an account
            </Link>
          )}
          {boot.demo && (
            <button
              type="button"
              className="quiet"
              disabled={busy || telling}
              onClick={() => void enter("demo", {})}
              title="A copy of your own, to change as you like; it goes after a day"
            >
              Look around the demo
            </button>
          )}
        </div>
        {!register && (
          <p className="note">
            <Link to="/forgotten">I have forgotten my password</Link>
          </p>
        )}
      </form>
    </AuthPage>
  );
}
