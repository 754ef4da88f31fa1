import * as z from 'zod/mini';
import { id, length, meaning } from '../../../../schema/common';
import { CARRIED, OVER, beneath, runOff } from './fields';
import { BEAM, PITCHED, RAIL, asItIs, kind, look } from './kind';
import { NO_CARRIERS, PLAIN } from './makeup';

/** Corrugated sheets down the fall, on purlins over rafters. */
export const sheet = kind(
  z.strictObject({
    kind: z.literal('sheet'),
    ...OVER,
    mesh: id,
    purlin: id,
    rafter: id,
    runOff,
    beneath,
  }),
  {
    title: 'Solid sheet',
    note: 'rain and shade; snow stays on it, wind lifts it',
    called: 'the sheets',
    named: 'sheet roof',
    laid: 'sheets',
    of: ['sheet'],
    sheds: true,
    load: 'roof',
    measures: PITCHED,
    members: ['purlin', 'rafter'],
    timbers: ['purlin', 'rafter'],
    asks: ['lies', 'runOff', 'beneath'],
    look: look('live', '', 0.16),
    pulls: false,
    closes: true,
    catches: false,
    usual: (over) =>
      ({
        kind: 'sheet',
        ...over,
        rise: 0.4,
        falls: -Math.PI / 2,
        lies: 'level',
        mesh: 'sheet',
        purlin: RAIL,
        rafter: BEAM,
        runOff: 'gutter',
        beneath: 'open',
      }) as const,
    housed: asItIs,
    made: ({ mesh, purlin, rafter, runOff: led, beneath: under }) => ({
      ...PLAIN,
      mesh,
      carriers: {
        ...NO_CARRIERS,
        rail: { field: 'purlin', timber: purlin },
        beam: { field: 'rafter', timber: rafter },
      },
      closed: { runOff: led, beneath: under },
      laid: 'sheets',
      how: null,
    }),
  },
);

/** At each free edge, and past each end along the ridge, m (rules: Cover). */
const HEMS = { hem: 0.1, pocket: 0.15 } as const;
const OVERHANG = 0.2;

/** A tarp, a film or a cloth in one piece over rails, flat or over a ridge. */
export const tarp = kind(
  z.strictObject({
    kind: z.literal('tarp'),
    ...OVER,
    mesh: id,
    shape: z.enum(['flat', 'gable']),
    ridge: z
      ._default(length(0.05, 4), 0.6)
      .apply(meaning('How much higher the ridge of a gable is than its edges, m.')),
    hem: z
      ._default(z.enum(['hem', 'pocket']), 'hem')
      .apply(meaning('A hem of 0.10 at each free edge, or a pocket of 0.15 for a strap.')),
    straps: z
      ._default(z.nullable(z.number().check(z.minimum(0), z.maximum(200), z.multipleOf(1))), null)
      .apply(meaning('Straps over it; null for one each 2.4 m.')),
    rolls: z
      ._default(z.enum(['one side', 'none']), 'none')
      .apply(meaning('Whether one side is made to roll up for summer.')),
    hung: z
      ._default(z.enum(['always', 'summer']), 'always')
      .apply(meaning('Up all year, or taken off before the first snow.')),
    runOff,
    beneath,
    rail: CARRIED.rail,
    beam: CARRIED.beam,
  }),
  {
    title: 'Tarp, film or shade cloth',
    note: 'one piece, strapped down; off before snow and storms',
    called: 'the tarp',
    named: 'tarp',
    laid: 'piece',
    of: ['tarp', 'film'],
    sheds: true,
    load: 'cover',
    measures: [...PITCHED, { field: 'ridge', name: 'Ridge higher by', kind: 'length' }],
    members: ['rail', 'beam'],
    timbers: ['rail', 'beam'],
    asks: ['hung', 'lies', 'runOff', 'beneath', 'shape', 'hem', 'rolls'],
    look: look('live', '10 3', 0.12),
    pulls: false,
    closes: true,
    catches: false,
    usual: (over) =>
      ({
        kind: 'tarp',
        ...over,
        rise: 0.4,
        falls: -Math.PI / 2,
        lies: 'level',
        mesh: 'tarp',
        shape: 'flat',
        ridge: 0.6,
        hem: 'hem',
        straps: null,
        rolls: 'none',
        hung: 'always',
        runOff: 'away',
        beneath: 'open',
        rail: RAIL,
        beam: BEAM,
      }) as const,
    housed: asItIs,
    made: ({ mesh, rail, beam, shape, ridge, hem, straps, rolls, hung, runOff: led, beneath: under }) => ({
      ...PLAIN,
      mesh,
      carriers: {
        ...NO_CARRIERS,
        rail: { field: 'rail', timber: rail },
        beam: { field: 'beam', timber: beam },
      },
      dropped: hung === 'summer',
      drop: { hung: 'summer' },
      closed: { runOff: led, beneath: under },
      ridged: shape === 'gable',
      tiedBy: 'straps',
      laid: 'piece',
      how: {
        ridge: shape === 'gable' ? ridge : null,
        hem: HEMS[hem],
        overhang: OVERHANG,
        straps,
        rolls: rolls !== 'none',
        tacked: hem === 'hem',
      },
    }),
  },
);
