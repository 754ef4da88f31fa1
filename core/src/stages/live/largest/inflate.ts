import type { Vector } from '../../../ground/vector';

/** A straight that the loop keeps off, m; a place where both ends are one. */
export interface Wall {
  readonly a: Vector;
  readonly b: Vector;
  readonly off: number;
}

export interface Inflated {
  /** Its corners to begin with, anticlockwise. */
  readonly start: readonly Vector[];
  readonly walls: readonly Wall[];
  /** Of each of its straights, at most, m. */
  readonly span: number;
  /** Where it is first drawn, radians; null for nowhere. */
  readonly heading: number | null;
  /** As far as it could get, m. */
  readonly reach: number;
}

/** A step outwards, m: less than what is kept off anything, so that nothing is stepped over. A loop that has further to go takes longer ones. */
const PUSH = 0.05;
const FAR = { reach: 50, most: 4 } as const;
/** Rounds in which rooms and spans are put right for each step. */
const ROUNDS = 4;
const FINISH = 400;
/** So much shorter than its nets a loop is drawn, as a share: what is left over when it comes to rest. */
const SPARE = 4e-5;
/** Of whatever may be come nearer to, so many steps are kept off while it is drawn out: a thin line is not stepped over. */
const STEPS_OFF = 5;
/** Corners that lie closer on one side than on the other slide so far along, as a share. */
const SLIDE = 0.4;

/** Its corners, moved in place. */
interface Loop {
  readonly x: Float64Array;
  readonly y: Float64Array;
  readonly n: number;
}

/**
 * A loop of straights drawn outwards while none grows longer than it is or nearer to anything than it may (position-based: every step
 * moves corners outwards, then puts spans and distances right in turn, by half at each end).
 */
export function inflate({ start, walls, span, heading, reach }: Inflated): readonly Vector[] {
  const x = Float64Array.from(start, (p) => p.x);
  const y = Float64Array.from(start, (p) => p.y);
  const loop: Loop = { x, y, n: start.length };
  const m = walls.length;
  const wall = new Float64Array(m * 5);
  walls.forEach(({ a, b, off }, i) => wall.set([a.x, a.y, b.x, b.y, off], i * 5));
  const stride = PUSH * Math.min(FAR.most, Math.max(1, reach / FAR.reach));
  const steps = Math.ceil((reach / stride) * 1.3) + 150;
  const drawn = heading === null ? 0 : Math.ceil(steps * 0.45);
  const [hx, hy] = heading === null ? [0, 0] : [Math.cos(heading) * stride, Math.sin(heading) * stride];
  const near = (push: number) =>
    walls.forEach(({ off }, i) => {
      wall[i * 5 + 4] = Math.max(off, STEPS_OFF * push);
    });
  for (let step = 0; step < steps; step++) {
    // Towards the end it is pushed less and less, and comes to rest.
    const push = stride * Math.min(1, (3 * (steps - step)) / steps);
    near(push);
    outwards(loop, push, step < drawn ? hx : 0, step < drawn ? hy : 0);
    for (let round = 0; round < ROUNDS; round++) {
      taut(loop, span * (1 - SPARE));
      clear(loop, wall, m);
    }
  }
  for (let round = 0; round < FINISH; round++) {
    taut(loop, span * (1 - SPARE));
    clear(loop, wall, m);
  }
  return Array.from(x, (at, i) => ({ x: at, y: y[i] ?? 0 }));
}

