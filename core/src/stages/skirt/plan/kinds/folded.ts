import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { mesh } from './fields';
import { NO_SHAPE, kind, less } from './kind';

/** Half up the wall, half out, m. */
const USUAL = 0.5;

export const folded = kind(
  z
    .strictObject({ kind: z.literal('folded'), mesh, up: length(0.1, 1.5), out: length(0.1, 1.5) })
    .apply(meaning('One strip, part of it up the wall and the rest flat outside.')),
  {
    title: 'Folded',
    note: 'one strip, half up the wall, half out',
    say: ({ up, out }, r, name) => `Fold a skirt ${r.length(up)} up and ${r.length(out)} out, of ${name}`,
    look: 'apron',
    loose: false,
    withStones: null,
    measures: [
      { field: 'up', name: 'Up the wall' },
      { field: 'out', name: 'Out on the ground', stops: 'flat' },
    ],
    shape: ({ mesh: of, up, out }) => ({
      ...NO_SHAPE,
      mesh: of,
      up,
      out,
      path: [
        [0, 0],
        [out, 0],
      ],
      laid: 'flat',
      turns: out,
      stapled: true,
    }),
    instead: (kept, wanted) => ({
      kind: 'folded' as const,
      mesh: kept.mesh,
      up: USUAL,
      out: Math.max(USUAL, wanted.flat),
    }),
    enough: (skirt, { flat }) => ({ ...skirt, out: Math.max(skirt.out, flat) }),
    narrower: (skirt, by) => {
      const up = less(skirt.up, by);
      return up === null ? null : { ...skirt, up };
    },
  },
);
