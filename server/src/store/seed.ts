import { DEMO_PLANS, DEMO_SHED } from '@aviarum/core';
import type { Database } from './database';
import { createHolding, ensureKeeper, holdingsOf } from './holdings';
import { createPlan } from './plans';
import { putPieces } from './stock';
import { inHolding } from './writing';

/** The embedded default: one keeper, signed in by itself. Real accounts take its place later. */
export const LOCAL_KEEPER = 'local';

/** Once: a holding of the keeper's own, empty, and Hollin Bank beside it, marked as an example. */
export async function seed(db: Database): Promise<void> {
  await ensureKeeper(db, LOCAL_KEEPER, 'Local keeper');
  if ((await holdingsOf(db, LOCAL_KEEPER)).length > 0) return;
  await createHolding(db, LOCAL_KEEPER, { id: 'home', name: 'My holding', example: false });
  await createHolding(db, LOCAL_KEEPER, { id: 'hollin-bank', name: 'Hollin Bank', example: true });
  for (const plan of DEMO_PLANS) await createPlan(db, 'hollin-bank', plan);
  await inHolding(db, 'hollin-bank', (trx) => putPieces(trx, 'hollin-bank', DEMO_SHED));
}
