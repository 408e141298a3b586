import { Drawer } from "antd";
import { useRef, useState } from "react";
import { Link, NavLink, useLocation } from "react-router-dom";
import { useAccount } from "../session/boot";
import { useBackCloses } from "../ui/useBack";
import { themes, type ThemeName } from "../theme/tokens";
import { groups, nextAfter, roomAt, rooms } from "./rooms";

const units = [
  { value: "metric", words: "m · mm" },
  { value: "imperial", words: "ft · in" },
] as const;

/** On a phone, under the thumb: the room that is open, which opens the list of all, and the next of the work. */
export function ThumbBar() {
  const { user, change } = useAccount();
  const [open, setOpen] = useState(false);
  const button = useRef<HTMLButtonElement>(null);
  const here = roomAt(useLocation().pathname);
  const next = here === null ? rooms[0]! : nextAfter(here);
  const close = (): void => {
    setOpen(false);
    button.current?.focus();
  };
  useBackCloses(open, close);
  return (
    <nav className="thumb" aria-label="Rooms">
      <button ref={button} type="button" aria-expanded={open} aria-haspopup="dialog" onClick={() => setOpen(true)}>
        <span aria-hidden="true">☰</span> <b>{here?.name ?? "Settings"}</b> <small>all rooms</small>
      </button>
      <Link to={`/${next.id}`} aria-label={`Next: ${next.name}`}>
        <small>next</small> {next.name} <span aria-hidden="true">→</span>
      </Link>
      <Drawer
        open={open}
        placement="bottom"
        size="auto"
        closable={false}
        destroyOnHidden
        onClose={close}
        getContainer={() => document.getElementById("root")!}
        aria-label="Rooms"
      >
        <div className="thumb-rooms">
          {groups.map((group) => (
            <section key={group.when}>
              <h2>{group.when}</h2>
              {group.rooms.map((room) => (
                <NavLink key={room.id} to={`/${room.id}`} onClick={() => setOpen(false)}>
                  {room.name}
                </NavLink>
              ))}
            </section>
          ))}
        </div>
        <div className="thumb-set">
          <Pick
            label="Theme"
            value={user.settings.theme}
            options={(Object.keys(themes) as ThemeName[]).map((value) => ({ value, words: value }))}
            onPick={(theme) => change({ theme })}
          />
          <Pick
            label="Units"
            value={user.settings.units}
            options={units}
            onPick={(value) => change({ units: value })}
          />
          <Link to="/settings" onClick={() => setOpen(false)}>
            Settings and account: {user.name}
          </Link>
          <button type="button" className="done" onClick={close}>
            Done
          </button>
        </div>
      </Drawer>
    </nav>
  );
}

type PickProps<T extends string> = {
  label: string;
  value: T;
  options: readonly { value: T; words: string }[];
  onPick: (value: T) => void;
};

function Pick<T extends string>({ label, value, options, onPick }: PickProps<T>) {
  return (
    <div className="thumb-pick" role="group" aria-label={label}>
      <span>{label}</span>
      {options.map((one) => (
        <button key={one.value} type="button" aria-pressed={one.value === value} onClick={() => onPick(one.value)}>
          {one.words}
        </button>
      ))}
    </div>
  );
}
