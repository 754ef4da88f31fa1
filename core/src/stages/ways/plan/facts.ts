import { type Uses } from '../../../plan/uses';
export { OPENING_INKS } from './inks';

export const NAME = 'Ways in';
/** Why it comes now. */
export const WHY = 'A gate is where most birds are lost. It must close as tight as the wall.';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = {
  tunnel: { name: 'tunnel', letters: 'wall', along: 'nothing' },
  leaf: { name: 'leaf', letters: 'wall', along: 'nothing' },
  frame: { name: 'frame of a leaf', letters: 'wall', along: 'nothing' },
  sill: { name: 'sill', letters: 'wall', along: 'nothing' },
} as const satisfies Uses;

/** What is lettered last: pieces over vents and windows of houses. */
export const LAYERS = ['vent'] as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = {
  'hours.gates': 'gates',
  'hours.gates-built': 'gates',
  'hours.pop-doors': 'flaps',
} as const;

/** What is found of one part and said by verdicts of all: whether there is less of it is seen there. */
export const JUDGED = ['gate.no-sill', 'gate.catches', 'gate.lock'] as const;
