import type * as z from 'zod/mini';
import { apron, houseApron } from './apron';
import { buried, toe } from './buried';
import { concrete, stone } from './filled';
import { folded } from './folded';
import type { KindOf } from './kind';
import { none } from './none';
import { sloped } from './sloped';

/** Every kind of skirt, as the keeper is asked. */
export const KINDS = {
  apron,
  buried,
  toe,
  sloped,
  folded,
  'house-apron': houseApron,
  stone,
  concrete,
  none,
} as const;
export type KindId = keyof typeof KINDS;
export const KIND_IDS = Object.keys(KINDS) as readonly KindId[];

export type Skirt = { [K in KindId]: z.infer<(typeof KINDS)[K]['schema']> }[KindId];

/** The one place that joins a choice to its row. */
export const rowOf = (skirt: Pick<Skirt, 'kind'>): KindOf<Skirt> =>
  KINDS[skirt.kind] as unknown as KindOf<Skirt>;
