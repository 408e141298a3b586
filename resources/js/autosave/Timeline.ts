/** A step beside the record, such as an assumed figure of the account, that is taken back and again in its turn. */
export type Aside = { undo: () => Promise<void>; redo: () => Promise<void> };

type Step = { gesture: string } | Aside;

const isAside = (step: Step | undefined): step is Aside => step !== undefined && "undo" in step;

/** The order of what was done since the record was opened: its own steps, which the server keeps, and asides, which it does not. */
export class Timeline {
  private steps: Step[] = [];
  private at = 0;

  /** A change of the record; those of one gesture are one step. */
  edited(gesture: string): void {
    const last = this.steps[this.at - 1];
    if (last !== undefined && "gesture" in last && last.gesture === gesture) return;
    this.done({ gesture });
  }

  done(step: Step): void {
    this.steps = [...this.steps.slice(0, this.at), step];
    this.at += 1;
  }

  /** Begins anew, for when somebody else has changed the record. */
  forget(): void {
    this.steps = [];
    this.at = 0;
  }

  get undoes(): boolean {
    return isAside(this.steps[this.at - 1]);
  }

  get redoes(): boolean {
    return isAside(this.steps[this.at]);
  }

  /** Goes one step back: the aside that was taken last, or null where it is for the server to go. */
  back(): Aside | null {
    const step = this.steps[this.at - 1];
    if (step === undefined) this.steps.unshift({ gesture: "before" });
    else this.at -= 1;
    return isAside(step) ? step : null;
  }

  /** Goes one step forth again. */
  forth(): Aside | null {
    const step = this.steps[this.at];
    if (step !== undefined) this.at += 1;
    return isAside(step) ? step : null;
  }
}
