import { MESHES, MESHES_2026_11_25, MESHES_2026_11_28 } from './meshes';
import { KITS, KITS_2026_11, KITS_2026_11_25, POSTS, POSTS_2026_11 } from './posts';
import { TIMBERS, TIMBERS_2026_11_28, TIMBERS_2026_11_28B } from './timbers';
import type { Catalogue } from './types';
import { YARDS, YARDS_2026_11 } from './yards';
import { YARDS_2026_11_25 } from './yards-2026-11-25';
import { YARDS_2026_11_25B } from './yards-2026-11-25b';
import { YARDS_2026_11_28 } from './yards-2026-11-28';
import { YARDS_2026_11_28B } from './yards-2026-11-28b';
import { YARDS_2026_11_28C } from './yards-2026-11-28c';
import { YARDS_2026_12_02 } from './yards-2026-12-02';

/** Every edition ever shipped, by name. An edition is never changed: a new one is added. */
export const EDITIONS: Readonly<Record<string, Catalogue>> = {
  '2026-03': {
    edition: '2026-03',
    pricesAsOf: '2026-03-03',
    meshes: MESHES,
    posts: POSTS,
    kits: KITS,
    timbers: TIMBERS,
    yards: YARDS,
  },
  '2026-11': {
    edition: '2026-11',
    pricesAsOf: '2026-11-02',
    meshes: MESHES,
    posts: POSTS_2026_11,
    kits: KITS_2026_11,
    timbers: TIMBERS,
    yards: YARDS_2026_11,
  },
  '2026-11-25': {
    edition: '2026-11-25',
    pricesAsOf: '2026-11-25',
    meshes: MESHES_2026_11_25,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS,
    yards: YARDS_2026_11_25,
  },
  '2026-11-25b': {
    edition: '2026-11-25b',
    pricesAsOf: '2026-11-25',
    meshes: MESHES_2026_11_25,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS,
    yards: YARDS_2026_11_25B,
  },
  '2026-11-28': {
    edition: '2026-11-28',
    pricesAsOf: '2026-11-28',
    meshes: MESHES_2026_11_28,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS_2026_11_28,
    yards: YARDS_2026_11_28,
  },
  '2026-11-28b': {
    edition: '2026-11-28b',
    pricesAsOf: '2026-11-28',
    meshes: MESHES_2026_11_28,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS_2026_11_28B,
    yards: YARDS_2026_11_28B,
  },
  '2026-11-28c': {
    edition: '2026-11-28c',
    pricesAsOf: '2026-11-28',
    meshes: MESHES_2026_11_28,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS_2026_11_28B,
    yards: YARDS_2026_11_28C,
  },
  '2026-12-02': {
    edition: '2026-12-02',
    pricesAsOf: '2026-12-02',
    meshes: MESHES_2026_11_28,
    posts: POSTS_2026_11,
    kits: KITS_2026_11_25,
    timbers: TIMBERS_2026_11_28B,
    yards: YARDS_2026_12_02,
  },
};

export const LATEST_EDITION = '2026-12-02';
