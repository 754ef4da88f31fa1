import * as z from 'zod/mini';
import { length, meaning } from '../../../../schema/common';
import { mass } from './fields';
import { NO_SHAPE, kind } from './kind';

export const stone = kind(
  z
    .strictObject({ kind: z.literal('stone'), ...mass })
    .apply(meaning('A border of stones or pavers at the foot.')),
  {
    title: 'Stone border',
    note: 'against light diggers; keeps grass off',
    say: ({ width }, r) => `Lay stones ${r.length(width)} wide`,
    look: 'stones',
    loose: true,
    withStones: null,
    measures: [
      { field: 'width', name: 'Width' },
      { field: 'height', name: 'Height' },
    ],
    shape: ({ width, height }) => ({
      ...NO_SHAPE,
      mesh: null,
      out: width,
      laid: 'filled',
      fill: { pack: 'stone', width, height, above: height },
    }),
    instead: () => ({ kind: 'stone' as const, width: 0.3, height: 0.2 }),
    enough: () => null,
    narrower: () => null,
  },
);

export const concrete = kind(
  z
    .strictObject({ kind: z.literal('concrete'), width: length(0.05, 1), depth: length(0.05, 1.5) })
    .apply(meaning('A strip of concrete in the ground under the fence.')),
  {
    title: 'Concrete strip',
    note: 'holds to its depth; heavy work',
    say: ({ depth }, r) => `Pour concrete ${r.length(depth)} deep`,
    look: 'concrete',
    loose: false,
    withStones: null,
    measures: [
      { field: 'width', name: 'Width' },
      { field: 'depth', name: 'Depth', stops: 'deep' },
    ],
    shape: ({ width, depth }) => ({
      ...NO_SHAPE,
      mesh: null,
      depth,
      laid: 'filled',
      trench: { width, depth, lean: 0 },
      fill: { pack: 'concrete', width, height: depth, above: 0 },
    }),
    instead: () => ({ kind: 'concrete' as const, width: 0.15, depth: 0.3 }),
    enough: (skirt, { deep }) => ({ ...skirt, depth: Math.max(skirt.depth, deep) }),
    narrower: () => null,
  },
);
