import * as posts from '../../stages/posts/choice';
import * as z from 'zod/mini';
import * as skirt from '../../stages/skirt/choice';
import { id, length, meaning } from './common';

export const band = z.strictObject({
  id,
  mesh: id,
  top: length(0.1, 6).apply(meaning('Height above the ground that the band is meant to reach, m.')),
  widths: z
    .union([z.literal('cheapest'), z.array(length(0.05, 6)).check(z.minLength(1), z.maxLength(3))])
    .apply(
      meaning('Roll widths stacked for this band, m, from the ground up; or the cheapest set at the yard.'),
    ),
  bottom: z
    .optional(z.nullable(length(0, 6)))
    .apply(
      meaning('Where it starts, m; left out or null, it laps the band below it, or stands on the ground.'),
    ),
});

export const chosen = {
  ...posts.CHOICES,
  bands: z.array(band).check(z.minLength(1), z.maxLength(12)),
  hanging: z.enum(['continuous', 'side-by-side']),
  skirt: skirt.schema,
};
export const slope = z.strictObject({
  hang: z
    .enum(['by-mesh', 'follow', 'step'])
    .apply(
      meaning(
        'Whether mesh follows the ground or steps down it bay by bay; by-mesh goes by the grade its kind takes.',
      ),
    ),
  foot: z
    .enum(['mesh', 'gap'])
    .apply(
      meaning(
        'At the low post of a stepped bay: mesh down to the ground, or a gap that is closed otherwise.',
      ),
    ),
});
export const board = z.nullable(id);
export const boards = z
  .strictObject({ ground: board, top: board })
  .apply(meaning('A board or rail along the foot and the top of the wall, one piece a bay; null for none.'));
export const overhang = length(0, 1).apply(
  meaning('Mesh folded outward at the top of the wall, m; 0 for none.'),
);
export const choices = z.strictObject({
  ...chosen,
  boards: z._default(boards, { ground: null, top: null }),
  overhang: z._default(overhang, 0),
  slope: z._default(slope, { hang: 'by-mesh', foot: 'mesh' }),
  ...posts.FILLED,
});
/** Choices made again for an enclosure or a side: only what differs, nothing filled in. */
export const someChoices = z.partial(z.strictObject({ ...chosen, boards, overhang, slope, ...posts.APART }));
