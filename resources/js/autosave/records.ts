/** As much of a record as tells which of two is the later. */
type Numbered = { revision: number };

/** Writes of this page that are under way, by record: of one record only ever one, also when its room was left and opened again meanwhile. */
export const underWay = new Map<string, Promise<Numbered | null>>();

const known = new Map<string, Numbered>();

/** So many are remembered: a room is left and opened again at once, or not at all. */
const REMEMBERED = 8;

/** A record as this page knows it last: what was asked for before a write was confirmed may arrive after it. */
export const lastKnown = <Whole extends Numbered>(key: string): Whole | undefined =>
  known.get(key) as Whole | undefined;

export const remember = (key: string, record: Numbered): void => {
  known.delete(key);
  known.set(key, record);
  const [oldest] = known.keys();
  if (known.size > REMEMBERED && oldest !== undefined) known.delete(oldest);
};

/** Whoever signs out leaves nothing behind. */
export const forgetRecords = (): void => {
  underWay.clear();
  known.clear();
};
