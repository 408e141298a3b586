import { themes, type ThemeName } from "./tokens";

/** The theme this device shows, and the account it was shown to. */
export const THEME_KEY = "rush-hold:theme";
const OF_KEY = "rush-hold:theme-of";
const YEAR_S = 365 * 86_400;

/** The theme last shown on this device. */
export const keptTheme = (): ThemeName => {
  const kept = localStorage.getItem(THEME_KEY);
  return kept !== null && kept in themes ? (kept as ThemeName) : "paper";
};

/**
 * How a device is lit is its own affair: a phone turned red at night leaves the desk as it was.
 * The choice kept with the account is where a device begins that has not shown it yet.
 */
export const themeHere = (account: string, begins: ThemeName): ThemeName =>
  localStorage.getItem(OF_KEY) === account ? keptTheme() : begins;

/** Keeps what this device shows; the server lights the next page the same way from its first moment. */
export const keepTheme = (theme: ThemeName, account: string | null): void => {
  localStorage.setItem(THEME_KEY, theme);
  if (account !== null) localStorage.setItem(OF_KEY, account);
  document.cookie = `rush-hold-theme=${theme}; path=/; max-age=${YEAR_S}; samesite=lax`;
};
