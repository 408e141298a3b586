import { heavy } from "../generated/vocabulary";

/** What reckons for long on the server, where an account has two turns at once: this page asks for no more than that. */
export const HEAVY = new RegExp(`^(?:${heavy.map((path) => path.replaceAll("*", "[^/]+")).join("|")})$`);

const AT_ONCE = 2;

let under = 0;
const waiting: (() => void)[] = [];

/** Runs when it is its turn among what reckons for long, in the order in which it was asked for; anything else at once. */
export const inTurns = async <T>(path: string, run: () => Promise<T>): Promise<T> => {
  if (!HEAVY.test(path)) return run();
  if (under >= AT_ONCE) await new Promise<void>((resolve) => waiting.push(resolve));
  else under += 1;
  try {
    return await run();
  } finally {
    const next = waiting.shift();
    if (next === undefined) under -= 1;
    else next();
  }
};
