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

/** Skirts of mesh. */
type OfMesh = Extract<Skirt, { readonly mesh: string }>;
export const isOfMesh = (skirt: Skirt): skirt is OfMesh => 'mesh' in skirt;
/** The product that it is made of; null where that is no mesh. */
export const meshOf = (skirt: Skirt): string | null => (isOfMesh(skirt) ? skirt.mesh : null);
/** How far it laps up the wall, and how wide a strip of mesh lies; null where it has no such measure. m */
export const lapUpOf = (skirt: Skirt): number | null => ('lapUp' in skirt ? skirt.lapUp : null);
export const widthOf = (skirt: Skirt): number | null =>
  isOfMesh(skirt) && 'width' in skirt ? skirt.width : null;
/** Its depth is what is set of it. */
export const isDeep = (skirt: Skirt): boolean => 'depth' in skirt;

/** The one place that joins a choice to its row. */
export const rowOf = (skirt: Pick<Skirt, 'kind'>): KindOf<Skirt> =>
  KINDS[skirt.kind] as unknown as KindOf<Skirt>;
