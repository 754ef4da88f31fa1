import type { Skirt } from './kinds';

/** What the sample plans choose otherwise than is usual, by the sample. */
export const SAMPLED = {
  pumpHouse: { skirt: { kind: 'house-apron', mesh: 'welded-75x50', width: 0.45, lapUp: 0.1 } },
  walledCorner: { skirt: { kind: 'folded', mesh: 'welded-75x50', up: 0.5, out: 0.5 } },
} satisfies Readonly<Record<string, { readonly skirt: Skirt }>>;
