import type { ReactNode } from "react";
import { NavLink } from "react-router-dom";
import { useAccount } from "./boot";
import { Mark } from "./Mark";

/** One line of rooms above, the room below. */
export function Shell({ children }: { children: ReactNode }) {
  const { user } = useAccount();
  return (
    <>
      <a className="skip" href="#room">
        Skip to the room
      </a>
      <header className="head">
        <span className="brand">
          <Mark /> Rush Hold
        </span>
        <nav aria-label="Rooms">
          <NavLink to="/kit">Kit</NavLink>
          <NavLink to="/plan">Plan</NavLink>
          <NavLink to="/rehearse">Rehearse</NavLink>
          <NavLink to="/controls">Controls</NavLink>
          <NavLink to="/card">Card</NavLink>
        </nav>
        <NavLink to="/settings" className="who">
          <b>
            {user.settings.units === "metric" ? "m" : "ft"}
            <span> · {user.settings.units === "metric" ? "mm" : "in"}</span>
          </b>
          <span>{user.settings.theme}</span>
          <span>{user.name.toLowerCase() === "demo" ? "demo" : user.name}</span>
        </NavLink>
      </header>
      <main id="room" tabIndex={-1}>
        {children}
      </main>
    </>
  );
}
