import type { Quota } from "../api/types";

/** What an account keeps, by the names the server gives. */
export const quotaNames: Record<string, string> = {
  rushes: "rushes",
  cards: "cards",
  kits: "kits put together",
  places: "places",
  outings: "outings",
  body: "bodies",
  lens: "lenses",
  converter: "converters",
  adapter: "adapters",
  support: "supports",
  gear_bytes: "words about your kit",
  history_bytes: "earlier states, to undo to",
};

/** Whether little is left. */
export const isShort = (quota: Quota): boolean => quota.used >= 0.8 * quota.most;

/** How much is used of how much, in records or megabytes. */
export const quotaWords = (name: string, quota: Quota): string =>
  name.endsWith("_bytes")
    ? `${(quota.used / 1e6).toFixed(2)} of ${(quota.most / 1e6).toFixed(0)} MB`
    : `${quota.used.toLocaleString("en-GB")} of ${quota.most.toLocaleString("en-GB")}`;

/** InItsWords that little room is left for something, before there is none; else nothing. */
export function QuotaNote({ name, quota }: { name: string; quota: Quota | undefined }) {
  if (quota === undefined || !isShort(quota)) return null;
  return (
    <p className="note quota-note" role="status">
      {quotaWords(name, quota).replace(" of ", " of the ")}
      {name.endsWith("_bytes") ? " of" : ""} {quotaNames[name] ?? name} an account keeps.
    </p>
  );
}
