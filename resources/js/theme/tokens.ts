/** The three themes, by the same names everywhere; CSS variables carry them. */
export const themes = {
  paper: {
    ground: "#f3eee1",
    sheet: "#faf7ee",
    ink: "#1c2b2d",
    soft: "#56635f",
    hairline: "#c9c0aa",
    live: "#0b6e7a",
    wash: "#cfe3df",
    fail: "#a03f24",
    reed: "#8a8f5a",
    sand: "#c3b77f",
    onLive: "#faf7ee",
  },
  dusk: {
    ground: "#17222a",
    sheet: "#1e2c35",
    ink: "#e9e4d4",
    soft: "#9fadaa",
    hairline: "#34454d",
    live: "#5cc0c7",
    wash: "#1f464c",
    fail: "#e5946a",
    reed: "#a7ac78",
    sand: "#6d6746",
    onLive: "#12242a",
  },
  ember: {
    ground: "#0d0504",
    sheet: "#140706",
    ink: "#f0533a",
    soft: "#d4543a",
    hairline: "#4a1710",
    live: "#ff7a5c",
    wash: "#3a120c",
    fail: "#ffb199",
    reed: "#8f3322",
    sand: "#6d2618",
    onLive: "#140706",
  },
} as const;

export type ThemeName = keyof typeof themes;
export type Tokens = { [name in keyof (typeof themes)["paper"]]: string };

/** Writes a theme's colours where the style sheet reads them. */
export const applyTheme = (name: ThemeName): void => {
  const root = document.documentElement;
  root.dataset["theme"] = name;
  for (const [token, colour] of Object.entries(themes[name])) root.style.setProperty(`--${token}`, colour);
};
