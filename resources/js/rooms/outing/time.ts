/** A time of a day as people type it: 7, 7:40, 0740, 7.40, 7 h 40, 7:40 pm; as 07:40, or null. */
export const readTime = (typed: string): string | null => {
  const found = /^\s*(\d{1,2}?)\s*(?:[:.h]?\s*([0-5]\d))?\s*(?:h|o'clock)?\s*([ap])?\.?m?\.?\s*$/i.exec(typed);
  if (found === null) return null;
  const half = found[3]?.toLowerCase();
  const hour = Number(found[1]);
  if (half !== undefined && (hour < 1 || hour > 12)) return null;
  const at = half === undefined ? hour : (hour % 12) + (half === "p" ? 12 : 0);
  return at > 23 ? null : `${String(at).padStart(2, "0")}:${found[2] ?? "00"}`;
};
