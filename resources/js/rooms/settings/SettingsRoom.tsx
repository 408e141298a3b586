import { useQuery } from "@tanstack/react-query";
import { useState, type FormEvent } from "react";
import { ApiProblem, request } from "../../api/client";
import type { Settings } from "../../api/types";
import { useAccount } from "../../session/boot";
import { Dialog } from "../../ui/Dialog";
import { isShort, quotaWords } from "../../ui/QuotaNote";
import { forgetOfflineCopy } from "../../offline/copy";
import { forgetUnsent } from "../../session/unsent";
import { when } from "../../units/when";
import { ArchivePart } from "./ArchivePart";
import { OtherPrograms } from "./OtherPrograms";
import { SignOut } from "./SignOut";
import "./settings.css";
import { useTitle } from "../../ui/useTitle";

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
  useTitle(null, "Settings");
  const { user, change, gone } = useAccount();
  const [leaving, setLeaving] = useState(false);
  const visitor = user.demo_until !== null;

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
      {visitor ? (
        <p>
          This is a copy of the demo, and yours alone: change in it what you like. It goes by itself{" "}
          {when(user.demo_until!)}; make an account to keep what you do.
        </p>
      ) : (
        <>
          <p>
            {user.name}, {user.email}
          </p>
          <Password />
        </>
      )}
      <QuotaPart />
      <ArchivePart />
      <OtherPrograms />
      <div className="account-go">
        <SignOut />
        {!visitor && (
          <button type="button" className="quiet fail" onClick={() => setLeaving(true)}>
            Delete my account and everything in it
          </button>
        )}
      </div>
      <Leave open={leaving} onClose={() => setLeaving(false)} onGone={gone} />
    </div>
  );
}

/** What an account may keep, and how much of that is used: said before it is reached. */
function QuotaPart() {
  const quota = useQuery({
    queryKey: ["quota"],
    queryFn: () => request("GET", "quota"),
    staleTime: 0,
  });
  if (quota.data === undefined) return null;
  const all = Object.entries(quota.data.quota);
  const near = all.filter(([, one]) => isShort(one));
  return (
    <details className="quota-part" open={near.length > 0}>
      <summary>
        What you may keep{" "}
        <span className="note">
          {near.length === 0
            ? "there is plenty left"
            : `little left for ${near.map(([, one]) => one.words).join(", ")}`}
        </span>
      </summary>
      <table>
        <tbody>
          {all.map(([name, one]) => (
            <tr key={name}>
              <th scope="row">{one.words}</th>
              <td>
                <meter min={0} max={one.most} value={one.used} aria-label={one.words} />
              </td>
              <td>{quotaWords(name, one)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="note">
        When earlier states take more than their share, the oldest go; nothing that stands now ever does. What you
        delete can be brought back for 30 days.
      </p>
    </details>
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
      {/* tells a password autosave whose password this is */}
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
  const { user } = useAccount();
  const [problem, setProblem] = useState<string | null>(null);
  const submit = async (event: FormEvent<HTMLFormElement>): Promise<void> => {
    event.preventDefault();
    try {
      await request("DELETE", "account", Object.fromEntries(new FormData(event.currentTarget)));
      forgetUnsent(user.key);
      await forgetOfflineCopy();
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
