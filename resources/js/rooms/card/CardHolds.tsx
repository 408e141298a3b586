import { useQuery } from "@tanstack/react-query";
import { outingsQuery, rushesQuery } from "../../api/queries";
import { newGesture } from "../../autosave/gesture";
import { limits } from "../../generated/vocabulary";
import { AddFromList } from "../../ui/AddFromList";
import { Choice } from "../../ui/Choice";
import { TextInput } from "../../ui/inputs";
import type { CardAutosave, CardDraft, Faulty, OwnPage } from "./card";

type Props = { draft: CardDraft; pages: (OwnPage | Faulty)[]; autosave: CardAutosave };

/** What a card is called, and which holds it carries in which order. */
export function CardHolds({ draft, pages, autosave }: Props) {
  const rushes = useQuery(rushesQuery);
  const days = useQuery(outingsQuery).data?.outings ?? [];
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
      {(days.length > 0 || draft.outing_id !== null) && (
        <div className="field">
          Light
          <Choice
            label="Light its holds are for"
            value={draft.outing_id ?? ""}
            options={[
              { value: "", words: "as each rush is written" },
              ...days.map((one) => ({ value: one.id, words: `${one.name}, ${one.date}` })),
              ...(draft.outing_id === null || days.some((one) => one.id === draft.outing_id)
                ? []
                : [{ value: draft.outing_id, words: "a day out that is gone" }]),
            ]}
            onChange={(next) => autosave.edit({ ...draft, outing_id: next === "" ? null : next }, newGesture("light"))}
          />
        </div>
      )}
      {draft.rushes.length < limits.holds && (
        <AddFromList label="Add a hold to the card" options={others} onAdd={(id) => edit([...draft.rushes, id])} />
      )}
    </section>
  );
}
