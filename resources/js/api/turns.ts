import { heavy } from "../generated/vocabulary";

/** What reckons for long on the server, where an account has two turns at once: this page asks for no more than that. */
export const HEAVY = new RegExp(`^(?:${heavy.map((path) => path.replaceAll("*", "[^/]+")).join("|")})$`);

const AT_ONCE = 2;

/** How long what a page has left under way may go on reckoning on the server, in ms. */
const LEFT_MS = 3000;
const LEFT = "rush-hold-under-way";

/** What a page asks for by itself; whoever presses a button does not wait for the page before. */
const BY_ITSELF = /\/(?:map|outlook|remedies)$/;

let under = 0;
/** Turns that the page before still holds. */
let left = 0;
const waiting: (() => void)[] = [];

const next = (): void => {
  const first = waiting.shift();
  if (first === undefined) under -= 1;
  else first();
};

/** What a page leaves under way when it goes holds turns of the one that takes its place, until the server is done with it. */
export const takeOverTurns = (): void => {
  window.addEventListener("pagehide", () => {
    try {
      if (under > 0) sessionStorage.setItem(LEFT, JSON.stringify([Math.min(under, AT_ONCE), Date.now()]));
    } catch {
      // without a store the server says when it is busy
    }
  });
  try {
    const [held, since] = JSON.parse(sessionStorage.getItem(LEFT) ?? "[0, 0]") as [number, number];
    sessionStorage.removeItem(LEFT);
    const wait = since + LEFT_MS - Date.now();
    if (held > 0 && wait > 0 && wait <= LEFT_MS) {
      left = Math.min(AT_ONCE, held);
      under = left;
      for (let turn = 0; turn < under; turn += 1) {
        window.setTimeout(() => {
          left -= 1;
          next();
        }, wait);
      }
    }
  } catch {
    // as above
  }
};

/** Runs when it is its turn among what reckons for long, in the order in which it was asked for; anything else at once. */
export const inTurns = async <T>(path: string, run: () => Promise<T>): Promise<T> => {
  if (!HEAVY.test(path)) return run();
  if (under >= AT_ONCE && (left === 0 || BY_ITSELF.test(path)))
    await new Promise<void>((resolve) => waiting.push(resolve));
  else under += 1;
  try {
    return await run();
  } finally {
    next();
  }
};
