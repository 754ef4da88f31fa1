import { type Uses } from '../../../plan/uses';
/** What is chosen together, because the same work follows from it. */
export const FACETS = {
  bands: ['bands', 'overhang', 'hanging'],
  boards: ['boards'],
  slope: ['slope'],
} as const;

export const NAME = 'Walls';
/** Why it comes now. */
export const WHY = 'Mesh is most of the price: the widths chosen here decide the rolls.';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = {
  band: { name: 'wall', letters: 'wall', along: 'fence' },
  patch: { name: 'patch of the overhang', letters: 'wall', along: 'nothing' },
  sister: { name: 'timber beside a post', letters: 'wall', along: 'nothing' },
  rake: { name: 'up to the roof', letters: 'wall', along: 'nothing' },
  board: { name: 'one bay', letters: 'wall', along: 'nothing' },
} as const satisfies Uses;

/** Where its mesh is ringed to mesh, and what is stapled to a board. */
export const SEAMS = {
  bands: 'where bands lap',
  leaf: 'where bands lap on the leaf',
  patch: 'patch of the overhang',
} as const;
export const BOARDED = {
  ground: 'mesh to the board at the ground',
  top: 'mesh to the board at the top',
  roof: 'mesh to the rafters',
} as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = {
  'hours.boards': 'boards',
  'hours.mesh': 'mesh',
  'hours.take-off': 'mesh',
} as const;

/** What is found of one part and said by verdicts of all: whether there is less of it is seen there. */
export const JUDGED = ['opening.passes', 'opening.reached', 'mesh.torn'] as const;
