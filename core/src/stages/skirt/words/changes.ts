import type { Market } from '../../../catalogue/market';
import { meshSaid } from '../../../catalogue/names';
import { type Reader } from '../../../saying/makeReader';
import { type Skirt, isOfMesh, rowOf } from '../plan/kinds';

/** What each change does, as its button or its undo step says it. */
export const CHANGES = {
  'set-skirt': ({ skirt }: { readonly skirt: Skirt }, r: Reader, market: Market) =>
    rowOf(skirt).say(skirt, r, isOfMesh(skirt) ? meshSaid(market.mesh(skirt.mesh), r) : ''),
} as const;
