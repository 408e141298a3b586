import { useCallback, useMemo, useState, type ReactNode } from "react";
import { NavLink } from "react-router-dom";
import { useAccount } from "../session/boot";
import { KeysContext, type RoomKeys } from "../ui/keys";
import { Logo } from "../ui/Logo";
import { useMedia } from "../ui/useMedia";
import { KeysDialog } from "./KeysDialog";
import { useShellKeys } from "./useShellKeys";
import { groups } from "./rooms";
import { ThumbBar } from "./ThumbBar";

/** A window that is led by the thumb; the style sheet has the same width. */
const THUMB = "(max-width: 700px)";

/** The rooms, in the order of the work: one line above, or a bar under the thumb; the room itself; and every key. */
export function Shell({ children }: { children: ReactNode }) {
  const { user } = useAccount();
  const letters = user.settings.letters === "on";
  const [ofRoom, setOfRoom] = useState<RoomKeys>([]);
  const [help, setHelp] = useState(false);
  const small = useMedia(THUMB);
  const showHelp = useCallback(() => setHelp(true), []);
  useShellKeys(letters, showHelp);
  const keys = useMemo(
    () => ({
      show: (of: RoomKeys) => {
        setOfRoom(of);
        return () => setOfRoom([]);
      },
      help: showHelp,
    }),
    [showHelp],
  );
  return (
    <KeysContext.Provider value={keys}>
      <a className="skip" href="#room">
        Skip to the room
      </a>
      <header className="head">
        <span className="brand">
          <Logo /> Rush Hold
        </span>
        {!small && (
          <nav aria-label="Rooms">
            {groups.map((group) => (
              <div key={group.when} role="group" aria-label={group.when}>
                <span className="when" aria-hidden="true">
                  {group.when}
                </span>
                {group.rooms.map((room) => (
                  <NavLink key={room.id} to={`/${room.id}`} title={letters ? `g ${room.letter}` : undefined}>
                    {room.name}
                  </NavLink>
                ))}
              </div>
            ))}
          </nav>
        )}
        <NavLink to="/settings" className="who">
          <span className="unseen">Settings: </span>
          <b>
            {user.settings.units === "metric" ? "m" : "ft"}
            <span> · {user.settings.units === "metric" ? "mm" : "in"}</span>
          </b>
          <span>{user.settings.theme}</span>
          <span className="who-name">{user.name.toLowerCase() === "demo" ? "demo" : user.name}</span>
        </NavLink>
      </header>
      <main id="room" tabIndex={-1}>
        {children}
      </main>
      {small && <ThumbBar />}
      <KeysDialog open={help} letters={letters} ofRoom={ofRoom} onClose={() => setHelp(false)} />
    </KeysContext.Provider>
  );
}
