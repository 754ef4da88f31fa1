import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { OVER, TENT } from './fields';
import { PITCHED, kind, look } from './kind';
import { NO_CARRIERS, PLAIN } from './makeup';

/** A net from edge to edge, on props like a tent or slack between its wires. */
export const net = kind(
  z.strictObject({
    kind: z.literal('net'),
    ...OVER,
    mesh: id,
    ...TENT,
    sag: z._default(length(0.02, 2), 0.3).apply(meaning('How far it hangs through between supports, m.')),
    edge: z
      ._default(z.enum(['wire', 'none']), 'wire')
      .apply(meaning('Tied to a straining wire round the top, or to the posts and walls alone.')),
    stays: z
      ._default(z.enum(['stayed', 'none']), 'none')
      .apply(meaning('Whether the posts on its edge are stayed against its pull.')),
    hung: z
      ._default(z.enum(['always', 'summer']), 'always')
      .apply(meaning('Up all year, or dropped before the first snow.')),
  }),
  {
    title: 'Cover net',
    note: 'light and quick; against birds of prey, not climbers',
    called: 'the net',
    named: 'net',
    laid: 'net',
    of: ['net'],
    sheds: false,
    load: 'cover',
    measures: [
      ...PITCHED,
      { field: 'tent', name: 'Height of the props', kind: 'length' },
      { field: 'sag', name: 'Sag', kind: 'length' },
    ],
    members: ['prop'],
    timbers: ['prop'],
    asks: ['stays', 'edge', 'hung', 'lies'],
    look: look('moss', '1.5 3', 0.03),
    pulls: true,
    closes: true,
    catches: true,
    usual: (over) =>
      ({
        kind: 'net',
        ...over,
        rise: 0,
        falls: 0,
        lies: 'level',
        mesh: 'net-50',
        tent: over.height < 2.6 ? 3 : null,
        prop: 'joist-75x75',
        props: null,
        sag: 0.3,
        edge: 'wire',
        stays: 'none',
        hung: 'summer',
      }) as const,
    // It bears the winter then, on posts that are stayed.
    housed: (cover) => ({ ...cover, hung: 'always', stays: 'stayed' }) as const,
    made: ({ mesh, tent, prop, props, sag, edge, stays, hung }) => ({
      ...PLAIN,
      mesh,
      carriers: { ...NO_CARRIERS, prop: { field: 'prop', timber: prop } },
      propHeight: tent,
      stands: { field: 'props', own: props },
      dropped: hung === 'summer',
      drop: { hung: 'summer' },
      stayed: stays === 'stayed',
      wired: edge === 'wire',
      sag,
      laid: 'net',
      how: { tent, sag, prop },
    }),
  },
);
