import { useState, type FormEvent } from "react";
import { Link, useNavigate } from "react-router-dom";
import { ApiProblem, request } from "../../api/client";
import type { User } from "../../api/types";
import { boot } from "../../app/boot";
import { Mark } from "../../app/Mark";

type Props = { register?: boolean; onIn: (user: User) => void };

/** The way in: sign in, register, or look around the demo. */
export function SignIn({ register = false, onIn }: Props) {
  const navigate = useNavigate();
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const [busy, setBusy] = useState(false);

  const enter = async (path: string, body: unknown): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      const answer = await request<{ user: User }>("POST", path, body);
      onIn(answer.user);
      void navigate("/plan", { replace: true });
    } catch (thrown) {
      setProblem(thrown instanceof ApiProblem ? thrown : null);
    } finally {
      setBusy(false);
    }
  };
  const submit = (event: FormEvent<HTMLFormElement>): void => {
    event.preventDefault();
    void enter(register ? "register" : "sign-in", Object.fromEntries(new FormData(event.currentTarget)));
  };
  const field = (name: string, label: string, type: string, autoComplete: string) => {
    const fault = problem?.fault(`/${name}`) ?? null;
    return (
      <label className="field">
        {label}
        <input name={name} type={type} autoComplete={autoComplete} required aria-invalid={fault !== null} />
        {fault !== null && (
          <span className="note fault" role="alert">
            {fault}
          </span>
        )}
      </label>
    );
  };

  return (
    <main className="door">
      <p className="brand">
        <Mark /> Rush Hold
      </p>
      <h1>
        One second, and you are ready <em>for it</em>.
      </h1>
      <p className="door-say">
        Describe the moment in a sentence: what moves, how fast, how far, in what light. Read the shutter, the aperture,
        the ISO and the focus mode that answer it, with every number they rest on.
      </p>
      <form onSubmit={submit} noValidate={false}>
        {register && field("name", "Your name", "text", "name")}
        {field("email", "E-mail address", "email", "username")}
        {field(
          "password",
          register ? "Password, 10 characters or more" : "Password",
          "password",
          register ? "new-password" : "current-password",
        )}
        {problem !== null && problem.problem.faults.length === 0 && (
          <p className="note fault" role="alert">
            {problem.problem.title}. {problem.problem.detail}
          </p>
        )}
        <div className="door-go">
          <button type="submit" className="primary" disabled={busy}>
            {register ? "Make my account" : "Sign in"}
          </button>
          {register ? <Link to="/sign-in">I have an account</Link> : <Link to="/register">Make an account</Link>}
          {boot.demo && (
            <button type="button" className="quiet" disabled={busy} onClick={() => void enter("demo", {})}>
              Look around the demo
            </button>
          )}
        </div>
      </form>
    </main>
  );
}
