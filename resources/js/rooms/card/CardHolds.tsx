import { useQuery } from "@tanstack/react-query";
import { rushesQuery } from "../../api/queries";
import { newGesture } from "../../autosave/gesture";
import { limits } from "../../generated/vocabulary";
import { AddFromList } from "../../ui/AddFromList";
import { TextInput } from "../../ui/inputs";
import type { CardAutosave, CardDraft, Faulty, OwnPage } from "./card";

type Props = { draft: CardDraft; pages: (OwnPage | Faulty)[]; autosave: CardAutosave };

/** What a card is called, and which holds it carries in which order. */
export function CardHolds({ draft, pages, autosave }: Props) {
  const rushes = useQuery(rushesQuery);
  const edit = (rushIds: string[]): void => autosave.edit({ ...draft, rushes: rushIds }, newGesture("holds"));
  const others = (rushes.data?.rushes ?? []).filter((row) => !draft.rushes.includes(row.id));
  const nameOf = (id: string): string =>
    rushes.data?.rushes.find((row) => row.id === id)?.name ??
    pages.find((page) => page.key === id)?.name ??
    "a rush that is gone";

  return (
    <section className="panel" aria-label="Name and holds">
      <div className="field">
        Name
        <TextInput
          label="Name of this card"
          value={draft.name}
          most={limits.name}
          onChange={(name, gesture) => autosave.edit({ ...draft, name }, gesture)}
        />
      </div>
      <ol className="card-holds">
        {draft.rushes.map((id, at) => (
          <li key={id}>
            <span>{nameOf(id)}</span>
            <button
              type="button"
              className="quiet"
              disabled={at === 0}
              aria-label={`earlier: ${nameOf(id)}`}
              onClick={() => edit(draft.rushes.toSpliced(at, 1).toSpliced(at - 1, 0, id))}
            >
              earlier
            </button>
            <button
              type="button"
              className="quiet"
              aria-label={`leave out ${nameOf(id)}`}
              onClick={() => edit(draft.rushes.filter((one) => one !== id))}
            >
              leave out
            </button>
          </li>
        ))}
      </ol>
      {draft.rushes.length < limits.holds && (
        <AddFromList label="Add a hold to the card" options={others} onAdd={(id) => edit([...draft.rushes, id])} />
      )}
    </section>
  );
}
