import type { Plan } from "../api/types";

/** From so many points on, a plan and a rehearsal are said to part. */
const PARTED = 0.2;

/**
 * Where plan and rehearsal part, in a sentence; null where they say the same, or do not speak of the same thing.
 *
 * @param keepers share of frames that came out sharp when it was played
 */
export const parting = (odds: Plan["odds"], keepers: number): string | null => {
  if (odds.of !== "frames" || Math.abs(odds.share - keepers) <= PARTED) return null;
  const of100 = (share: number): string => String(Math.round(share * 100));
  return `The plan reckons ${of100(odds.share)} of 100 frames sharp; played out, ${of100(keepers)} were.`;
};
