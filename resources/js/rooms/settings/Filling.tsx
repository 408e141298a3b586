import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { request } from "../../api/client";
import { useAccount } from "../../session/boot";
import { useTitle } from "../../ui/useTitle";
import { thousands } from "../../units/numbers";
import { arrivals } from "./archive";
import { SignOut } from "./SignOut";
import "./settings.css";

const ASK_MS = 400;
const PATH = "account/restore";

const PHASES = {
  unpack: "Unpacking it",
  rows: "Checking every record and putting it where it belongs",
  pictures: "Putting the pictures of your frames where they belong",
  count: "Counting your bursts",
  learn: "Telling your figures from your frames",
  done: "All of it is here",
};

/** All there is of an account while an archive is put into it: nothing of it is shown before everything is there. */
export default function Filling() {
  const { takeUser } = useAccount();
  const client = useQueryClient();
  useTitle("An archive comes in");
  const told = useQuery({
    queryKey: [PATH],
    queryFn: () => request("GET", PATH),
    refetchInterval: ({ state }) => (state.data?.is_shut === false ? false : ASK_MS),
    staleTime: 0,
  });
  const giveUp = useMutation({
    mutationFn: () => request("DELETE", PATH),
    onSuccess: (answer) => client.setQueryData([PATH], answer),
  });
  const run = told.data?.run ?? null;
  const isShut = told.data?.is_shut ?? true;
  const leave = (to: string): void => {
    takeUser({ is_filled: false });
    // everything on the page is of the account as it was
    window.location.assign(to);
  };
  if (run === null)
    return (
      <main className="filling" id="room">
        <h1>An archive comes in</h1>
        {told.error !== null && <p className="fault">{told.error.message}</p>}
      </main>
    );
  const went = run.status === "done";
  const runs = run.status === "running";
  return (
    <main className="filling" id="room">
      <h1>{went ? "Your archive is here" : runs ? "Your archive comes in" : "Nothing was taken in"}</h1>
      {runs && (
        <>
          <progress max={Math.max(1, run.whole)} value={run.done} aria-label="Of the archive" />
          <p role="status">
            {run.waiting ? "It waits for a worker and goes on by itself; nothing is lost." : `${PHASES[run.phase]}.`}{" "}
            <span className="note">
              {thousands(run.done)} of {thousands(run.whole)}
            </span>
          </p>
        </>
      )}
      {(runs || went) && (
        <ul className="filling-counts" aria-label="What has come">
          {arrivals(run.counts, run.pictures).map((words) => (
            <li key={words}>{words}</li>
          ))}
        </ul>
      )}
      {!runs && !went && (
        <p role="alert">
          {run.problem ??
            (run.status === "overtaken" ? "What you had sent has gone; send it again." : "You gave it up.")}{" "}
          {isShut ? "What had come is being taken away again." : "The account is as it was before."}
        </p>
      )}
      {giveUp.isError && (
        <p className="fault" role="alert">
          {giveUp.error.message}
        </p>
      )}
      <p className="filling-acts">
        {runs && (
          <button type="button" className="quiet" disabled={giveUp.isPending} onClick={() => giveUp.mutate()}>
            Give it up
          </button>
        )}
        {runs && <SignOut look="quiet" />}
        {went && !isShut && (
          <button type="button" className="primary" data-arrive onClick={() => leave("/")}>
            Go in
          </button>
        )}
        {!runs && !went && !isShut && (
          <button type="button" className="primary" data-arrive onClick={() => leave("/settings")}>
            Back to the settings
          </button>
        )}
      </p>
      {runs && (
        <p className="note">
          You may close this page: it goes on by itself. Nothing else can be done in this account until it is here, and
          if anything in it is amiss nothing is kept of it.
        </p>
      )}
    </main>
  );
}
