/** A count with a thin space between thousands. */
export const thousands = (count: number): string => String(count).replace(/\B(?=(\d{3})+(?!\d))/g, " ");

/** How long a file is, as people say it. */
export const megabytes = (bytes: number): string =>
  bytes < 1e5 ? `${Math.max(1, Math.round(bytes / 1e3))} KB` : `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;
