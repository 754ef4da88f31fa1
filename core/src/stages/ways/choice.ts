import * as z from 'zod/mini';
import { id, length, meaning } from '../../schema/common';

export const make = z.enum(['kit', 'built']);

export const gate = z.strictObject({
  id,
  kind: z.literal('gate'),
  side: id,
  along: length(0, 10000).apply(
    meaning('From the side’s `from` corner to the near edge of the clear opening, m.'),
  ),
  width: length(0.3, 5).apply(meaning('Clear width, m.')),
  gap: length(0, 0.2).apply(meaning('Largest gap left round the shut leaf, m.')),
  hinge: z
    ._default(z.enum(['near', 'far']), 'near')
    .apply(meaning('The edge it hangs on: near is the one nearer to the side’s `from` corner.')),
  swing: z._default(z.enum(['out', 'in']), 'out').apply(meaning('Out of the run, or into it.')),
  make: make.apply(meaning('A kit of its clear width, or built of frame timber and mesh.')),
  height: z
    ._default(z.nullable(length(0.5, 4)), null)
    .apply(
      meaning('Of the leaf, m; null for the height of the wall. Mesh of its own closes the wall above it.'),
    ),
  catches: z._default(z.enum(['one-step', 'two-step']), 'one-step').apply(meaning('At top and foot.')),
  closer: z._default(z.enum(['none', 'spring']), 'none'),
  lock: z._default(z.enum(['none', 'padlock']), 'none'),
  sill: z
    ._default(z.enum(['board', 'none']), 'board')
    .apply(meaning('Between the gate posts, under the leaf.')),
});
export const popDoor = z.strictObject({
  id,
  kind: z.literal('pop-door'),
  side: id,
  along: length(0, 10000).apply(meaning('From the side’s `from` corner to the near edge of the door, m.')),
  width: length(0.15, 1.5).apply(meaning('Clear width, m.')),
  height: length(0.15, 1.5).apply(
    meaning('Clear height above the ground, m; mesh closes the wall above it.'),
  ),
  make: z._default(make, 'kit'),
});
export const hatch = z.strictObject({
  id,
  kind: z.literal('hatch'),
  use: z.enum(['eggs', 'cleaning']),
  side: id,
  along: length(0, 10000).apply(meaning('From the side’s `from` corner to the near edge of the flap, m.')),
  width: length(0.15, 1.5).apply(meaning('Clear width, m.')),
  height: length(0.1, 1.5).apply(meaning('Clear height, m.')),
  bottom: length(0, 3).apply(meaning('Of the clear opening, above the ground, m.')),
  make: z._default(make, 'kit'),
});
export const opening = z.discriminatedUnion('kind', [gate, popDoor, hatch]);

/** What a plan says of its ways in. */
export const PLAN = { openings: z.array(opening).check(z.maxLength(400)) };
