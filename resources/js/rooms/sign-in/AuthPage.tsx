import { useId, type ReactNode } from "react";
import type { ApiProblem } from "../../api/client";
import { Logo } from "../../ui/Logo";
import "./sign-in.css";
import { useTitle } from "../../ui/useTitle";

/** A page for whoever is not signed in. */
export function AuthPage({ children }: { children: ReactNode }) {
  useTitle(null, "Sign in");
  return (
    <main className="door">
      <p className="brand">
        <Logo /> Rush Hold
      </p>
      {children}
    </main>
  );
}

type Field = {
  name: string;
  label: string;
  type: string;
  autoComplete: string;
  problem: ApiProblem | null;
  value?: string | undefined;
};

/** A field with what is wrong with it, where something is. */
export function AuthField({ name, label, type, autoComplete, problem, value }: Field) {
  const fault = problem?.fault(`/${name}`) ?? null;
  const id = useId();
  return (
    <div className="field">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        name={name}
        type={type}
        autoComplete={autoComplete}
        defaultValue={value}
        required
        aria-invalid={fault !== null}
        aria-describedby={`${id}-note`}
      />
      {fault !== null && (
        <span id={`${id}-note`} className="note fault" role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}
