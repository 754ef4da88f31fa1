import * as z from 'zod/mini';
import { LIVE_NET_IDS } from '../../../catalogue/liveNets';
import { PACK_IDS } from '../../../catalogue/packs';
import { dayOfYear, id, length, meaning, name, point } from '../../../schema/common';

/** What has to be inside a loop, as it is written of parts. */
const thing = z
  .string()
  .check(
    z.regex(
      /^(building|tree|obstacle|enclosure):[A-Za-z0-9_-]{1,40}$/,
      'must be a building, tree, obstacle or enclosure such as building:house',
    ),
  );

/** A hollow or a stone under the foot strand, as the keeper found it. */
const dip = z.strictObject({
  id,
  along: length(0, 10000).apply(meaning('From the first corner along the net, m.')),
  gap: length(0, 2).apply(meaning('Between foot strand and ground, m.')),
  mend: z
    ._default(z.enum(['none', 'strut', 'peg', 'fill']), 'none')
    .apply(meaning('A strut set in it, the foot pegged down, or earth filled in.')),
});

export const net = z.strictObject({
  id,
  name,
  form: z.enum(['loop', 'line']).apply(meaning('Closed in itself, or open with two ends.')),
  kind: z.enum(LIVE_NET_IDS),
  points: z
    ._default(z.nullable(z.array(point).check(z.minLength(2), z.maxLength(400))), null)
    .apply(meaning('Its corners in turn; null for drawn tight round what has to be inside.')),
  pieces: z
    ._default(z.nullable(z.array(length(1, 200)).check(z.minLength(1), z.maxLength(40))), null)
    .apply(
      meaning('Lengths of the whole nets that it is made of; null for as few as go round, owned ones first.'),
    ),
  inside: z
    ._default(z.array(thing).check(z.maxLength(100)), [])
    .apply(meaning('What has to be inside the loop, whole.')),
  gate: z
    ._default(z.nullable(length(0, 10000)), null)
    .apply(meaning('Where it is opened to walk in, m along it; null for where its ends meet.')),
  when: z
    ._default(z.enum(['always', 'day', 'night']), 'always')
    .apply(meaning('Up all the time, or by day or by night: those take turns with the same nets.')),
  foot: z
    ._default(z.enum(['live', 'off', 'raised']), 'live')
    .apply(meaning('The lowest live strand on, disconnected but in place, or raised by 50 mm.')),
  dips: z._default(z.array(dip).check(z.maxLength(200)), []),
});

/** Wires held off a fence that stands. */
export const hotWire = z.strictObject({
  id,
  name,
  sides: z
    .array(id)
    .check(z.minLength(1), z.maxLength(400))
    .apply(meaning('Fenced sides that it runs along.')),
  offset: z._default(length(0.05, 1), 0.15).apply(meaning('Held off the fence by, m.')),
  heights: z
    ._default(z.array(length(0.02, 4)).check(z.minLength(1), z.maxLength(6)), [0.2, 1.2])
    .apply(meaning('Of its strands over the ground, m.')),
  gates: z
    ._default(z.enum(['under', 'over']), 'under')
    .apply(meaning('At a gate led through under the ground, or on over it on a sprung handle.')),
});

/** What makes it live. */
const energiser = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('sold'), product: z.enum(PACK_IDS) }),
  z.strictObject({
    kind: z.literal('own'),
    output: length(0.01, 20).apply(meaning('J a pulse.')),
    draw: z._default(z.nullable(length(0.001, 20)), null).apply(meaning('A at 12 V; null where not known.')),
    supply: z.enum(['mains', 'battery']),
  }),
]);

const power = z.strictObject({
  energiser: z._default(z.nullable(energiser), null),
  growth: z
    ._default(z.enum(['mown', 'light', 'heavy']), 'mown')
    .apply(meaning('What grows under it: a mown strip, light growth, heavy growth.')),
  battery: z._default(z.nullable(length(1, 1000)), null).apply(meaning('Capacity, Ah at 12 V.')),
  solar: z._default(z.nullable(length(1, 1000)), null).apply(meaning('Panel, W.')),
  sun: z
    ._default(z.nullable(length(0, 12)), null)
    .apply(meaning('Peak-sun hours a day all year; null for those of the latitude, month by month.')),
  from: z._default(dayOfYear, '04-01').apply(meaning('The day on which it goes up with a full battery.')),
  earth: z
    ._default(z.enum(['moist', 'dry']), 'moist')
    .apply(meaning('Ground that keeps moist, or dry sand, which takes twice the rods.')),
  layout: z
    ._default(z.enum(['all-live', 'pos-neg']), 'all-live')
    .apply(meaning('All strands live, or every other one earthed.')),
  snow: z._default(length(0, 3), 0).apply(meaning('Lying on it in winter, m deep.')),
  at: z._default(z.nullable(point), null).apply(meaning('Where the energiser is; null where not said.')),
  rods: z._default(z.nullable(point), null).apply(meaning('Where the earth rods are; null where not said.')),
  mainsIn: z
    ._default(z.array(id).check(z.maxLength(50)), [])
    .apply(meaning('Buildings that have mains electricity.')),
});

export const USUAL_POWER: z.infer<typeof power> = {
  energiser: null,
  growth: 'mown',
  battery: null,
  solar: null,
  sun: null,
  from: '04-01',
  earth: 'moist',
  layout: 'all-live',
  snow: 0,
  at: null,
  rods: null,
  mainsIn: [],
};

/** What a plan says of its live nets, of hot wires on its fences, and of what makes them live. */
export const PLAN = {
  nets: z._default(z.array(net).check(z.maxLength(12)), []),
  hotWires: z._default(z.array(hotWire).check(z.maxLength(20)), []),
  power: z._default(power, USUAL_POWER),
};

export type LiveNet = z.infer<typeof net>;
export type HotWire = z.infer<typeof hotWire>;
export type Power = z.infer<typeof power>;
