const LETTERS = 'abcdefghijkmnpqrstuvwxyz23456789';

/**
 * A short id that the plan has not used: a letter for the kind, then four signs.
 *
 * @param random  0 ≤ x < 1, such as Math.random; handed in so that core stays pure
 */
export function newId(kind: string, taken: readonly { readonly id: string }[], random: () => number): string {
  const used = new Set(taken.map((t) => t.id));
  for (;;) {
    const id =
      kind + Array.from({ length: 4 }, () => LETTERS[Math.floor(random() * LETTERS.length)] ?? 'a').join('');
    if (!used.has(id)) return id;
  }
}

/** The next numbered id of a kind, where chance has no place: `p1`, `p2`, … past the highest there is. */
export function nextId(kind: string, taken: readonly { readonly id: string }[]): string {
  const numbers = taken.map((t) => Number(new RegExp(`^${kind}(\\d+)$`).exec(t.id)?.[1] ?? 0));
  return `${kind}${Math.max(0, ...numbers) + 1}`;
}
