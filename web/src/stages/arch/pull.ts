import {
  type Arch,
  type Change,
  type Plan,
  type SectionScene,
  type Vector,
  archBent,
  archPlace,
  chordFor,
} from '@aviarum/core';

/** What can be taken hold of in the section: a foot, or the crown. */
export type Pulled = 'foot' | 'crown';

const round = (length: number) => Math.round(length * 100) / 100;

/** How far apart feet may be pulled, as shares of what is bent: short of lying flat, and of meeting. */
const NEAREST = 0.2;
const FURTHEST = 0.97;

/** The base that a foot or the crown asks for, pulled to a place of the section; null where none is. */
export function basePulled(
  plan: Plan,
  arch: Arch,
  { pulled, to }: { readonly pulled: Pulled; readonly to: Vector },
  scene: SectionScene,
): number | null {
  const bent = archBent(plan, arch);
  const { from, to: end } = scene.line;
  const middle = Math.hypot(end.x - from.x, end.y - from.y) / 2;
  const within = (base: number) => round(Math.max(bent * NEAREST, Math.min(bent * FURTHEST, base)));
  if (pulled === 'foot') return within(2 * Math.abs(to.x - middle));
  const foot = feetOf(scene)?.[0];
  const base = foot ? chordFor(bent, Math.max(0.05, to.y - foot.y)) : null;
  return base === null ? null : within(base);
}

/** Ends of the curve and its crown, as they are drawn; null where there is none. */
export function feetOf(scene: SectionScene): readonly [left: Vector, right: Vector, crown: Vector] | null {
  const curve = scene.shapes.find((s) => s.kind === 'cut-curve');
  if (curve?.shape !== 'line') return null;
  const [a, b] = [curve.points[0], curve.points[curve.points.length - 1]];
  if (!a || !b) return null;
  const crown = curve.points.reduce((high, p) => (p.y > high.y ? p : high), a);
  return a.x <= b.x ? [a, b, crown] : [b, a, crown];
}

export const toBase = (id: string, base: number): Change => ({ verb: 'place-arch', id, to: { base } });

/** The base now and its next by keys, m. */
export function baseBy(plan: Plan, arch: Arch, by: number): number | null {
  const place = archPlace(plan, arch.id);
  const bent = archBent(plan, arch);
  return place && round(Math.max(bent * NEAREST, Math.min(bent * FURTHEST, place.base + by)));
}
