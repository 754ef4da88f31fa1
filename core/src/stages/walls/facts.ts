import { type Uses } from '../../plan/uses';
/** What is chosen together, because the same work follows from it. */
export const FACETS = {
  bands: ['bands', 'overhang', 'hanging'],
  boards: ['boards'],
  slope: ['slope'],
} as const;

export const NAME = 'Walls';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = {
  band: { name: 'wall', letters: 'wall', along: 'fence' },
  patch: { name: 'patch of the overhang', letters: 'wall', along: 'nothing' },
  board: { name: 'one bay', letters: 'wall', along: 'nothing' },
} as const satisfies Uses;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.boards': 'boards', 'hours.mesh': 'mesh' } as const;
