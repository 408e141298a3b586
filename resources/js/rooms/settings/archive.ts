import { thousands } from "../../units/numbers";

/** Tables of an archive in the order they come, as people call what is in them. */
const NAMES: Record<string, [string, string]> = {
  gear: ["piece of kit", "pieces of kit"],
  kits: ["kit put together", "kits put together"],
  rushes: ["rush", "rushes"],
  layouts: ["layout of controls", "layouts of controls"],
  camera_states: ["camera as it was left", "cameras as they were left"],
  places: ["place", "places"],
  outings: ["outing", "outings"],
  cards: ["card", "cards"],
  promises: ["plan shot by", "plans shot by"],
  bursts: ["burst", "bursts"],
  frames: ["frame", "frames"],
};

const named = (table: string, number: number): string => {
  const [one, many] = NAMES[table] ?? [table, table];
  return `${thousands(number)} ${number === 1 ? one : many}`;
};

/** What has come of an archive so far: "12 pieces of kit", "1,204 frames". */
export const arrivals = (counts: Record<string, number>, pictures: number): string[] => [
  ...Object.entries(counts)
    .filter(([, number]) => number > 0)
    .map(([table, number]) => named(table, number)),
  ...(pictures > 0 ? [`${thousands(pictures)} ${pictures === 1 ? "picture" : "pictures"}`] : []),
];
