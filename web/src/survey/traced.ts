import { type Change, type Plan, type Vector, newId } from '@aviarum/core';

const tidy = (n: number) => Math.round(n * 1e4) / 1e4;

/** The first run laid out anew through points, with ids of its own for corners and sides. */
export function traced(
  plan: Plan,
  points: readonly Vector[],
  place: { readonly latitude: number; readonly longitude: number } | null,
): Change {
  const ids = (kind: string, known: readonly { readonly id: string }[]) => {
    const made: { id: string }[] = [];
    for (const _ of points) made.push({ id: newId(kind, [...known, ...made], Math.random) });
    return made.map((m) => m.id);
  };
  return {
    verb: 'trace-outline',
    enclosure: plan.enclosures[0]?.id ?? 'run',
    points: points.map((p) => ({ x: tidy(p.x), y: tidy(p.y) })),
    corners: ids('c', plan.corners),
    sides: ids('s', plan.sides),
    place,
  };
}
