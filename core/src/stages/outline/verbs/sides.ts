import { type Vector, cross, dot, minus, plus, times } from '../../../ground/vector';
import { type Ring, type RingSide, surveyRings } from '../../../ground/survey';
import { TOUCH, tidy } from '../../../units/round';
import type { Corner, Plan, Side } from '../../../plan/schema';
import { keepOnSides, place } from '../../../ground/onSides';

export interface LayOut {
  readonly run: Box;
  readonly house: Box | null;
}

export interface MoveSide {
  readonly side: string;
  readonly by: number;
}

export interface SetSideLength {
  readonly side: string;
  readonly length: number;
}

/** The building that a rectangle is laid out against: the first that has walls. */
export const houseOf = ({ ground }: Pick<Plan, 'ground'>) =>
  ground.buildings.find((b) => b.stands === 'walls');

/**
 * Lays a rectangular run out, against the house where the two touch.
 *
 * The ring runs anticlockwise from the low left corner; a west wall longer than the house is fence, house, fence.
 */
export function layOut(plan: Plan, { run, house }: LayOut): Plan {
  const touches = house !== null && Math.abs(house.right - run.left) < TOUCH;
  const low = house && touches ? Math.max(run.low, house.low) : 0;
  const high = house && touches ? Math.min(run.high, house.high) : 0;
  const shared = touches && high - low > TOUCH;

  const corners: Corner[] = [
    place('c1', { x: run.left, y: run.low }),
    place('c2', { x: run.right, y: run.low }),
    place('c3', { x: run.right, y: run.high }),
    place('c4', { x: run.left, y: run.high }),
  ];
  const sides: Side[] = [
    { id: 's1', from: 'c1', to: 'c2', kind: 'fence' },
    { id: 's2', from: 'c2', to: 'c3', kind: 'fence' },
    { id: 's3', from: 'c3', to: 'c4', kind: 'fence' },
  ];
  const first = houseOf(plan);
  const building = first?.id ?? 'house';
  if (shared) {
    const top = run.high - high > TOUCH ? 'h1' : 'c4';
    const foot = low - run.low > TOUCH ? 'h2' : 'c1';
    if (top === 'h1') {
      corners.push(place('h1', { x: run.left, y: high }));
      sides.push({ id: 's4', from: 'c4', to: 'h1', kind: 'fence' });
    }
    sides.push({ id: 's5', from: top, to: foot, kind: 'building', building });
    if (foot === 'h2') {
      corners.push(place('h2', { x: run.left, y: low }));
      sides.push({ id: 's6', from: 'h2', to: 'c1', kind: 'fence' });
    }
  } else sides.push({ id: 's4', from: 'c4', to: 'c1', kind: 'fence' });

  const outline = house && [
    { x: tidy(house.left), y: tidy(house.low) },
    { x: tidy(house.right), y: tidy(house.low) },
    { x: tidy(house.right), y: tidy(house.high) },
    { x: tidy(house.left), y: tidy(house.high) },
  ];
  const others = plan.ground.buildings.filter((b) => b !== first);
  const standing = { name: 'House', eaves: 2, height: 2.6, stands: 'walls' as const, ...first, id: building };
  const buildings = outline ? [{ ...standing, outline }, ...others] : others;
  const enclosure = plan.enclosures[0] ?? { id: 'run', name: 'Run', ring: [] };
  const next: Plan = {
    ...plan,
    ground: { ...plan.ground, buildings },
    corners,
    sides: sides.map((side) => {
      const old = plan.sides.find((s) => s.id === side.id);
      return side.kind === 'fence' && old && old.kind !== 'building' ? { ...side, kind: old.kind } : side;
    }),
    enclosures: [{ ...enclosure, ring: sides.map((s) => ({ side: s.id, forward: true })) }],
    choices: {
      ...plan.choices,
      side: Object.fromEntries(
        Object.entries(plan.choices.side).filter(([id]) => sides.some((s) => s.id === id)),
      ),
    },
  };
  return keepOnSides(plan, next);
}

