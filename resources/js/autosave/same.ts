const sorted = (value: unknown): unknown =>
  value !== null && typeof value === "object" && !Array.isArray(value)
    ? Object.fromEntries(
        Object.entries(value)
          .toSorted(([a], [b]) => (a < b ? -1 : 1))
          .map(([key, inner]) => [key, sorted(inner)]),
      )
    : value;

/** Whether two values of JSON say the same, in whatever order of their names. */
export const same = (a: unknown, b: unknown): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));
