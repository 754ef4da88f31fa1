import type { Ring } from './survey';

/** The run that each side closes to the outside, by the side’s id: a side between two runs closes none. */
export function outerSides(rings: readonly Ring[]): ReadonlyMap<string, string> {
  const outer = new Map<string, string>();
  const between = new Set<string>();
  for (const ring of rings)
    for (const { side } of ring.sides) {
      if (outer.has(side.id)) between.add(side.id);
      outer.set(side.id, ring.enclosure);
    }
  for (const id of between) outer.delete(id);
  return outer;
}
