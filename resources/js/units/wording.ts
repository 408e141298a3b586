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
