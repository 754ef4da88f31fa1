import { apply } from '../plan/changes';
import { PLAIN_GATE } from '../stages/ways/plan/kinds/gate';
import { emptyPlan } from '../starts/newPlan';
import type { Choices, Flock, Plan, Side } from '../plan/schema';

export interface RunOptions {
  /** Along the house, m. */
  readonly width?: number;
  /** Away from the house, m. */
  readonly depth?: number;
  /** The house takes the whole near side, or there is none. */
  readonly house?: 'whole-side' | 'none';
  /** Clear width in the middle of the far side, m; 0 for no gate. */
  readonly gate?: number;
  readonly choices?: Partial<Choices>;
  readonly threats?: Plan['threats'];
  readonly flock?: readonly Flock[];
}

/** One band 1.8 high of 50 × 50, an apron of 0.45: the plainest fence. */
export const PLAIN: Partial<Choices> = {
  bands: [{ id: 'wall', mesh: 'welded-50', top: 1.8, widths: 'cheapest' }],
  skirt: { kind: 'apron', mesh: 'welded-75x50', width: 0.45, lapUp: 0.1 },
};

/** An L of 59.9 m² round what stands in its far corner. */
export const L_SHAPE: readonly (readonly [number, number])[] = [
  [0, 0],
  [9, 0],
  [9, 4.5],
  [5.4, 4.5],
  [5.4, 8.1],
  [0, 8.1],
];

/** A rectangular run of 6.0 × 3.6 with a gate of 0.95 in the middle of the far side, unless said otherwise. */
export function aRun(options: RunOptions = {}): Plan {
  const {
    width = 3.6,
    depth = 6,
    house = 'whole-side',
    gate = 0.95,
    choices = {},
    threats = {},
    flock = [],
  } = options;
  const empty = emptyPlan('test-run', 'Test run', 'metric');
  const base: Plan = {
    ...empty,
    threats,
    flock: [...flock],
    choices: { ...empty.choices, plan: { ...empty.choices.plan, ...PLAIN, ...choices } },
  };
  const laid = apply(base, {
    verb: 'lay-out',
    run: { left: 0, right: depth, low: 0, high: width },
    house: house === 'none' ? null : { left: -1.8, right: 0, low: 0, high: width },
  });
  if (gate === 0) return laid;
  return apply(laid, {
    verb: 'add-opening',
    opening: {
      ...PLAIN_GATE,
      id: 'g1',
      side: 's2',
      along: (width - gate) / 2,
      width: gate,
    },
  });
}

/** A freestanding outline through the given corners; every side fenced unless `kinds` says otherwise. */
export function anOutline(
  points: readonly (readonly [x: number, y: number])[],
  choices: Partial<Choices> = {},
  kinds: Readonly<Record<number, 'open' | 'wall'>> = {},
): Plan {
  const base = aRun({ house: 'none', gate: 0, choices });
  const corners = points.map(([x, y], i) => ({ id: `p${i}`, x, y }));
  const sides = corners.map((c, i): Side => ({
    id: `e${i}`,
    from: c.id,
    to: `p${(i + 1) % points.length}`,
    kind: kinds[i] ?? 'fence',
  }));
  return {
    ...base,
    corners,
    sides,
    enclosures: [{ id: 'run', name: 'Run', ring: sides.map((s) => ({ side: s.id, forward: true })) }],
  };
}

/** A regular outline of `n` sides, for the bench and for properties. */
export function aPolygon(n: number, side: number, choices: Partial<Choices> = {}): Plan {
  const radius = side / 2 / Math.sin(Math.PI / n);
  const points = Array.from({ length: n }, (_, i) => {
    const a = (2 * Math.PI * i) / n;
    return [radius * Math.cos(a), radius * Math.sin(a)] as const;
  });
  return anOutline(points, choices);
}

/** The same plan on a plane: heights at its corners, rising `gx` a metre to the right and `gy` a metre up the sheet. */
export function onSlope(plan: Plan, gx: number, gy: number): Plan {
  const spotHeights = plan.corners.map(({ x, y }, i) => ({
    id: `z${i}`,
    at: { x, y },
    height: gx * x + gy * y,
  }));
  return { ...plan, ground: { ...plan.ground, spotHeights } };
}
