import { type Skirt } from './kinds';
import { type Uses } from '../../../plan/uses';
export { CUT_INKS, FOOT_INKS, STRIP_INKS } from './inks';

/** Where nothing is to be laid. */
export const NONE: Skirt = { kind: 'none' };

/** What is chosen together, because the same work follows from it. */
export const FACETS = { skirt: ['skirt'] } as const;

/** A fence between two runs takes no skirt unless it was asked for there (rules: Skirts). */
export const BETWEEN_RUNS = { skirt: NONE };

export const NAME = 'Skirt';
/** Why it comes now. */
export const WHY = 'Most foxes dig. What closes the ground follows from what hunts here.';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = { skirt: { name: 'skirt', letters: 'ground', along: 'fence' } } as const satisfies Uses;

/** Where its mesh is ringed to mesh, and what of it is stapled to a board. */
export const SEAMS = { skirt: 'where the skirt laps the wall' } as const;
export const BOARDED = { skirt: 'skirt to the board', house: 'skirt to the house' } as const;

/** What is worked out of bags of dry mix. */
export const BAGGED = ['skirt.bags'] as const;

/** How its parts are written. */
export const PARTS = {
  skirts: 'skirt',
  skirt: 'side:{side}/skirt',
  'house-skirt': 'building:{building}/skirt:{wall}',
} as const;

/** How its pieces are unrolled and lettered: along the fence, then round the house. */
export const LAYERS = ['skirt', 'house-skirt'] as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = {
  'hours.trench': 'skirt',
  'hours.apron': 'skirt',
  'hours.stones': 'skirt',
  'hours.concrete-strip': 'skirt',
} as const;

/** What is found of one part and said by verdicts of all: whether there is less of it is seen there. */
export const JUDGED = ['skirt.none', 'skirt.short', 'skirt.end-open', 'house.earth-floor'] as const;
