import type { Room } from "../api/types";

/** What an account keeps, by the names the server gives. */
export const roomNames: Record<string, string> = {
  rushes: "rushes",
  cards: "cards",
  kits: "kits put together",
  body: "bodies",
  lens: "lenses",
  converter: "converters",
  adapter: "adapters",
  support: "supports",
  gear_bytes: "words about your kit",
  history_bytes: "earlier states, to undo to",
};

/** Whether little is left. */
export const isShort = (room: Room): boolean => room.used >= 0.8 * room.most;

/** How much is used of how much, in records or megabytes. */
export const roomTold = (name: string, room: Room): string =>
  name.endsWith("_bytes")
    ? `${(room.used / 1e6).toFixed(2)} of ${(room.most / 1e6).toFixed(0)} MB`
    : `${room.used.toLocaleString("en-GB")} of ${room.most.toLocaleString("en-GB")}`;

/** Says that little room is left for something, before there is none; else nothing. */
export function RoomNote({ name, room }: { name: string; room: Room | undefined }) {
  if (room === undefined || !isShort(room)) return null;
  return (
    <p className="note room-note" role="status">
      {roomTold(name, room).replace(" of ", " of the ")}
      {name.endsWith("_bytes") ? " of" : ""} {roomNames[name] ?? name} an account keeps.
    </p>
  );
}
