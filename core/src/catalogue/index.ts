import { MESHES } from './meshes';
import { KITS, POSTS } from './posts';
import type { Catalogue } from './types';
import { YARDS } from './yards';

export type { Catalogue, GateKit, MeshProduct, MeshType, Offer, PackId, PostProduct, Yard } from './types';
export { type Market, marketOf } from './market';

/** Every edition ever shipped, by name. An edition is never changed: a new one is added. */
export const EDITIONS: Readonly<Record<string, Catalogue>> = {
  '2026-03': {
    edition: '2026-03',
    pricesAsOf: '2026-03-03',
    meshes: MESHES,
    posts: POSTS,
    kits: KITS,
    yards: YARDS,
  },
};

export const LATEST_EDITION = '2026-03';
