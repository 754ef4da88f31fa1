import * as z from 'zod/mini';
import { meaning } from '../../../schema/common';

const kilovolts = z.number().check(z.minimum(0), z.maximum(15));

/** An instant with its offset from UTC. */
const instant = z.iso.datetime({ offset: true, error: 'must be an instant such as 2026-11-28T06:00:00Z' });

/** What a meter on a fence reads, as it is sent. */
export const readingSchema = z.strictObject({
  at: instant.apply(meaning('When it was read.')),
  near: kilovolts.apply(meaning('At the energiser’s end of the line, kV.')),
  far: z._default(z.nullable(kilovolts), null).apply(meaning('At the far end, kV; null where nobody reads.')),
  battery: z
    ._default(z.nullable(z.number().check(z.minimum(0), z.maximum(40))), null)
    .apply(meaning('At rest between pulses, V; null on mains.')),
  draw: z
    ._default(z.nullable(z.number().check(z.minimum(0), z.maximum(50))), null)
    .apply(meaning('Average current from the battery, A.')),
});
export type Reading = z.infer<typeof readingSchema>;

/** No more at once. */
export const MOST_READINGS = 1000;
export const readingsSchema = z.strictObject({
  readings: z.array(readingSchema).check(z.minLength(1), z.maxLength(MOST_READINGS)),
});

/** As it is kept: with where it came from. */
export const keptReadingSchema = z.object({
  ...readingSchema.shape,
  source: z.enum(['device', 'hand', 'stand-in']),
});
export type KeptReading = z.infer<typeof keptReadingSchema>;

/** What can be wrong with the stand-in's line, each switched on by hand. */
export const FAULTS = {
  growth: 'growth up to the strands',
  rain: 'rain',
  dry: 'very dry ground',
  snow: 'snow on the foot',
  insulator: 'a shorted insulator half way',
  strand: 'a broken strand half way',
  battery: 'the battery is not charged',
  outage: 'the energiser is off',
} as const;
export type FaultId = keyof typeof FAULTS;
export const FAULT_IDS = Object.keys(FAULTS) as [FaultId, ...FaultId[]];

/** How a stand-in for energiser and line is set up. */
export const standInSchema = z.strictObject({
  seed: z.int().check(z.minimum(0), z.maximum(2_147_483_647)),
  speed: z
    ._default(z.number().check(z.minimum(1), z.maximum(86_400)), 3600)
    .apply(meaning('Seconds of its own time that go by in one second.')),
  output: z.number().check(z.minimum(0.01), z.maximum(20)).apply(meaning('Of the energiser, J.')),
  needed: z.number().check(z.minimum(0), z.maximum(100)).apply(meaning('By the line as it is planned, J.')),
  capacity: z
    ._default(z.nullable(z.number().check(z.minimum(1), z.maximum(1000))), null)
    .apply(meaning('Of the battery, Ah; null on mains.')),
  draw: z.number().check(z.minimum(0), z.maximum(50)).apply(meaning('A.')),
  gain: z.number().check(z.minimum(0), z.maximum(1000)).apply(meaning('Of the sun, Ah a day.')),
  faults: z.array(z.enum(FAULT_IDS)).check(z.maxLength(20)),
});
export type StandIn = z.infer<typeof standInSchema>;

/** What the server answers of a meter: what it read, by its own clock, and its stand-in where it has one. */
export const METER_ANSWERS = {
  meter: z.object({
    readings: z.array(keptReadingSchema),
    now: z.string(),
    standIn: z.nullable(standInSchema),
  }),
  readingsTaken: z.object({ taken: z.int(), folded: z.int() }),
} as const;
export type MeterAnswer = z.infer<(typeof METER_ANSWERS)['meter']>;
