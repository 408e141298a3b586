import { thousands } from "../units/numbers";
import type { Quota } from "../api/types";

/** Whether little is left. */
export const isShort = (quota: Quota): boolean => quota.used >= 0.8 * quota.most;

/** How much is used of how much, in records or megabytes. */
export const quotaWords = (name: string, quota: Quota): string =>
  name.endsWith("_bytes")
    ? `${(quota.used / 1e6).toFixed(2)} of ${(quota.most / 1e6).toFixed(0)} MB`
    : `${thousands(quota.used)} of ${thousands(quota.most)}`;

/** Says that little room is left for something, before there is none; else nothing. */
export function QuotaNote({ name, quota }: { name: string; quota: Quota | undefined }) {
  if (quota === undefined || !isShort(quota)) return null;
  return (
    <p className="note quota-note" role="status">
      {quotaWords(name, quota).replace(" of ", " of the ")}
      {name.endsWith("_bytes") ? " of" : ""} {quota.words} an account keeps.
    </p>
  );
}
