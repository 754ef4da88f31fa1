import { type Finding, finding } from '../findings/types';
import { toPolyline } from '../ground/polyline';
import type { Ring, RingSide } from '../ground/survey';
import { terrainOf } from '../ground/terrain';
import { type Vector, dot, insideOrOn, minus, plus, times } from '../ground/vector';
import type { Assumptions } from '../plan/assumptions';
import type { Change } from '../plan/changes/types';
import type { Gate, Plan } from '../plan/schema';
import { EPSILON, tidy } from '../units/round';

/** A quarter circle that a leaf sweeps: from shut to standing square to the fence. */
export interface Swing {
  readonly hinge: Vector;
  readonly latch: Vector;
  /** Tip of the leaf standing open. */
  readonly open: Vector;
  readonly radius: number;
}

type Hung = Pick<Gate, 'along' | 'width' | 'hinge' | 'swing'>;

/** The way a gate's leaf sweeps over the ground. */
export function swingOf(side: RingSide, gate: Hung): Swing {
  const from = side.forward ? side.start : side.end;
  const way = side.forward ? side.direction : times(side.direction, -1);
  const near = plus(from, times(way, gate.along));
  const far = plus(near, times(way, gate.width));
  const [hinge, latch] = gate.hinge === 'near' ? [near, far] : [far, near];
  const open = plus(hinge, times(side.outward, gate.swing === 'out' ? gate.width : -gate.width));
  return { hinge, latch, open, radius: gate.width };
}

/** Distance from a point to the quarter disc, m; 0 inside it. */
export function toSwing(p: Vector, { hinge, latch, open, radius }: Swing): number {
  const u = times(minus(latch, hinge), 1 / radius);
  const v = times(minus(open, hinge), 1 / radius);
  const [a, b] = [dot(minus(p, hinge), u), dot(minus(p, hinge), v)];
  if (a >= 0 && b >= 0) return Math.max(0, Math.hypot(a, b) - radius);
  const clamp = (x: number) => Math.max(0, Math.min(radius, x));
  // Outside the quarter the nearest point is on one of its straight edges.
  return Math.min(Math.hypot(a - clamp(a), b), Math.hypot(a, b - clamp(b)));
}

/**
 * How much higher than its sill the ground under a leaf gets, m.
 *
 * @param enough  stop looking once it is higher than this
 */
export function riseUnder(plan: Pick<Plan, 'ground'>, swing: Swing, enough = Infinity): number {
  const terrain = terrainOf(plan.ground.spotHeights);
  if (terrain.level) return 0;
  const sill = Math.max(terrain.heightAt(swing.hinge), terrain.heightAt(swing.latch));
  const u = minus(swing.latch, swing.hinge);
  const v = minus(swing.open, swing.hinge);
  let most = 0;
  for (let i = 0; i <= SWEEP; i++) {
    const angle = (Math.PI / 2) * (i / SWEEP);
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    for (const reach of [0.5, 1]) {
      const x = swing.hinge.x + reach * (u.x * cos + v.x * sin);
      const y = swing.hinge.y + reach * (u.y * cos + v.y * sin);
      most = Math.max(most, terrain.heightAt({ x, y }) - sill);
      if (most > enough) return most;
    }
  }
  return most;
}

/** In how many steps a swing is looked along. */
const SWEEP = 9;

/** What a leaf meets, if anything. */
function meets(plan: Plan, side: RingSide, gate: Hung, clearance: number, enough = Infinity) {
  const swing = swingOf(side, gate);
  const tree = plan.ground.trees.find((t) => toSwing(t.at, swing) < t.trunk / 2 + EPSILON);
  if (tree) return { what: 'tree', name: tree.name } as const;
  const house = plan.ground.buildings.find((b) => {
    const tips = [1, 2, 3].map((i) => {
      const angle = (Math.PI / 2) * (i / 3);
      const [u, v] = [minus(swing.latch, swing.hinge), minus(swing.open, swing.hinge)];
      return plus(swing.hinge, plus(times(u, Math.cos(angle)), times(v, Math.sin(angle))));
    });
    const walls = [...b.outline, ...b.outline.slice(0, 1)];
    return tips.some((p) => insideOrOn(p, b.outline, 0) && toPolyline(p, walls) > 0.02);
  });
  if (house) return { what: 'building', name: house.name } as const;
  const rise = riseUnder(plan, swing, enough + EPSILON);
  return rise > clearance + EPSILON ? ({ what: 'ground', rise } as const) : undefined;
}

/** The nearest other way of hanging a gate, or place for it, in which its leaf meets nothing. */
function wayOut(plan: Plan, side: RingSide, gate: Gate, clearance: number): Change[] {
  const free = (to: Partial<Hung>) => !meets(plan, side, { ...gate, ...to }, clearance, clearance);
  const hung: Partial<Hung>[] = [
    { hinge: gate.hinge === 'near' ? 'far' : 'near' },
    { swing: gate.swing === 'out' ? 'in' : 'out' },
    { hinge: gate.hinge === 'near' ? 'far' : 'near', swing: gate.swing === 'out' ? 'in' : 'out' },
  ];
  const most = side.length - gate.width;
  const others = plan.openings.filter((o) => o.side === gate.side && o.id !== gate.id);
  const slid = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20]
    .flatMap((n) => [gate.along - n * 0.25, gate.along + n * 0.25])
    .filter((along) => along >= 0 && along <= most)
    .filter((along) => !others.some((o) => o.along < along + gate.width && along < o.along + o.width))
    .map((along): Partial<Hung> => ({ along: tidy(along) }));
  const mends: Change[] = [];
  for (const list of [hung, slid]) {
    const to = list.find(free);
    if (to) mends.push({ verb: 'set-opening', id: gate.id, to });
  }
  return mends;
}

/** Gates whose leaf meets a trunk, a wall or rising ground. */
export function swingFindings(plan: Plan, rings: readonly Ring[], figures: Assumptions): readonly Finding[] {
  const sides = new Map(rings.flatMap((r) => r.sides.map((s) => [s.side.id, s] as const)).reverse());
  return plan.openings.flatMap((gate): Finding[] => {
    const side = sides.get(gate.side);
    if (gate.kind !== 'gate' || !side) return [];
    const met = meets(plan, side, gate, figures.leafClearance);
    if (!met) return [];
    const part = `opening:${gate.id}`;
    const mends = wayOut(plan, side, gate, figures.leafClearance);
    return met.what === 'ground'
      ? [finding('gate.uphill', 'mend', 'ways', part, { side: side.number, rise: met.rise }, mends)]
      : [finding('gate.into', 'mend', 'ways', part, { side: side.number, name: met.name }, mends)];
  });
}
