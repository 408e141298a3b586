import { useState, type FormEvent } from "react";
import { ApiProblem, request } from "../../api/client";
import type { Settings } from "../../api/types";
import { useAccount } from "../../app/boot";
import { Dialog } from "../../app/Dialog";

const choices: { name: keyof Settings; label: string; options: { value: string; words: string; note: string }[] }[] = [
  {
    name: "theme",
    label: "Theme",
    options: [
      { value: "paper", words: "Paper", note: "by day" },
      { value: "dusk", words: "Dusk", note: "dark" },
      { value: "ember", words: "Ember", note: "red on black, saves your night eyes" },
    ],
  },
  {
    name: "units",
    label: "Units",
    options: [
      { value: "metric", words: "Metres", note: "m, cm, m/s" },
      { value: "imperial", words: "Feet", note: "ft, in, mph" },
    ],
  },
  {
    name: "letters",
    label: "Letter keys",
    options: [
      { value: "on", words: "On", note: "a letter opens its word" },
      { value: "off", words: "Off", note: "for speech input and the like" },
    ],
  },
];

/** Everything about the account in one place. */
export default function SettingsRoom() {
  const { user, setUser, change } = useAccount();
  const [leaving, setLeaving] = useState(false);

  const signOut = async (): Promise<void> => {
    await request("POST", "sign-out").catch(() => undefined);
    setUser(null);
  };

  return (
    <div className="settings-room">
      <h1>Settings</h1>
      {choices.map((choice) => (
        <fieldset key={choice.name} className="pick">
          <legend>{choice.label}</legend>
          {choice.options.map((option) => (
            <label key={option.value}>
              <input
                type="radio"
                name={choice.name}
                value={option.value}
                checked={user.settings[choice.name] === option.value}
                onChange={() => change({ [choice.name]: option.value })}
              />
              <span className="pick-words">{option.words}</span>
              <span className="pick-note">{option.note}</span>
            </label>
          ))}
        </fieldset>
      ))}
      <h2>Account</h2>
      <p>
        {user.name}, {user.email}
      </p>
      <Password />
      <p className="account-go">
        <button type="button" className="primary" onClick={() => void signOut()}>
          Sign out
        </button>
        <button type="button" className="quiet fail" onClick={() => setLeaving(true)}>
          Delete my account and everything in it
        </button>
      </p>
      <Leave open={leaving} onClose={() => setLeaving(false)} onGone={() => setUser(null)} />
    </div>
  );
}

function Password() {
  const { user } = useAccount();
  const [problem, setProblem] = useState<ApiProblem | null>(null);
  const [done, setDone] = useState(false);
  const submit = async (event: FormEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault();
    const form = event.currentTarget;
    setProblem(null);
    setDone(false);
    try {
      await request("PUT", "password", Object.fromEntries(new FormData(form)));
      form.reset();
      setDone(true);
    } catch (thrown) {
      setProblem(thrown instanceof ApiProblem ? thrown : null);
    }
  };
  return (
    <form className="password" onSubmit={(event) => void submit(event)}>
      {/* tells a password keeper whose password this is */}
      <input type="text" name="username" autoComplete="username" value={user.email} readOnly hidden />
      <label className="field">
        Present password
        <input name="current" type="password" autoComplete="current-password" required />
      </label>
      <label className="field">
        New password, 10 characters or more
        <input name="password" type="password" autoComplete="new-password" required />
      </label>
      <button type="submit" className="primary">
        Change password
      </button>
      {problem !== null && (
        <p className="note fault" role="alert">
          {problem.problem.detail}
        </p>
      )}
      {done && <p role="status">Changed. Other devices have been signed out.</p>}
    </form>
  );
}

function Leave({ open, onClose, onGone }: { open: boolean; onClose: () => void; onGone: () => void }) {
  const [problem, setProblem] = useState<string | null>(null);
  const submit = async (event: FormEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault();
    try {
      await request("DELETE", "account", Object.fromEntries(new FormData(event.currentTarget)));
      onGone();
    } catch (thrown) {
      setProblem(thrown instanceof ApiProblem ? thrown.problem.detail : "It did not work.");
    }
  };
  return (
    <Dialog open={open} onClose={onClose} title="Delete your account">
      <p>Your rushes, plans, kits and settings go at once, and nobody can bring them back.</p>
      <form onSubmit={(event) => void submit(event)}>
        <label className="field">
          Your password
          <input name="password" type="password" autoComplete="current-password" required />
        </label>
        {problem !== null && (
          <p className="note fault" role="alert">
            {problem}
          </p>
        )}
        <p className="account-go">
          <button type="submit" className="primary danger">
            Delete everything
          </button>
          <button type="button" className="quiet" onClick={onClose}>
            Keep it
          </button>
        </p>
      </form>
    </Dialog>
  );
}
