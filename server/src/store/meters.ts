import type { Knex } from 'knex';
import type { Database } from './database';
import { LIMITS, atMostOf } from './limits';
import { again, lockHolding } from './writing';

interface Meter {
  readonly minutes: number;
}

/** Which meter, and whose. */
export interface MeterOf {
  readonly holding: string;
  readonly meter: string;
}

const lockMeter = (trx: Knex.Transaction, holding: string, meter: string) =>
  trx('meters').where({ holding_id: holding, meter }).forUpdate().first<Meter | undefined>('minutes');

/** A meter that reads for the first time. @throws TooMany */
async function newMeter(trx: Knex.Transaction, holding: string, meter: string): Promise<Meter> {
  await lockHolding(trx, holding);
  await trx('meters').insert({ holding_id: holding, meter }).onConflict(['holding_id', 'meter']).ignore();
  const [row] = await trx('meters').where({ holding_id: holding }).count<{ count: string }[]>('* as count');
  atMostOf('meters', LIMITS.meters, Number(row?.count ?? 0));
  return (await lockMeter(trx, holding, meter)) ?? { minutes: 0 };
}

/**
 * What writes of one meter comes one after the other: readings fall into the same minutes, and in whatever order they were sent.
 *
 * @throws TooMany where the meter would be one too many of its holding
 */
export const ofMeter = <T>(
  db: Database,
  holding: string,
  meter: string,
  work: (trx: Knex.Transaction, known: Meter) => Promise<T>,
): Promise<T> =>
  again(() =>
    db.transaction(async (trx) =>
      work(trx, (await lockMeter(trx, holding, meter)) ?? (await newMeter(trx, holding, meter))),
    ),
  );

/** The same for a meter that may be none: then nothing is done. @returns undefined where there is none */
export const ofKnownMeter = <T>(
  db: Database,
  holding: string,
  meter: string,
  work: (trx: Knex.Transaction) => Promise<T>,
): Promise<T | undefined> =>
  again(() =>
    db.transaction(async (trx) => ((await lockMeter(trx, holding, meter)) ? work(trx) : undefined)),
  );

/** A meter of which nothing is left counts no more. */
export async function dropIfBare(trx: Knex.Transaction, holding: string, meter: string): Promise<void> {
  await trx.raw(
    `delete from meters m where holding_id = :holding and meter = :meter
       and not exists (select 1 from readings_by_day r where r.holding_id = m.holding_id and r.meter = m.meter)
       and not exists (select 1 from stand_ins s where s.holding_id = m.holding_id and s.meter = m.meter)`,
    { holding, meter },
  );
}
