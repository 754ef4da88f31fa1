import type { Reading, StandIn } from '@aviarum/core';
import type { Knex } from 'knex';
import type { Database } from '../store/database';
import { type MeterOf, ofKnownMeter, ofMeter } from '../store/meters';
import { takeReadings } from '../store/readings';
import { type KeptStandIn, putStandIn, standInOf } from '../store/standIns';
import { type LineState, runLine } from './line';

const HOUR = 3_600_000;
/** A stand-in has read for so many days when it begins, so that there is something to look at. */
const DAYS_BEFORE = 7;
/** No more hours go by between two looks: a stand-in that nobody looked at for long goes on from where it was. */
const MOST_HOURS = 24 * 14;

/** As one begins: a week ago, full, just mown. */
export const begun = (now: Date): LineState => ({
  hour: Math.floor(now.getTime() / HOUR) - DAYS_BEFORE * 24,
  charge: 1,
  growth: 0,
});

/** A stand-in as far as its own clock has gone, with what it read on the way. */
export function wound(
  kept: KeptStandIn,
  now: Date,
): { readonly to: KeptStandIn; readonly readings: readonly Reading[] } {
  const seconds = Math.max(0, (now.getTime() - kept.lookedAt.getTime()) / 1000);
  const due = Math.floor((seconds * kept.setting.speed) / 3600);
  if (due < 1) return { to: kept, readings: [] };
  const hours = Math.min(MOST_HOURS, due);
  const { readings, state } = runLine(kept.setting, kept.state, kept.state.hour + hours);
  // What is left of an hour stays to be lived through.
  const left = due > MOST_HOURS ? 0 : seconds - (due * 3600) / kept.setting.speed;
  return { to: { ...kept, state, lookedAt: new Date(now.getTime() - left * 1000) }, readings };
}

const store = async (trx: Knex.Transaction, { holding, meter }: MeterOf, kept: KeptStandIn, now: Date) => {
  const { to, readings } = wound(kept, now);
  await takeReadings(trx, { holding, meter }, readings, 'stand-in');
  await putStandIn(trx, holding, meter, to);
  return to;
};

/** Lets a stand-in read as many hours as are due. @returns it; null where there is none */
export const windStandIn = async (db: Database, holding: string, meter: string, now: Date) =>
  (await ofKnownMeter(db, holding, meter, async (trx) => {
    const kept = await standInOf(trx, holding, meter);
    return kept && store(trx, { holding, meter }, kept, now);
  })) ?? null;

/** Sets a stand-in up, or its faults anew: what it has read stays. */
export const setStandIn = (db: Database, { holding, meter }: MeterOf, setting: StandIn, now: Date) =>
  ofMeter(db, holding, meter, async (trx) => {
    const before = await standInOf(trx, holding, meter);
    if (before) {
      const gone = await store(trx, { holding, meter }, before, now);
      const kept = { ...gone, setting };
      await putStandIn(trx, holding, meter, kept);
      return kept;
    }
    const first = runLine(setting, begun(now), Math.floor(now.getTime() / HOUR));
    await takeReadings(trx, { holding, meter }, first.readings, 'stand-in');
    const kept = { setting, state: first.state, lookedAt: now };
    await putStandIn(trx, holding, meter, kept);
    return kept;
  });
