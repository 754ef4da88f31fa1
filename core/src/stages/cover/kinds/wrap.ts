import * as z from 'zod/mini';
import { dayOfYear, id, length, meaning, name } from '../../../schema/common';
import { kind } from './kind';

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
    laid: 'walls',
    of: ['film', 'tarp'],
    sheds: false,
    load: null,
    measures: [{ field: 'gap', name: 'Open under the top', kind: 'length' }],
    members: [],
    look: {
      screen: { fill: 'none', stroke: 'live', width: 2.4, dash: '2 3' },
      paper: { fill: 'none', stroke: 'live', width: 0.5, dash: '0.6 0.8' },
      file: ['COVER', 'CYAN', 'DASHED'],
    },
    pulls: true,
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
  },
);
