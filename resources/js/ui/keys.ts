import { createContext, useContext, useEffect } from "react";

/** Keys of a room, as its list shows them. */
export type RoomKeys = { title: string; keys: [key: string, what: string][] }[];
export type KeysOf = { show: (keys: RoomKeys) => () => void; help: () => void };

export const KeysContext = createContext<KeysOf>({ show: () => () => {}, help: () => {} });

/** Tells the list of keys what this room adds to it, for as long as it is open; the function it gives opens that list. */
export function useRoomKeys(keys: RoomKeys): () => void {
  const { show, help } = useContext(KeysContext);
  useEffect(() => show(keys), [show, keys]);
  return help;
}
