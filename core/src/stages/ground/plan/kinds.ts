/** Lines on the ground, and how far a live net keeps off each, m (rules: Live nets). */
export const LINE_KINDS = {
  boundary: { name: 'boundary', keeps: 0 },
  path: { name: 'path', keeps: 2 },
  water: { name: 'water’s edge', keeps: 2 },
  'live-fence': { name: 'live fence of another energiser', keeps: 2.5 },
} as const satisfies Readonly<Record<string, { readonly name: string; readonly keeps: number }>>;
export type LineKindId = keyof typeof LINE_KINDS;
export const LINE_KIND_IDS = Object.keys(LINE_KINDS) as [LineKindId, ...LineKindId[]];

/** What could be jumped from. */
export const OBSTACLE_KINDS = {
  pole: { name: 'pole' },
  stack: { name: 'stack' },
} as const satisfies Readonly<Record<string, { readonly name: string }>>;
export type ObstacleKindId = keyof typeof OBSTACLE_KINDS;
export const OBSTACLE_KIND_IDS = Object.keys(OBSTACLE_KINDS) as [ObstacleKindId, ...ObstacleKindId[]];
