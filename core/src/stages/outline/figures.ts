import type { Opening } from '../../plan/schema';
import { partsFence } from '../ways/plan/kinds';
import type { Figures } from '../told';
import { type Term, product, sum, value } from '../../working';
import type { Profile } from '../../ground/profile';
import { standingOn } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { cross, dot, minus } from '../../ground/vector';

/** Width by depth for a rectangle, otherwise triangles from the first corner, those outside counting as less. */
export function areaWorking(ring: Ring): Term {
  const params = { name: ring.name };
  const corners: typeof ring.sides = ring.sides.filter((_, i) => {
    const before = ring.sides[(i + ring.sides.length - 1) % ring.sides.length];
    return before ? Math.abs(before.turn) > 1e-9 : true;
  });
  const [a, b] = corners;
  const square =
    corners.length === 4 &&
    a &&
    b &&
    corners.every((c, i) => {
      const next = corners[(i + 1) % 4];
      return next !== undefined && Math.abs(dot(c.direction, next.direction)) < 1e-9;
    });
  if (square) {
    const second = corners[2];
    const side = (from: typeof a, to: typeof a) =>
      Math.hypot(to.start.x - from.start.x, to.start.y - from.start.y);
    return product('outline.enclosure-area', 'm²', params, [
      value('outline.depth', side(a, b), 'm', {}),
      value('outline.width', second ? side(b, second) : 0, 'm', {}),
    ]);
  }
  const origin = ring.sides[0]?.start ?? { x: 0, y: 0 };
  const hand =
    Math.sign(ring.sides.reduce((t, s) => t + cross(minus(s.start, origin), minus(s.end, origin)), 0)) || 1;
  const first = ring.sides[0]?.startNumber ?? 1;
  const triangles = ring.sides.slice(1, -1).map((s, i) => {
    const area = (hand * cross(minus(s.start, origin), minus(s.end, origin))) / 2;
    return value('outline.triangle', area, 'm²', {
      first,
      from: s.startNumber,
      to: ring.sides[i + 2]?.startNumber ?? first,
    });
  });
  return sum('outline.enclosure-area', 'm²', params, triangles);
}

const sideValue = (s: Ring['sides'][number]) => value('outline.side', s.length, 'm', { side: s.number });

/** Sides of all rings, a shared one once. */
function sidesOnce(rings: readonly Ring[]) {
  const seen = new Set<string>();
  return rings.flatMap((ring) =>
    ring.sides.filter((s) => {
      if (seen.has(s.side.id)) return false;
      seen.add(s.side.id);
      return true;
    }),
  );
}

/** Fence that is built: not one that stands already. */
const isBuilt = ({ side }: Ring['sides'][number]): boolean =>
  side.kind === 'fence' && standingOn(side) === null;

export interface OutlineWorkings {
  readonly area: Term;
  readonly perimeter: Term;
  readonly fenceLength: Term;
}

export function outlineWorkings(rings: readonly Ring[]): OutlineWorkings {
  const sides = sidesOnce(rings);
  return {
    area: sum('outline.area', 'm²', {}, rings.map(areaWorking)),
    perimeter: sum('outline.perimeter', 'm', {}, sides.map(sideValue)),
    fenceLength: sum('outline.fence', 'm', {}, sides.filter(isBuilt).map(sideValue)),
  };
}

/** Fenced sides along the ground, each once (rules: Slope and survey: what hangs and lies is bought along the ground). */
export function groundWorking(rings: readonly Ring[], profiles: ReadonlyMap<string, Profile>): Term {
  const fenced = sidesOnce(rings).filter(isBuilt);
  return sum(
    'outline.ground',
    'm',
    {},
    fenced.map((s) => {
      const profile = profiles.get(s.side.id);
      if (!profile || profile.level) return sideValue(s);
      const rise = profile.heightAt(s.length) - profile.heightAt(0);
      return value('outline.along-ground', profile.ground, 'm', { side: s.number, level: s.length, rise });
    }),
  );
}

export function outlineFigures(
  { area, perimeter, fenceLength }: OutlineWorkings,
  groundLength: Term,
  { openings, rings }: { readonly openings: readonly Opening[]; readonly rings: readonly Ring[] },
): Figures {
  const stands = sidesOnce(rings).reduce((n, s) => n + (standingOn(s.side) ? s.length : 0), 0);
  return {
    area: area.value,
    perimeter: perimeter.value,
    fenceLength: fenceLength.value,
    groundLength: groundLength.value,
    ...(stands > 0 ? { standing: stands } : {}),
    gates: openings.filter(partsFence).length,
  };
}
