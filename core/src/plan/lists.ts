/** One thing of a list changed. */
export const byId = <T extends { readonly id: string }>(
  list: readonly T[],
  id: string,
  to: Partial<NoInfer<T>>,
): T[] => list.map((thing) => (thing.id === id ? { ...thing, ...to } : thing));
/** A list without one thing. */
export const without = <T extends { readonly id: string }>(list: readonly T[], id: string): T[] =>
  list.filter((t) => t.id !== id);

/** In the place of the one with its id, or at the end. */
export const put = <T extends { readonly id: string }>(list: readonly T[], thing: T): T[] =>
  list.some((t) => t.id === thing.id) ? list.map((t) => (t.id === thing.id ? thing : t)) : [...list, thing];
