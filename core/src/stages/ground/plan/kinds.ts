import type { PackId } from '../../../catalogue/packs';

/** Lines on the ground, and how far a live net keeps off each, m (rules: Live nets). */
export const LINE_KINDS = {
  boundary: { name: 'boundary', keeps: 0 },
  path: { name: 'path', keeps: 2 },
  water: { name: 'water’s edge', keeps: 2 },
  'live-fence': { name: 'live fence of another energiser', keeps: 2.5 },
  tunnel: { name: 'tunnel for the birds', keeps: 0 },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly keeps: number }>>;
/** A tunnel is as wide and as high as birds walk through, until the keeper says otherwise, m (rules: What stands). */
export const USUAL_TUNNEL = { width: 0.5, height: 0.5, mesh: 'welded-25' } as const;
export type LineKindId = keyof typeof LINE_KINDS;
export const LINE_KIND_IDS = Object.keys(LINE_KINDS) as [LineKindId, ...LineKindId[]];

/** What stands about: what could be jumped from, and what may put an animal off, which is bought. */
export const OBSTACLE_KINDS = {
  pole: { name: 'pole', bought: null },
  stack: { name: 'stack', bought: null },
  lamp: { name: 'lamp with a motion sensor', bought: 'lamp' },
  sprinkler: { name: 'sprinkler with a motion sensor', bought: 'sprinkler' },
  camera: { name: 'camera', bought: 'camera' },
  radio: { name: 'radio', bought: 'radio' },
  'bait-strip': { name: 'bait strip', bought: 'bait-strip' },
  scarecrow: { name: 'scarecrow', bought: 'scarecrow' },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly bought: PackId | null }>>;
export type ObstacleKindId = keyof typeof OBSTACLE_KINDS;
export const OBSTACLE_KIND_IDS = Object.keys(OBSTACLE_KINDS) as [ObstacleKindId, ...ObstacleKindId[]];
