import type { RingSide } from '../../ground/survey';
import type { Terrain } from '../../ground/level';
import { type Vector, dot, minus, plus, times } from '../../ground/vector';
import type { Having } from './plan/kinds';

/** In how many steps a swing is looked along. */
const SWEEP = 9;

/** A quarter circle that a leaf sweeps: from shut to standing square to the fence. */
export interface Swing {
  readonly hinge: Vector;
  readonly latch: Vector;
  /** Tip of the leaf standing open. */
  readonly open: Vector;
  readonly radius: number;
}

/** How and where a gate hangs. */
export type Hung = Pick<Having<'swing'>, 'along' | 'width' | 'hinge' | 'swing'>;

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
export function riseUnder(terrain: Terrain, swing: Swing, enough = Infinity): number {
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
