import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState, useSyncExternalStore, type ChangeEvent, type DragEvent } from "react";
import { request } from "../../api/client";
import { useUploads } from "../../files/useUploads";
import { useAccount } from "../../session/boot";
import { filesChosen, filesDropped, photographsAmong, type Dropped } from "./dropped";
import { TableTaken } from "./TableTaken";
import { TakeTable } from "./TakeTable";
import { ASK_MS, framesOf, furtherOf, pageKey, stateKey, type LogState } from "./log";

/** How often it is asked how far the demo's own photographs are, in ms. */
const DEMO_MS = 4000;

/** So many of the files that stay where they are, are named. */
const NAMED = 6;

/** Brings photographs in: chosen or dropped, on their way, being read; what could not be, and why. */
export function Intake({ known, demo }: { known: LogState["intake"]; demo: LogState["demo"] }) {
  const { uploads: queue } = useAccount();
  const { uploads } = useUploads("frame");
  const isPaused = useSyncExternalStore(queue.subscribe, () => queue.isPaused);
  const client = useQueryClient();
  const [over, setOver] = useState(false);
  const [left, setLeft] = useState<{ beside: string[]; others: string[] }>({ beside: [], others: [] });
  const files = useRef<HTMLInputElement>(null);
  const folder = useRef<HTMLInputElement>(null);
  const table = useRef<HTMLInputElement>(null);
  const shootOf = (state: LogState | undefined): LogState["demo"] => (state === undefined ? demo : state.demo);
  const [tables, setTables] = useState<File[]>([]);
  const going = uploads.filter((one) => one.state === "waiting" || one.state === "sending");
  const sent = uploads.length - going.length;
  const isSending = going.length > 0;

  const asked = useQuery({
    queryKey: stateKey,
    queryFn: () => request("GET", "log/intake"),
    // until both have seen the end: the list may have seen it first
    enabled: (query) =>
      uploads.length > 0 ||
      demo !== null ||
      known?.status === "running" ||
      query.state.data?.intake?.status === "running",
    refetchInterval: (query) => {
      if (isSending || furtherOf(query.state.data?.intake ?? null, known)?.status === "running") return ASK_MS;
      const shoot = shootOf(query.state.data);
      return shoot !== null && !shoot.broke_off ? DEMO_MS : false;
    },
    staleTime: 0,
  });
  useEffect(() => {
    // what is quick has been read before anybody asked: once more when the last is sent
    if (sent > 0 && !isSending) void client.invalidateQueries({ queryKey: stateKey });
  }, [sent, isSending, client]);
  const run = furtherOf(asked.data?.intake ?? null, known);
  const told = run === null ? "" : `${run.id} ${run.done} ${run.status}`;
  useEffect(() => {
    // each frame that has been read stands in the list at once
    if (told !== "") void client.invalidateQueries({ queryKey: pageKey });
  }, [told, client]);
  const stop = useMutation({
    mutationFn: async () => {
      await Promise.all(going.map((one) => queue.cancel(one.id)));
      return request("DELETE", "log/intake");
    },
    onSuccess: (state) => client.setQueryData(stateKey, state),
  });

  const add = async (chosen: Dropped[]): Promise<void> => {
    const { taken, tables: texts, ...rest } = await photographsAmong(chosen);
    setLeft(rest);
    setTables((waiting) => [...waiting, ...texts]);
    for (const file of taken) await queue.add("frame", file);
    await client.invalidateQueries({ queryKey: stateKey });
  };
  const choose = (event: ChangeEvent<HTMLInputElement>): void => {
    const chosen = filesChosen(event.target.files ?? []);
    event.target.value = "";
    void add(chosen);
  };
  const asFolder = (field: HTMLInputElement | null): void => {
    folder.current = field;
    field?.setAttribute("webkitdirectory", "");
  };
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setOver(false);
    void filesDropped(event.dataTransfer).then(add);
  };
  const isReading = run?.status === "running";
  const refused = [
    ...uploads.filter((one) => one.state === "refused").map((one) => ({ name: one.name, why: one.problem ?? "" })),
    ...(run?.refused ?? []),
  ];

  return (
    <section className="intake" aria-label="Bring photographs in">
      {/* oxlint-disable-next-line jsx-a11y/no-static-element-interactions -- dropping is one way, the buttons are the other */}
      <div
        className={over ? "intake-drop over" : "intake-drop"}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={drop}
      >
        <span className="intake-words">Drop a card of photographs here, or</span>
        <button type="button" className="cure" onClick={() => files.current?.click()}>
          choose photographs
        </button>
        <button type="button" className="cure" onClick={() => folder.current?.click()}>
          choose a folder
        </button>
        <button type="button" className="cure" onClick={() => table.current?.click()}>
          choose a table
        </button>
        <input ref={files} hidden type="file" multiple aria-label="Photographs" onChange={choose} />
        <input ref={asFolder} hidden type="file" multiple aria-label="A folder of photographs" onChange={choose} />
        <input
          ref={table}
          hidden
          type="file"
          multiple
          accept=".csv,.tsv,.txt,.json"
          aria-label="A table of frames"
          onChange={choose}
        />
        <span className="note">
          The pictures are measured and let go: a small one and a piece of the subject stay, no positions, no names. A
          table (CSV or log/1) brings frames you have judged elsewhere.
        </span>
      </div>
      {demo !== null && <DemoShoot now={shootOf(asked.data)} />}
      {isSending && (
        <p className="intake-line">
          <b>
            Sending {Math.min(sent + 1, uploads.length)} of {uploads.length}
          </b>
          <progress max={uploads.length} value={sent} aria-label="Photographs sent" />
          <span className="note" role="status">
            {isPaused ? "paused; nothing is lost" : (going[0]?.name ?? "")}
          </span>
          <button type="button" className="text-button" onClick={() => (isPaused ? queue.resume() : queue.pause())}>
            {isPaused ? "Go on" : "Pause"}
          </button>
        </p>
      )}
      {isReading && (
        <p className="intake-line">
          <b>
            Read {run.done} of {run.whole}
          </b>
          <progress max={Math.max(1, run.whole)} value={run.done} aria-label="Photographs read" />
          <span className="note" role="status">
            {run.waiting ? "waiting for a worker to come back; it goes on where it was" : "measuring how sharp each is"}
          </span>
        </p>
      )}
      {(isSending || isReading) && (
        <button type="button" className="text-button intake-stop" onClick={() => stop.mutate()}>
          Stop taking them in
        </button>
      )}
      {run !== null && !isReading && run.done > 0 && (
        <p className="note" role="status">
          {run.status === "failed"
            ? `It broke off: ${run.problem ?? ""}`
            : `Last time ${framesOf(run.read)} came in${run.known > 0 ? `, ${run.known} known already` : ""}.`}
        </p>
      )}
      <TableTaken />
      {tables[0] !== undefined && (
        <TakeTable key={tables.length} file={tables[0]} onClose={() => setTables((waiting) => waiting.slice(1))} />
      )}
      {stop.isError && <p className="note fault">{stop.error.message}</p>}
      <LeftBehind
        names={left.others}
        one="One file is no photograph and stays"
        several="files are no photographs and stay"
      />
      <LeftBehind
        names={left.beside}
        one="One raw file has its JPEG beside it and stays"
        several="raw files have their JPEGs beside them and stay"
      />
      {refused.length > 0 && (
        <details className="intake-refused" open={refused.length <= NAMED}>
          <summary>{refused.length + (run?.more ?? 0)} could not be taken in; all others are here</summary>
          <ul>
            {refused.map((one, at) => (
              <li key={at}>
                <b>{one.name}</b> <span className="note">{one.why}</span>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

/** Files that were not sent, by name. */
function LeftBehind({ names, one, several }: { names: string[]; one: string; several: string }) {
  return (
    names.length > 0 && (
      <p className="note" role="status">
        {names.length === 1 ? one : `${names.length} ${several}`} where {names.length === 1 ? "it is" : "they are"}:{" "}
        {names.slice(0, NAMED).join(", ")}
        {names.length > NAMED ? " …" : ""}
      </p>
    )
  );
}

/** The demo's own photographs are taken after the first start; a copy that was made meanwhile has those that were there. */
function DemoShoot({ now }: { now: LogState["demo"] }) {
  if (now?.broke_off)
    return (
      <p className="intake-line">
        <b>
          The demo has {now.done} of {now.whole} photographs
        </b>
        <span className="note">Taking them broke off, and no more will come.</span>
      </p>
    );
  if (now === null)
    return (
      <p className="intake-line">
        <b>All photographs of the demo are there now.</b>
        <span className="note">Sign out and look around anew to have them.</span>
      </p>
    );
  return (
    <p className="intake-line">
      <b>
        The demo is still being photographed: {now.done} of {now.whole}
      </b>
      <progress max={now.whole} value={now.done} aria-label="Photographs of the demo" />
      <span className="note">Whoever looks around anew then has all of them.</span>
    </p>
  );
}
