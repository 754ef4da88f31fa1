import * as z from 'zod/mini';
import { id, length, meaning } from '../../../schema/common';
import { CARRIED, OVER } from './fields';
import { BEAM, PITCHED, PROP, RAIL, kind, look } from './kind';

const CARRIERS = {
  rail: RAIL,
  beam: BEAM,
  prop: PROP,
  roll: null,
  way: null,
  beams: null,
  posts: null,
} as const;
const FLAT = { rise: 0, falls: 0, lies: 'level' } as const;

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
    laid: 'strips',
    of: ['strips'],
    sheds: false,
    load: 'cover',
    measures: [
      ...PITCHED,
      { field: 'lap', name: 'Lap', kind: 'length' },
      { field: 'turnDown', name: 'Turned down', kind: 'length' },
    ],
    members: ['rail', 'beam', 'prop'],
    look: look('moss', '6 3', 0.05),
    pulls: false,
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
  },
);

/** Rigid panels butted over rails. */
export const panels = kind(z.strictObject({ kind: z.literal('panels'), ...OVER, mesh: id, ...CARRIED }), {
  title: 'Rigid panels',
  note: 'a lid that bears a person’s hand; heavy',
  called: 'the panels',
  laid: 'strips',
  of: ['panels'],
  sheds: false,
  load: 'cover',
  measures: PITCHED,
  members: ['rail', 'beam', 'prop'],
  look: look('moss', '', 0.06),
  pulls: false,
  usual: (over) => ({ kind: 'panels', ...over, ...FLAT, mesh: 'panel-close', ...CARRIERS }) as const,
});