/** The rectangle and its house where the plan is one, so that width and depth can be typed. */
export function asRectangle(plan: Plan): { readonly run: Box; readonly house: Box | null } | undefined {
  const [ring, ...more] = surveyRings(plan);
  if (!ring || more.length > 0) return undefined;
  const ids = new Set(plan.corners.map((c) => c.id));
  if (
    !['c1', 'c2', 'c3', 'c4'].every((id) => ids.has(id)) ||
    plan.corners.some((c) => !/^(c[1-4]|h[12])$/.test(c.id))
  )
    return undefined;
  const xs = plan.corners.map((c) => c.x);
  const ys = plan.corners.map((c) => c.y);
  const run = { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
  if (Math.abs((run.right - run.left) * (run.high - run.low) - ring.area) > 1e-6) return undefined;
  const house = houseOf(plan);
  if (!house) return { run, house: null };
  const hx = house.outline.map((p) => p.x);
  const hy = house.outline.map((p) => p.y);
  return {
    run,
    house: { left: Math.min(...hx), right: Math.max(...hx), low: Math.min(...hy), high: Math.max(...hy) },
  };
}

/** Where the line through `p` along `d` meets the line through `q` along `e`; undefined when nearly parallel. */
function meet(p: Vector, d: Vector, q: Vector, e: Vector): Vector | undefined {
  const denominator = cross(d, e);
  if (Math.abs(denominator) < 1e-6) return undefined;
  return plus(p, times(d, cross(minus(q, p), e) / denominator));
}

/** Moves a side outwards; its neighbours keep their directions. */
export function moveSide(plan: Plan, { side: id, by }: MoveSide): Plan {
  const rectangle = asRectangle(plan);
  if (rectangle) {
    const { run, house } = rectangle;
    if (id === 's1') return layOut(plan, { house, run: { ...run, low: run.low - by } });
    if (id === 's2') return layOut(plan, { house, run: { ...run, right: run.right + by } });
    if (id === 's3') return layOut(plan, { house, run: { ...run, high: run.high + by } });
  }
  for (const ring of surveyRings(plan)) {
    const i = ring.sides.findIndex((s) => s.side.id === id);
    const n = ring.sides.length;
    const side = ring.sides[i];
    const before = ring.sides[(i + n - 1) % n];
    const after = ring.sides[(i + 1) % n];
    if (!side || !before || !after) continue;
    const start = plus(side.start, times(side.outward, by));
    const end = plus(side.end, times(side.outward, by));
    const moved = new Map([
      [side.startCorner, meet(start, side.direction, before.start, before.direction) ?? start],
      [side.endCorner, meet(start, side.direction, after.end, after.direction) ?? end],
    ]);
    const corners = plan.corners.map((c) => {
      const to = moved.get(c.id);
      return to ? place(c.id, to) : c;
    });
    return keepOnSides(plan, { ...plan, corners });
  }
  return plan;
}

/** Whether a neighbour of a side can give way to a new length of it. */
function givesWay(plan: Plan, ring: Ring, i: number): RingSide | undefined {
  const n = ring.sides.length;
  const [before, side, after] = [
    ring.sides[(i + n - 1) % n],
    ring.sides[(i + n) % n],
    ring.sides[(i + 1) % n],
  ];
  if (!before || !side || !after) return undefined;
  const ofRectangle = asRectangle(plan) && ['s1', 's2', 's3'].includes(side.side.id);
  return ofRectangle || canMove(side, before, after) ? side : undefined;
}

/**
 * Makes a side longer or shorter: the side that follows it moves, or the one before it where that cannot; where neither can,
 * its end goes on along it.
 */
export function setSideLength(plan: Plan, { side: id, length }: SetSideLength): Plan {
  for (const ring of surveyRings(plan)) {
    const i = ring.sides.findIndex((s) => s.side.id === id);
    const side = ring.sides[i];
    if (!side) continue;
    for (const [neighbour, way] of [
      [givesWay(plan, ring, i + 1), side.direction],
      [givesWay(plan, ring, i - 1), times(side.direction, -1)],
    ] as const) {
      const slope = neighbour ? dot(way, neighbour.outward) : 0;
      if (neighbour && Math.abs(slope) > 1e-6)
        return moveSide(plan, {
          side: neighbour.side.id,
          by: (length - side.length) * slope,
        });
    }
    const end = plus(side.start, times(side.direction, length));
    const corners = plan.corners.map((c) => (c.id === side.endCorner ? place(c.id, end) : c));
    return keepOnSides(plan, { ...plan, corners });
  }
  return plan;
}

/** A side can be moved where fence goes on, turning, at both its ends. */
export function canMove(side: RingSide, before: RingSide, after: RingSide): boolean {
  const turns = Math.abs(Math.sin(before.turn)) > 1e-3 && Math.abs(Math.sin(side.turn)) > 1e-3;
  return (
    turns &&
    side.side.kind !== 'building' &&
    before.side.kind !== 'building' &&
    after.side.kind !== 'building'
  );
}

/** A rectangle square to the axes, m. */
export interface Box {
  readonly left: number;
  readonly right: number;
  readonly low: number;
  readonly high: number;
}
