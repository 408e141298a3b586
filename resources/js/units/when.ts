/** The clock at a time: 03:16. */
export const clock = (iso: string): string =>
  new Date(iso).toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });

/** A time as it is told beside what is kept: the clock today, the day before that. */
export const when = (iso: string): string => {
  const at = new Date(iso);
  const day = at.toDateString() === new Date().toDateString();
  return day ? clock(iso) : `${at.toLocaleDateString("en-GB", { day: "numeric", month: "short" })}, ${clock(iso)}`;
};
