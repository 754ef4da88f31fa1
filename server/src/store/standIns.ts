import type { StandIn } from '@aviarum/core';
import type { Knex } from 'knex';
import type { LineState } from '../simulators/line';
import { forgetReadings } from './readings';

/** A stand-in as it is kept. */
export interface KeptStandIn {
  readonly setting: StandIn;
  readonly state: LineState;
  readonly lookedAt: Date;
}

interface StandInRow {
  readonly setting: StandIn;
  readonly state: LineState;
  readonly looked_at: Date;
}

/** The stand-in of a meter, locked until the transaction ends; undefined where there is none. */
export async function standInOf(
  trx: Knex.Transaction,
  holding: string,
  meter: string,
): Promise<KeptStandIn | undefined> {
  const row = await trx('stand_ins')
    .where({ holding_id: holding, meter })
    .forUpdate()
    .first<StandInRow | undefined>('setting', 'state', 'looked_at');
  return row && { setting: row.setting, state: row.state, lookedAt: row.looked_at };
}

export async function putStandIn(
  trx: Knex.Transaction,
  holding: string,
  meter: string,
  { setting, state, lookedAt }: KeptStandIn,
): Promise<void> {
  await trx('stand_ins')
    .insert({
      holding_id: holding,
      meter,
      setting: JSON.stringify(setting),
      state: JSON.stringify(state),
      looked_at: lookedAt,
    })
    .onConflict(['holding_id', 'meter'])
    .merge(['setting', 'state', 'looked_at']);
}

export async function removeStandIn(trx: Knex.Transaction, holding: string, meter: string): Promise<boolean> {
  const gone = (await trx('stand_ins').where({ holding_id: holding, meter }).delete()) > 0;
  await forgetReadings(trx, holding, meter, 'stand-in');
  return gone;
}
