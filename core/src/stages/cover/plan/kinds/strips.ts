import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { CARRIED, OVER, type Support } from './fields';
import { BEAM, PITCHED, PROP, RAIL, asItIs, kind, look } from './kind';
import { PLAIN } from './makeup';

const CARRIERS = {
  rail: RAIL,
  beam: BEAM,
  prop: PROP,
  roll: null,
  way: null,
  beams: null,
  posts: null,
} as const;
const MEMBERS = ['rail', 'beam', 'prop'] as const;
const FLAT = { rise: 0, falls: 0, lies: 'level' } as const;

/** Of a strip that is jointed along its length, m. */
const SPLICE = 0.15;

/** What strips and panels have alike. */
const carried = ({
  mesh,
  rail,
  beam,
  prop,
  posts,
}: Readonly<Record<'mesh' | 'rail' | 'beam' | 'prop', string>> & {
  readonly posts: readonly Support[] | null;
}) =>
  ({
    ...PLAIN,
    mesh,
    carriers: {
      rail: { field: 'rail', timber: rail },
      edge: { field: 'rail', timber: rail },
      beam: { field: 'beam', timber: beam },
      prop: { field: 'prop', timber: prop },
    },
    stands: { field: 'posts', own: posts },
    laid: 'strips',
  }) as const;

/** Mesh laid across in strips that lap over rails. */
export const strips = kind(
  z.strictObject({
    kind: z.literal('strips'),
    ...OVER,
    mesh: id,
    lap: z._default(length(0, 3), 0.15).apply(meaning('Of strip over strip, m.')),
    turnDown: z._default(length(0, 1), 0.1).apply(meaning('At each end of a strip, m.')),
    ...CARRIED,
  }),
  {
    title: 'Mesh strips',
    note: 'laid across, lapped over rails; keeps climbers out',
    called: 'the mesh',
    named: 'mesh lid',
    laid: 'strips',
    of: ['strips'],
    sheds: false,
    load: 'cover',
    measures: [
      ...PITCHED,
      { field: 'lap', name: 'Lap', kind: 'length' },
      { field: 'turnDown', name: 'Turned down', kind: 'length' },
    ],
    members: MEMBERS,
    timbers: MEMBERS,
    asks: ['lies'],
    look: look('moss', '6 3', 0.05),
    pulls: false,
    closes: true,
    catches: false,
    usual: (over) =>
      ({
        kind: 'strips',
        ...over,
        ...FLAT,
        mesh: 'welded-25',
        lap: 0.15,
        turnDown: 0.1,
        ...CARRIERS,
      }) as const,
    housed: asItIs,
    made: ({ lap, turnDown, way, roll, beams, ...cover }) => ({
      ...carried(cover),
      how: { lap, turnDown, jointLap: SPLICE, ringed: true, way, roll, beams },
    }),
  },
);

/** Rigid panels butted over rails. */
export const panels = kind(z.strictObject({ kind: z.literal('panels'), ...OVER, mesh: id, ...CARRIED }), {
  title: 'Rigid panels',
  note: 'a lid that bears a person’s hand; heavy',
  called: 'the panels',
  named: 'panel lid',
  laid: 'strips',
  of: ['panels'],
  sheds: false,
  load: 'cover',
  measures: PITCHED,
  members: MEMBERS,
  timbers: MEMBERS,
  asks: ['lies'],
  look: look('moss', '', 0.06),
  pulls: false,
  closes: true,
  catches: false,
  usual: (over) => ({ kind: 'panels', ...over, ...FLAT, mesh: 'panel-close', ...CARRIERS }) as const,
  housed: asItIs,
  // Panels butt: nothing of one is jointed or ringed to the next.
  made: ({ way, roll, beams, ...cover }) => ({
    ...carried(cover),
    how: { lap: 0, turnDown: 0, jointLap: 0, ringed: false, way, roll, beams },
  }),
});
