/** As a text whatever order a database gave the fields. */
const inOrder = (value: unknown): string =>
  JSON.stringify(value, (_, v: unknown) =>
    typeof v === 'object' && v !== null && !Array.isArray(v)
      ? Object.fromEntries(Object.entries(v).sort(([a], [b]) => (a < b ? -1 : 1)))
      : v,
  );

/** Whether two documents say the same. */
export const sameFields = (a: unknown, b: unknown): boolean => inOrder(a) === inOrder(b);
