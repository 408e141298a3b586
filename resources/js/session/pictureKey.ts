import { lastUsed, remember } from "./lastUsed";

const made = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) => byte.toString(16).padStart(2, "0")).join("");

/**
 * A word in the address of every picture, made by chance when an account comes to this device and forgotten when it leaves: what the
 * browser's own cache still has of its pictures nobody finds without it.
 */
export const pictureKey = (): string => {
  const known = lastUsed().pictures;
  if (known !== undefined) return known;
  const fresh = made();
  remember({ pictures: fresh });
  return fresh;
};
