import { assumed } from "../generated/vocabulary";

/** The account's own values of assumed figures, by name; what is not changed keeps its default. */
let own: Record<string, number> = {};

export const setFigures = (figures: Record<string, number>): void => {
  own = figures;
};

/** An assumed figure as this account has it; those that a room must know before the plan has answered (bin/vocabulary.php). */
export const figure = (name: keyof typeof assumed): number => own[name] ?? assumed[name];
