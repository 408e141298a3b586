import { useEffect } from "react";
import { useNavigate } from "react-router-dom";
import { isShortcut } from "../ui/keyboard";
import { rooms } from "./rooms";

/** How long a letter may come after g, in ms. */
const GO_MS = 2000;

/** g and then the letter of a room leads to that room; ? tells every key. */
export function useShellKeys(letters: boolean, onHelp: () => void): void {
  const navigate = useNavigate();
  useEffect(() => {
    // when g was pressed: on a slow device it is heard of later
    let goes = -Infinity;
    const onKey = (event: KeyboardEvent): void => {
      if (!isShortcut(event)) return;
      const taken = (): void => {
        event.preventDefault();
        event.stopImmediatePropagation();
      };
      const went = goes;
      goes = -Infinity;
      if (event.key === "?") {
        taken();
        onHelp();
      } else if (letters && event.timeStamp - went < GO_MS) {
        const room = rooms.find((one) => one.letter === event.key);
        // whatever is no room is no word of the sentence either: the g was meant for going
        taken();
        if (room !== undefined) void navigate(`/${room.id}`);
      } else if (letters && event.key === "g") {
        taken();
        goes = event.timeStamp;
      }
    };
    // before any room sees it
    document.addEventListener("keydown", onKey, true);
    return () => document.removeEventListener("keydown", onKey, true);
  }, [letters, navigate, onHelp]);
}
