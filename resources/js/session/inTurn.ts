let last: Promise<unknown> = Promise.resolve();

/** Runs one after the other, so that answers come in the order in which they were asked for. */
export const inTurn = <T>(run: () => Promise<T>): Promise<T> => {
  const next = last.then(run, run);
  last = next.catch(() => undefined);
  return next;
};
