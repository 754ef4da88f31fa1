import { MESHES } from './meshes';
import { KITS, KITS_2026_11, POSTS, POSTS_2026_11 } from './posts';
import type { Catalogue } from './types';
import { YARDS, YARDS_2026_11 } from './yards';

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
  '2026-11': {
    edition: '2026-11',
    pricesAsOf: '2026-11-02',
    meshes: MESHES,
    posts: POSTS_2026_11,
    kits: KITS_2026_11,
    yards: YARDS_2026_11,
  },
};

export const LATEST_EDITION = '2026-11';
