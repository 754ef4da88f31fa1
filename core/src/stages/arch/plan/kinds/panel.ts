import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { roundUp } from '../../../../units/round';
import { ARCH, USUAL } from './fields';
import { kind } from './kind';

/** Rigid stock panels bent between boards, side by side. */
export const panel = kind(
  z.strictObject({
    kind: z.literal('panel'),
    ...ARCH,
    panel: z._default(id, 'panel-stock').apply(meaning('The rigid panel that is bent.')),
    bent: z
      ._default(z.nullable(length(0.5, 12)), null)
      .apply(meaning('How long a panel is cut before it is bent, m; null as it is sold.')),
    join: z
      ._default(z.enum(['knitted', 'lapped']), 'knitted')
      .apply(meaning('Panels knitted edge to edge, or lapped.')),
    joinLap: z._default(length(0, 0.6), 0.1).apply(meaning('Of panel over panel where they are lapped, m.')),
    close: z
      ._default(z.enum(['ends', 'one way']), 'ends')
      .apply(meaning('Where the close wires of a graded panel lie: at the open ends, or all the same way.')),
    endWalls: z
      ._default(z.enum(['mesh', 'panel']), 'mesh')
      .apply(meaning('Ends of mesh alone, or of panels cut to the base with mesh over them.')),
  }),
  {
    title: 'Rigid panels',
    note: 'stock panels bent between boards; stands up by itself',
    bends: ['panel', 'panels'],
    bent: (arch, made) => arch.bent ?? Math.max(...made.mesh(arch.panel).lengths),
    ribs: ({ panel: of, join, joinLap }, made, wanted) => {
      const width = Math.max(...made.mesh(of).widths);
      const lap = join === 'lapped' ? Math.min(joinLap, width / 2) : 0;
      const count = Math.max(1, roundUp((wanted - lap) / (width - lap)));
      return { count, module: width - lap, built: count * width - (count - 1) * lap };
    },
    springs: true,
    made: ({ panel: mesh, endWalls }) => ({ panels: { mesh, ends: endWalls === 'panel' }, pipe: null }),
    asks: ['join', 'close', 'endWalls'],
    offCuts: true,
    measures: [{ field: 'bent', name: 'Panels cut to', set: 'or none' }],
    hours: 'hoursArchPanel',
    usualBase: 2.4,
    usualLength: 3.81,
    usual: (over) =>
      ({
        kind: 'panel',
        ...over,
        ...USUAL,
        panel: 'panel-stock',
        bent: null,
        join: 'knitted',
        joinLap: 0.1,
        close: 'ends',
        endWalls: 'mesh',
      }) as const,
  },
);
