type Worded<V> = { readonly value: V; readonly words: string };

/** What a value of a list of the vocabulary is called. */
export const wordsOf = <V>(list: readonly Worded<V>[], value: V): string =>
  list.find((one) => one.value === value)?.words ?? String(value);

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A table of a list by its values. */
export const byValue = <V extends string, T>(
  list: readonly { readonly value: V }[],
  of: (one: never) => T,
): Record<V, T> => Object.fromEntries(list.map((one) => [one.value, of(one as never)])) as Record<V, T>;

const irregular: Record<string, string> = {
  goose: "geese",
  mouse: "mice",
  dormouse: "dormice",
  wolf: "wolves",
  leaf: "leaves",
  child: "children",
  person: "people",
  "horse and rider": "horses and riders",
};
/** Names that are their own plural. */
const SAME = /(sheep|deer|bison|moose|elk|fish|aircraft|waterfowl|reindeer|grouse|snipe)$/;

/** A name, many of them. */
export const pluralOf = (name: string): string => {
  if (irregular[name] !== undefined) return irregular[name];
  const [, before, last] = /^(.*?)([^ ]+)$/.exec(name) as unknown as [string, string, string];
  if (SAME.test(last)) return name;
  if (irregular[last] !== undefined) return before + irregular[last];
  if (/(s|x|z|ch|sh)$/.test(last)) return `${name}es`;
  return /[^aeiou]y$/.test(last) ? `${name.slice(0, -1)}ies` : `${name}s`;
};

/** A name with "a" or "an" before it. */
export const withArticle = (name: string): string =>
  `${/^[aeiou]/i.test(name) && !/^(uni|eu|ewe|one\b)/i.test(name) ? "an" : "a"} ${name}`;
