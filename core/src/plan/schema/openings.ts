import { z } from 'zod';
import { id, length } from './common';

export const make = z.enum(['kit', 'built']);

export const gate = z.strictObject({
  id,
  kind: z.literal('gate'),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the clear opening, m.'),
  width: length(0.3, 5).describe('Clear width, m.'),
  gap: length(0, 0.2).describe('Largest gap left round the shut leaf, m.'),
  hinge: z
    .enum(['near', 'far'])
    .default('near')
    .describe('The edge it hangs on: near is the one nearer to the side’s `from` corner.'),
  swing: z.enum(['out', 'in']).default('out').describe('Out of the run, or into it.'),
  make: make.describe('A kit of its clear width, or built of frame timber and mesh.'),
  height: length(0.5, 4)
    .nullable()
    .default(null)
    .describe('Of the leaf, m; null for the height of the wall. Mesh of its own closes the wall above it.'),
  catches: z.enum(['one-step', 'two-step']).default('one-step').describe('At top and foot.'),
  closer: z.enum(['none', 'spring']).default('none'),
  lock: z.enum(['none', 'padlock']).default('none'),
  sill: z.enum(['board', 'none']).default('board').describe('Between the gate posts, under the leaf.'),
});
export const pin = z.strictObject({
  id,
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner, m.'),
  post: z
    .discriminatedUnion('kind', [
      z.strictObject({ kind: z.literal('new') }).describe('Bought and set here.'),
      z
        .strictObject({ kind: z.literal('standing'), above: length(0.1, 10) })
        .describe('A sound post that is here already, `above` m out of the ground.'),
    ])
    .default({ kind: 'new' }),
});
export const popDoor = z.strictObject({
  id,
  kind: z.literal('pop-door'),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the door, m.'),
  width: length(0.15, 1.5).describe('Clear width, m.'),
  height: length(0.15, 1.5).describe('Clear height above the ground, m; mesh closes the wall above it.'),
  make: make.default('kit'),
});
export const hatch = z.strictObject({
  id,
  kind: z.literal('hatch'),
  use: z.enum(['eggs', 'cleaning']),
  side: id,
  along: length(0, 10000).describe('From the side’s `from` corner to the near edge of the flap, m.'),
  width: length(0.15, 1.5).describe('Clear width, m.'),
  height: length(0.1, 1.5).describe('Clear height, m.'),
  bottom: length(0, 3).describe('Of the clear opening, above the ground, m.'),
  make: make.default('kit'),
});
export const opening = z.discriminatedUnion('kind', [gate, popDoor, hatch]);
