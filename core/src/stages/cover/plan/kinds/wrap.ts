import * as z from 'zod/mini';
import { dayOfYear, id, length, meaning, name } from '../../../../schema/common';
import { asItIs, kind } from './kind';
import { PLAIN } from './makeup';

/** Clear film on the walls in winter. */
export const wrap = kind(
  z.strictObject({
    kind: z.literal('wrap'),
    id,
    name,
    enclosure: id,
    mesh: id,
    sides: z
      ._default(z.nullable(z.array(id).check(z.maxLength(400))), null)
      .apply(meaning('Sides that are wrapped; null for every fenced one.')),
    gap: z
      ._default(length(0, 2), 0.15)
      .apply(meaning('Left open under the top of the wall, so that damp goes out, m.')),
    batten: id,
    stays: z
      ._default(z.enum(['stayed', 'none']), 'none')
      .apply(meaning('Whether its posts are stayed against the wind on it.')),
    on: z._default(dayOfYear, '10-15').apply(meaning('Put up before the frosts.')),
    off: z._default(dayOfYear, '04-15').apply(meaning('Taken off in spring, before it overheats.')),
  }),
  {
    title: 'Winter wrap on the walls',
    note: 'clear film under battens; off in spring',
    called: 'the wrap',
    named: 'winter wrap',
    laid: 'walls',
    of: ['film', 'tarp'],
    sheds: false,
    load: null,
    measures: [{ field: 'gap', name: 'Open under the top', kind: 'length' }],
    members: [],
    timbers: ['batten'],
    asks: ['stays'],
    look: {
      screen: { fill: 'none', stroke: 'live', width: 2.4, dash: '2 3' },
      paper: { fill: 'none', stroke: 'live', width: 0.5, dash: '0.6 0.8' },
      file: ['COVER', 'CYAN', 'DASHED'],
    },
    pulls: true,
    closes: false,
    catches: false,
    usual: ({ id: own, name: called, enclosure }) =>
      ({
        kind: 'wrap',
        id: own,
        name: called,
        enclosure,
        mesh: 'film',
        sides: null,
        gap: 0.15,
        batten: 'batten-38x19',
        stays: 'stayed',
        on: '10-15',
        off: '04-15',
      }) as const,
    housed: asItIs,
    made: ({ mesh, gap, sides, batten, stays, on, off }) => ({
      ...PLAIN,
      mesh,
      stayed: stays === 'stayed',
      laid: 'walls',
      how: { gap, sides, batten, on, off },
    }),
  },
);
