import * as z from 'zod/mini';
import { coordinate, id, meaning, name, point } from '../../../schema/common';
import { standing } from './standing';

export const corner = z.strictObject({ id, x: coordinate, y: coordinate });
const sideEnds = { id, from: id, to: id };
export const side = z.discriminatedUnion('kind', [
  z.strictObject({
    ...sideEnds,
    kind: z.literal('fence'),
    standing: z.optional(standing),
    replaces: z
      .optional(standing)
      .apply(meaning('A fence that stood here and is taken down once the new one is closed.')),
  }),
  z
    .strictObject({ ...sideEnds, kind: z.literal('wall') })
    .apply(meaning('An existing wall that needs no fence.')),
  z.strictObject({ ...sideEnds, kind: z.literal('open') }),
  z
    .strictObject({ ...sideEnds, kind: z.literal('arch-foot') })
    .apply(meaning('A foot of an arch, along its length.')),
  z.strictObject({ ...sideEnds, kind: z.literal('arch-end') }).apply(meaning('An end wall of an arch.')),
  z.strictObject({ ...sideEnds, kind: z.literal('building'), building: id }),
]);

export const enclosure = z.strictObject({
  id,
  name,
  ring: z.array(z.strictObject({ side: id, forward: z.boolean() })).check(z.minLength(3), z.maxLength(400)),
});

/** A fence that is taken down, with nothing in its place. */
const takenDown = z.strictObject({ id, from: point, to: point, standing });
export type TakenDown = z.infer<typeof takenDown>;

/** What a plan says of its outline: a graph, so that a side of two enclosures exists once. */
export const PLAN = {
  corners: z.array(corner).check(z.maxLength(400)),
  sides: z.array(side).check(z.maxLength(600)),
  enclosures: z.array(enclosure).check(z.maxLength(50)),
  takenDown: z
    .optional(z.array(takenDown).check(z.maxLength(100)))
    .apply(meaning('Fences that come down with nothing in their place, as between two runs made one.')),
};
