/** Remembers the last answer of each step while what it was made from is the same by reference. */
export type Remember = <T>(step: string, from: readonly unknown[], make: () => T) => T;

/** A memory of its own for one editor or worker. */
export function memory(): Remember {
  const last = new Map<string, { from: readonly unknown[]; made: unknown }>();
  return <T>(step: string, from: readonly unknown[], make: () => T): T => {
    const known = last.get(step);
    if (known?.from.length === from.length && known.from.every((f, i) => Object.is(f, from[i])))
      return known.made as T;
    const made = make();
    last.set(step, { from, made });
    return made;
  };
}

/** A memory with its steps under a name of their own. */
export const within =
  (remember: Remember, name: string): Remember =>
  (step, from, make) =>
    remember(`${name} ${step}`, from, make);
