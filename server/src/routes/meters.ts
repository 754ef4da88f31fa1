import {
  type KeptReading,
  type MeterAnswer,
  type Problem,
  type Reading,
  type StandIn,
  readingsSchema,
  standInSchema,
} from '@aviarum/core';
import { Hono } from 'hono';
import { z } from 'zod';
import { BorderError, notFound } from '../problem';
import { setStandIn, windStandIn } from '../simulators/standIn';
import { ofKnownMeter, ofMeter } from '../store/meters';
import { KEPT_YEARS, forgetReadings, listReadings, takeReadings } from '../store/readings';
import { removeStandIn } from '../store/standIns';
import { checked, jsonBody } from './body';
import { type Acting, type Services, idIn } from './types';

/** A clock that runs ahead by so little is let be, ms. */
const AHEAD = 5 * 60_000;
const DAY = 86_400_000;

/** @throws BorderError 422 naming each reading that is in the future or older than any that is kept */
function refuseWrongTimes(readings: readonly Reading[], now: Date): void {
  const problems = readings.flatMap(({ at }, i): Problem[] => {
    const time = Date.parse(at);
    const pointer = `/readings/${i}/at`;
    if (!Number.isFinite(time))
      return [{ code: 'no-time', pointer, message: 'is no time; such as 2026-11-28T06:00:00Z' }];
    if (time > now.getTime() + AHEAD)
      return [{ code: 'future', pointer, message: 'is in the future: set the meter’s clock' }];
    if (time < now.getTime() - KEPT_YEARS * 365 * DAY)
      return [
        { code: 'too-old', pointer, message: `is more than ${KEPT_YEARS} years ago, which is not kept` },
      ];
    return [];
  });
  if (problems.length > 0)
    throw new BorderError(422, 'Some readings are not right; none was taken.', problems.slice(0, 20));
}

const source = z.enum(['device', 'hand']);

/** What a meter shows: its readings of the last days, and its stand-in where it has one. */
async function shown(
  { db, slow, clock }: Services,
  holding: string,
  meter: string,
  days: number,
): Promise<MeterAnswer> {
  const now = clock();
  const standIn = await windStandIn(db, holding, meter, now);
  const readings: readonly KeptReading[] = await listReadings(slow, holding, meter, days);
  return {
    readings: [...readings],
    // A stand-in has a clock of its own.
    now: standIn ? new Date(standIn.state.hour * 3_600_000).toISOString() : now.toISOString(),
    standIn: standIn?.setting ?? null,
  };
}

/** Readings of the fences of a holding, each meter under a name of its own (docs: Meters). */
export function meterRoutes(services: Services) {
  const { db, clock } = services;
  return new Hono<Acting>()
    .get('/:meter', async (c) => {
      const meter = idIn(c, 'meter', 'meter');
      const days = Number(c.req.query('days') ?? 7);
      if (!Number.isInteger(days) || days < 1 || days > 400)
        throw new BorderError(422, 'Some fields are not right.', [
          { code: 'days', pointer: '/days', message: 'must be a whole number of days from 1 to 400' },
        ]);
      return c.json(await shown(services, c.var.holding.id, meter, days));
    })
    .post('/:meter/readings', async (c) => {
      const meter = idIn(c, 'meter', 'meter');
      const { readings } = checked<{ readings: Reading[] }>(readingsSchema, await jsonBody(c));
      refuseWrongTimes(readings, clock());
      const from = source.safeParse(c.req.query('from') ?? 'device');
      if (!from.success)
        throw new BorderError(422, 'Some fields are not right.', [
          { code: 'from', pointer: '/from', message: 'must be device or hand' },
        ]);
      const holding = c.var.holding.id;
      return c.json(
        await ofMeter(db, holding, meter, (trx) =>
          takeReadings(trx, { holding, meter }, readings, from.data),
        ),
      );
    })
    .delete('/:meter/readings', async (c) => {
      const [holding, meter] = [c.var.holding.id, idIn(c, 'meter', 'meter')];
      await ofKnownMeter(db, holding, meter, (trx) => forgetReadings(trx, holding, meter));
      return c.body(null, 204);
    })
    .put('/:meter/stand-in', async (c) => {
      const meter = idIn(c, 'meter', 'meter');
      const setting = checked<StandIn>(standInSchema, await jsonBody(c));
      await setStandIn(db, { holding: c.var.holding.id, meter }, setting, clock());
      return c.json(await shown(services, c.var.holding.id, meter, 7));
    })
    .delete('/:meter/stand-in', async (c) => {
      const [holding, meter] = [c.var.holding.id, idIn(c, 'meter', 'meter')];
      const gone = await ofKnownMeter(db, holding, meter, (trx) => removeStandIn(trx, holding, meter));
      if (!gone) throw notFound('stand-in');
      return c.body(null, 204);
    });
}