/** Every corner along the normal of the straight between its neighbours, and a little where the loop is drawn. */
function outwards({ x, y, n }: Loop, push: number, hx: number, hy: number): void {
  let px = x[n - 1] ?? 0;
  let py = y[n - 1] ?? 0;
  const firstX = x[0] ?? 0;
  const firstY = y[0] ?? 0;
  for (let i = 0; i < n; i++) {
    const cx = x[i] ?? 0;
    const cy = y[i] ?? 0;
    const nx = i + 1 < n ? (x[i + 1] ?? 0) : firstX;
    const ny = i + 1 < n ? (y[i + 1] ?? 0) : firstY;
    const dx = nx - px;
    const dy = ny - py;
    const long = Math.sqrt(dx * dx + dy * dy) || 1;
    const slide = ((((px + nx) / 2 - cx) * dx + ((py + ny) / 2 - cy) * dy) / (long * long)) * SLIDE;
    x[i] = cx + (dy / long) * push + dx * slide + hx * 0.6;
    y[i] = cy - (dx / long) * push + dy * slide + hy * 0.6;
    px = cx;
    py = cy;
  }
}

/** No straight longer than a span: both its ends half as far as it is too long. */
function taut({ x, y, n }: Loop, span: number): void {
  const most = span * span;
  for (let i = 0; i < n; i++) {
    const j = i + 1 < n ? i + 1 : 0;
    const dx = (x[j] ?? 0) - (x[i] ?? 0);
    const dy = (y[j] ?? 0) - (y[i] ?? 0);
    const square = dx * dx + dy * dy;
    if (square <= most) continue;
    const k = (0.5 * (Math.sqrt(square) - span)) / Math.sqrt(square);
    x[i] = (x[i] ?? 0) + dx * k;
    y[i] = (y[i] ?? 0) + dy * k;
    x[j] = (x[j] ?? 0) - dx * k;
    y[j] = (y[j] ?? 0) - dy * k;
  }
}

const within = (t: number): number => (t < 0 ? 0 : t > 1 ? 1 : t);

/** Every straight at least as far off every wall as that asks: its ends give way as much as each is near. */
function clear({ x, y, n }: Loop, wall: Float64Array, m: number): void {
  for (let w = 0; w < m; w++) {
    const ax = wall[w * 5] ?? 0;
    const ay = wall[w * 5 + 1] ?? 0;
    const bx = wall[w * 5 + 2] ?? 0;
    const by = wall[w * 5 + 3] ?? 0;
    const off = wall[w * 5 + 4] ?? 0;
    const left = Math.min(ax, bx) - off;
    const right = Math.max(ax, bx) + off;
    const low = Math.min(ay, by) - off;
    const high = Math.max(ay, by) + off;
    const vx = bx - ax;
    const vy = by - ay;
    const vv = vx * vx + vy * vy;
    for (let i = 0; i < n; i++) {
      const j = i + 1 < n ? i + 1 : 0;
      const px = x[i] ?? 0;
      const py = y[i] ?? 0;
      const qx = x[j] ?? 0;
      const qy = y[j] ?? 0;
      if (px < left && qx < left) continue;
      if (px > right && qx > right) continue;
      if (py < low && qy < low) continue;
      if (py > high && qy > high) continue;
      // The nearest places of the straight, at t, and of the wall, at s.
      const ux = qx - px;
      const uy = qy - py;
      const uu = ux * ux + uy * uy;
      const rx = px - ax;
      const ry = py - ay;
      const uv = ux * vx + uy * vy;
      const ur = ux * rx + uy * ry;
      const vr = vx * rx + vy * ry;
      const det = uu * vv - uv * uv;
      let t = det > 1e-12 ? within((uv * vr - vv * ur) / det) : 0;
      let s = vv > 0 ? within((uv * t + vr) / vv) : 0;
      t = uu > 0 ? within((uv * s - ur) / uu) : 0;
      s = vv > 0 ? within((uv * t + vr) / vv) : 0;
      const dx = px + ux * t - ax - vx * s;
      const dy = py + uy * t - ay - vy * s;
      const apart = Math.sqrt(dx * dx + dy * dy);
      if (apart >= off || apart < 1e-9) continue;
      const share = (1 - t) * (1 - t) + t * t;
      const k = (off - apart) / apart / share;
      x[i] = px + dx * k * (1 - t);
      y[i] = py + dy * k * (1 - t);
      x[j] = qx + dx * k * t;
      y[j] = qy + dy * k * t;
    }
  }
}
