import { Link } from "react-router-dom";
import { Dialog } from "../ui/Dialog";
import type { RoomKeys } from "../ui/keys";
import { rooms } from "./rooms";

type Props = { open: boolean; letters: boolean; ofRoom: RoomKeys; onClose: () => void };

const everywhere: [string, string][] = [
  ["Ctrl Z", "undo"],
  ["Ctrl ⇧ Z", "redo"],
  ["Esc", "close what is open"],
  ["?", "this list"],
];

/** Every key there is: of the room that is open, and of the whole house. */
export function KeysDialog({ open, letters, ofRoom, onClose }: Props) {
  return (
    <Dialog open={open} onClose={onClose} title="Keys" width={ofRoom.length > 0 ? 760 : 420}>
      {!letters && <p>Letter keys are switched off in Settings; all else works.</p>}
      <div className="keys">
        {ofRoom.map((part) => (
          <Part key={part.title} title={part.title} keys={part.keys} />
        ))}
        <div>
          <Part title="From room to room" keys={rooms.map((room) => [`g ${room.letter}`, room.name])} />
          <Part title="Everywhere" keys={everywhere} />
        </div>
      </div>
      <p className="note">
        Numbers take any unit: 40 km/h, 60 ft, 5 ft 11, 1,5 m, 12–40 m. What the words of the craft mean:{" "}
        <Link to="/words" onClick={onClose}>
          all words
        </Link>
        .
      </p>
    </Dialog>
  );
}

function Part({ title, keys }: { title: string; keys: [key: string, what: string][] }) {
  return (
    <section>
      <h3>{title}</h3>
      <dl>
        {keys.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
