import * as z from 'zod/mini';
import { id, meaning } from '../../../../schema/common';
import { OVER } from './fields';
import { PITCHED, asItIs, kind, look } from './kind';
import { PLAIN } from './makeup';

/** From each anchor to its corner of the cloth, by a tensioner, m (rules: Cover). */
const ANCHOR = 0.3;

/** A fitted cloth between three or four anchors, for shade: taken in before winter. */
export const sail = kind(
  z.strictObject({
    kind: z.literal('sail'),
    ...OVER,
    mesh: id,
    stays: z
      ._default(z.enum(['stayed', 'none']), 'stayed')
      .apply(meaning('Whether the posts that it hangs from are stayed against the pull of a gust.')),
  }),
  {
    title: 'Shade sail',
    note: 'a cloth between anchors; shade, no shelter from above',
    called: 'the sail',
    named: 'sail',
    laid: 'corners',
    of: ['tarp'],
    sheds: false,
    load: 'cover',
    measures: PITCHED,
    members: [],
    timbers: [],
    asks: ['stays', 'lies'],
    look: look('live', '2 2', 0.1),
    pulls: true,
    closes: false,
    catches: false,
    usual: (over) =>
      ({
        kind: 'sail',
        ...over,
        rise: 0.4,
        falls: -Math.PI / 2,
        lies: 'level',
        mesh: 'shade-cloth',
        stays: 'stayed',
      }) as const,
    housed: asItIs,
    made: ({ mesh, stays }) => ({
      ...PLAIN,
      mesh,
      // It never bears snow.
      dropped: true,
      stayed: stays === 'stayed',
      laid: 'corners',
      how: { anchor: ANCHOR },
    }),
  },
);
