import type { Holding } from '@aviarum/core';
import type { Knex } from 'knex';
import type { Thing } from '../holdingFile/lines';
import type { Database } from './database';
import { TABLES } from './readings';
import { insertYardLists, putPieces, putPrices, putProducts } from './stock';

/** Puts a holding back as a new one, all of it or nothing: what is there already is never touched. */
export const putBack = (
  db: Database,
  keeper: string,
  id: string,
  things: AsyncIterable<readonly Thing[]>,
): Promise<Holding> =>
  db.transaction(async (trx) => {
    let name: string | undefined;
    for await (const some of things) {
      for (const thing of some) {
        if (thing.kind === 'holding') {
          name = thing.name;
          await trx('holdings').insert({ id, name, example: false });
          await trx('keeper_holdings').insert({ keeper_id: keeper, holding_id: id });
        } else if (!(thing.kind in STOCK)) await put(trx, id, thing as OtherThing);
      }
      await putStock(trx, id, some);
    }
    await trx.raw(
      `update meters m set minutes = (select count(*) from readings r where r.holding_id = m.holding_id and r.meter = m.meter)
       where holding_id = ?`,
      [id],
    );
    if (name === undefined) throw new RangeError('a file that was read names its holding first');
    return { id, name, example: false };
  });

/** What is put as many at once as came together. */
const STOCK = { product: 1, price: 1, piece: 1, yardList: 1 } as const;
type OtherThing = Exclude<Thing, { readonly kind: 'holding' | keyof typeof STOCK }>;

async function putStock(trx: Knex.Transaction, holding: string, things: readonly Thing[]) {
  await putProducts(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'product' ? [t.product] : [])),
  );
  await putPrices(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'price' ? [t.price] : [])),
  );
  await putPieces(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'piece' ? [t.piece] : [])),
  );
  await insertYardLists(
    trx,
    holding,
    things.flatMap((t) => (t.kind === 'yardList' ? [t.yardList] : [])),
  );
}

async function put(trx: Knex.Transaction, holding: string, thing: OtherThing): Promise<void> {
  const meter = (name: string) =>
    trx('meters').insert({ holding_id: holding, meter: name }).onConflict(['holding_id', 'meter']).ignore();
  switch (thing.kind) {
    case 'plan':
      await trx('plans').insert({
        holding_id: holding,
        id: thing.id,
        name: thing.name,
        document: thing.document,
        card: thing.card,
        save_number: thing.saveNumber,
        // In the order of the file where it does not say, though all in one instant.
        created_at: thing.createdAt ?? trx.raw('clock_timestamp()'),
        saved_at: thing.savedAt ?? trx.fn.now(),
        deleted_at: thing.deletedAt,
      });
      return;
    case 'revision':
      await trx('revisions').insert({
        holding_id: holding,
        plan_id: thing.plan,
        ten_minutes: Math.floor(Date.parse(thing.savedAt) / 600_000),
        save_number: thing.saveNumber,
        name: thing.name,
        document: thing.document,
        saved_at: thing.savedAt,
      });
      return;
    case 'readings': {
      await meter(thing.meter);
      const rows = thing.readings.map(([at, near, far, battery, draw, source]) => ({
        holding_id: holding,
        meter: thing.meter,
        at,
        near,
        far,
        battery,
        draw,
        source,
      }));
      const since = thing.each === 'minute' ? '' : 'since, ';
      const when = thing.each === 'minute' ? '' : `date_trunc('${thing.each}', at, 'UTC'), `;
      await trx.raw(
        `insert into ${TABLES[thing.each]} (holding_id, meter, ${since}at, near, far, battery, draw, source)
         select holding_id, meter, ${when}at, near, far, battery, draw, source
         from json_populate_recordset(null::readings, ?)`,
        [JSON.stringify(rows)],
      );
      return;
    }
    case 'standIn':
      await meter(thing.meter);
      await trx('stand_ins').insert({
        holding_id: holding,
        meter: thing.meter,
        setting: JSON.stringify(thing.setting),
        state: JSON.stringify(thing.state),
        looked_at: thing.lookedAt,
      });
  }
}
