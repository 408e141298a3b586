/** A time as it is told beside what is kept: the clock today, the day before that. */
export const when = (iso: string): string => {
  const at = new Date(iso);
  const day = at.toDateString() === new Date().toDateString();
  const clock = at.toLocaleTimeString("en-GB", { hour: "2-digit", minute: "2-digit" });
  return day ? clock : `${at.toLocaleDateString("en-GB", { day: "numeric", month: "short" })}, ${clock}`;
};
