import type { Market } from '../../../catalogue/market';
import { meshSaid } from '../../../catalogue/names';
import { type Reader } from '../../../saying/makeReader';
import { type Skirt, isOfMesh, rowOf } from '../plan/kinds';

/** What is laid round a house by itself; null for a change that lays nothing. */
export const onHouse = ({ skirt }: { readonly skirt?: Skirt | null | undefined }): string | null => {
  if (skirt === undefined) return null;
  return skirt ? 'Lay this skirt round the house' : 'No skirt round the house';
};

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-skirt': ({ skirt }: { readonly skirt: Skirt }, r: Reader, market: Market) =>
    rowOf(skirt).say(skirt, r, isOfMesh(skirt) ? meshSaid(market.mesh(skirt.mesh), r) : ''),
} as const;
