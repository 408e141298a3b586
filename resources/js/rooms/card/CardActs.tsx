import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router-dom";
import { request } from "../../api/client";
import type { Autosaved } from "../../autosave/Autosave";
import { SaveLine } from "../../autosave/SaveLine";
import { papers } from "../../generated/vocabulary";
import { Choice } from "../../ui/Choice";
import type { CardAutosave, CardDraft, CardWhole, Faulty, OwnPage } from "./card";
import { CardHolds } from "./CardHolds";
import { usePaper, type Paper } from "./paper";
import { Share } from "./Share";

type Props = {
  server: CardWhole;
  record: Autosaved<CardDraft, CardWhole>;
  autosave: CardAutosave;
  pages: (OwnPage | Faulty)[];
  /** On a phone they are folded away until they are asked for. */
  folded: boolean;
  onNew: () => void;
  onDeleted: (card: CardWhole) => void;
};

/** What can be done with a card: how it is saved, its name and holds, sharing, paper, a new one, deleting. */
export function CardActs({ server, record, autosave, pages, folded, onNew, onDeleted }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [panel, setPanel] = useState<"holds" | "share" | null>(null);
  const [paper, setPaper] = useState<Paper>("a6");
  usePaper(paper);
  const remove = useMutation({
    mutationFn: () => request("DELETE", `cards/${server.id}`),
    onSuccess: async () => {
      onDeleted(server);
      await client.invalidateQueries({ queryKey: ["cards"] });
      await navigate("/card");
    },
  });

  return (
    <>
      <div className={folded ? "card-acts folded" : "card-acts"}>
        <SaveLine record={record} autosave={autosave} what="this card" />
        <button
          type="button"
          className="text-button"
          aria-expanded={panel === "holds"}
          onClick={() => setPanel(panel === "holds" ? null : "holds")}
        >
          name and holds
        </button>
        <button
          type="button"
          className="text-button"
          aria-expanded={panel === "share"}
          onClick={() => setPanel(panel === "share" ? null : "share")}
        >
          share{server.share === null ? "" : "d"}
        </button>
        <span className="print-row">
          <Choice label="Paper" value={paper} options={papers} onChange={setPaper} />
          <button type="button" className="text-button" onClick={() => window.print()}>
            print
          </button>
          <a
            className="text-button"
            href={`/api/cards/${server.id}/pdf?paper=${paper}`}
            target="_blank"
            rel="noreferrer"
          >
            PDF
          </a>
        </span>
        <button type="button" className="quiet card-new" onClick={onNew}>
          new card
        </button>
        <button
          type="button"
          className="quiet"
          aria-label={`Delete ${record.draft.name}`}
          onClick={() => remove.mutate()}
        >
          delete
        </button>
      </div>
      {remove.isError && <p className="note fault">{remove.error.message}</p>}
      {panel === "holds" && <CardHolds draft={record.draft} pages={pages} autosave={autosave} />}
      {panel === "share" && (
        <section className="panel" aria-label="Share">
          <Share card={server} onChanged={() => void client.invalidateQueries({ queryKey: ["cards"] })} />
        </section>
      )}
    </>
  );
}
