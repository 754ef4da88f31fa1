import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { lapUp, mesh } from './fields';
import { NO_SHAPE, STRAIGHT_TRENCH, kind, less } from './kind';

/** What a trench is wider than a toe, m: 0.35 for a toe of 0.30. */
const BESIDE_TOE = 0.05;

export const buried = kind(
  z.strictObject({ kind: z.literal('buried'), mesh, depth: length(0.1, 1.5), lapUp }),
  {
    title: 'Buried straight',
    note: 'a trench all round; where mowing comes close',
    say: ({ depth }, r, name) => `Bury a skirt ${r.length(depth)} deep of ${name}`,
    look: 'buried',
    loose: false,
    withStones: null,
    measures: [
      { field: 'depth', name: 'Depth', stops: 'deep' },
      { field: 'lapUp', name: 'Lap up the wall' },
    ],
    shape: ({ mesh: of, depth, lapUp: up }) => ({
      ...NO_SHAPE,
      mesh: of,
      up,
      depth,
      path: [
        [0, 0],
        [0, depth],
      ],
      laid: 'buried',
      trench: { width: STRAIGHT_TRENCH, depth, lean: 0 },
    }),
    instead: (kept, wanted) => ({
      kind: 'buried' as const,
      mesh: kept.mesh,
      depth: wanted.deep,
      lapUp: kept.lapUp,
    }),
    enough: (skirt, { deep }) => ({ ...skirt, depth: Math.max(skirt.depth, deep) }),
    narrower: (skirt, by) => {
      const depth = less(skirt.depth, by);
      return depth === null ? null : { ...skirt, depth };
    },
  },
);

export const toe = kind(
  z
    .strictObject({ kind: z.literal('toe'), mesh, depth: length(0.1, 1.5), out: length(0.05, 1.5), lapUp })
    .apply(meaning('Down to `depth`, then `out` away from the run.')),
  {
    title: 'Buried with a toe',
    note: 'down and then out; against mink, rat and badger',
    say: ({ depth, out }, r, name) =>
      `Bury a skirt ${r.length(depth)} deep with a toe of ${r.length(out)}, of ${name}`,
    look: 'toe',
    loose: false,
    withStones: null,
    measures: [
      { field: 'depth', name: 'Depth' },
      { field: 'out', name: 'Toe, outward' },
      { field: 'lapUp', name: 'Lap up the wall' },
    ],
    shape: ({ mesh: of, depth, out, lapUp: up }) => ({
      ...NO_SHAPE,
      mesh: of,
      up,
      depth,
      out,
      path: [
        [0, 0],
        [0, depth],
        [out, depth],
      ],
      laid: 'buried',
      turns: out,
      trench: { width: Math.max(STRAIGHT_TRENCH, out + BESIDE_TOE), depth, lean: 0 },
    }),
    instead: (kept, wanted) => ({ kind: 'toe' as const, mesh: kept.mesh, ...wanted.toe, lapUp: kept.lapUp }),
    enough: (skirt, { toe: { depth, out } }) => ({
      ...skirt,
      depth: Math.max(skirt.depth, depth),
      out: Math.max(skirt.out, out),
    }),
    narrower: (skirt, by) => {
      const depth = less(skirt.depth, by);
      return depth === null ? null : { ...skirt, depth };
    },
  },
);
