/** Ties a number to its unit, so that a line never breaks between them. */
export const tied = (text: string): string =>
  text.replace(/(\d) (?=(?:%|°|µm|m\/s|mm|cm|km|m|ft|in|s|px|mph|stops)(?![a-z]))/g, "$1\u00a0");

/** The first sentence of a reason; a point inside a number ends nothing. */
export const firstSentence = (text: string): string => tied(/^.*?[.!?](?=\s[A-Z]|$)/.exec(text)?.[0] ?? text);
