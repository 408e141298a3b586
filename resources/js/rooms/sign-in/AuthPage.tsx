import type { ReactNode } from "react";
import type { ApiProblem } from "../../api/client";
import { Logo } from "../../ui/Logo";

/** A page for whoever is not signed in. */
export function AuthPage({ children }: { children: ReactNode }) {
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
  return (
    <label className="field">
      {label}
      <input
        name={name}
        type={type}
        autoComplete={autoComplete}
        defaultValue={value}
        required
        aria-invalid={fault !== null}
      />
      {fault !== null && (
        <span className="note fault" role="alert">
          {fault}
        </span>
      )}
    </label>
  );
}
