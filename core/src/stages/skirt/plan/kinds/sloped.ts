import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { lapUp, mesh } from './fields';
import { NO_SHAPE, STRAIGHT_TRENCH, kind } from './kind';

/** How far out it reaches unless the keeper says otherwise, m. */
const USUAL_OUT = 0.2;
/** Shallower than this is no slope, m. */
const LEAST_DEPTH = 0.1;

export const sloped = kind(
  z
    .strictObject({ kind: z.literal('sloped'), mesh, depth: length(0.1, 1.5), out: length(0.05, 1.5), lapUp })
    .apply(meaning('One straight length of mesh down to `depth` and `out` away from the run.')),
  {
    title: 'Sloped burial',
    note: 'one straight run of mesh, down and out; a wedge-shaped trench',
    say: ({ depth, out }, r, name) =>
      `Bury a skirt on a slope, ${r.length(depth)} deep and ${r.length(out)} out, of ${name}`,
    look: 'toe',
    loose: false,
    withStones: null,
    measures: [
      { field: 'depth', name: 'Depth', stops: 'deep' },
      { field: 'out', name: 'Out at its foot' },
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
        [out, depth],
      ],
      laid: 'buried',
      turns: out,
      // Its near side leans with the mesh, its far side is upright.
      trench: { width: STRAIGHT_TRENCH + out / 2, depth, lean: out },
    }),
    instead: (kept, wanted) => ({
      kind: 'sloped' as const,
      mesh: kept.mesh,
      depth: wanted.deep,
      out: USUAL_OUT,
      lapUp: kept.lapUp,
    }),
    enough: (skirt, { deep }) => ({ ...skirt, depth: Math.max(skirt.depth, deep) }),
    narrower: (skirt, by) => {
      const strip = Math.hypot(skirt.depth, skirt.out) - by;
      if (strip < Math.hypot(LEAST_DEPTH, skirt.out)) return null;
      return { ...skirt, depth: Math.sqrt(strip ** 2 - skirt.out ** 2) };
    },
  },
);
