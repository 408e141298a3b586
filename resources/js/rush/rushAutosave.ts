import type { Problem, RushWhole } from "../api/types";
import { Autosave, type Autosaved } from "../autosave/Autosave";
import type { Draft } from "./draft";

export type RushState = Autosaved<Draft, RushWhole>;

/** Keeps one rush. */
export class RushAutosave extends Autosave<Draft, RushWhole> {
  constructor(server: RushWhole) {
    super(server, {
      path: `rushes/${server.id}`,
      draftOf: (whole) => ({ rush: whole.rush, kit_id: whole.kit_id, focal_mm: whole.focal_mm, dials: whole.dials }),
    });
  }
}

/** The fault that stands in the way of a plan, in the words of the product. */
export const faultText = (fault: Problem): string => fault.faults[0]?.message ?? fault.detail;
