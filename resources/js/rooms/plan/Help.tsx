import { Dialog } from "../../app/Dialog";
import { words } from "../../sentence/Sentence";

type Props = { open: boolean; letters: boolean; onClose: () => void };

/** Every key there is. */
export function Help({ open, letters, onClose }: Props) {
  return (
    <Dialog open={open} onClose={onClose} title="Keys" width={640}>
      {!letters && <p>Letter keys are switched off in Settings; all else works.</p>}
      <div className="keys">
        <dl>
          {words.map((word) => (
            <div key={word.id}>
              <dt>
                <kbd>{word.letter}</kbd>
              </dt>
              <dd>{word.label}</dd>
            </div>
          ))}
        </dl>
        <dl>
          {[
            ["← →", "from word to word"],
            ["↑ ↓", "step the word you are on"],
            ["Enter", "open it"],
            ["Esc", "close it"],
            ["Ctrl Z", "undo"],
            ["Ctrl ⇧ Z", "redo"],
            ["/", "find a rush"],
            ["n", "new rush"],
            ["?", "this list"],
          ].map(([key, what]) => (
            <div key={key}>
              <dt>
                <kbd>{key}</kbd>
              </dt>
              <dd>{what}</dd>
            </div>
          ))}
        </dl>
      </div>
      <p className="note">Numbers take any unit: 40 km/h, 60 ft, 5 ft 11 in, 1,5 m.</p>
    </Dialog>
  );
}
