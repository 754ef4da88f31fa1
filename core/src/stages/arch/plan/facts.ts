import type { Uses } from '../../../plan/uses';
export { ARCH_INKS, STRIP_INKS } from './inks';

export const NAME = 'Arch';
/** Why it comes now. */
export const WHY =
  'A bent panel or hoop makes walls and roof in one: its base decides how high it is and how wide you can stand.';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = {
  skin: { name: 'mesh over the arch', letters: 'over', along: 'nothing' },
  'arch-end': { name: 'end of the arch', letters: 'over', along: 'nothing' },
  'arch-low': { name: 'low band of the arch', letters: 'over', along: 'nothing' },
  'arch-panel': { name: 'panel of the arch', letters: 'over', along: 'nothing' },
  // Off-cuts of panels by what they become.
  'arch-front': { name: 'front of the arch', letters: 'over', along: 'nothing' },
  'arch-back': { name: 'back of the arch', letters: 'over', along: 'nothing' },
  'arch-door': { name: 'panel door', letters: 'over', along: 'nothing' },
  'arch-lintel': { name: 'lintel over a door', letters: 'over', along: 'nothing' },
  'arch-stick': { name: 'frame of the arch', letters: 'over', along: 'nothing' },
} as const satisfies Uses;

/** Where its mesh is ringed to mesh or to its frame, and what of it is stapled. */
export const SEAMS = {
  skin: 'where strips over the arch lap',
  'arch-end': 'where strips of the ends lap',
  'arch-edge': 'ends to the curve',
  'arch-low': 'low band to the skin',
} as const;
export const BOARDED = {
  foot: 'frame to its boards',
  skin: 'skin along the feet',
} as const;

/** How its parts are written. */
export const PARTS = {
  arch: 'arch:{arch}',
  'arch-piece': 'arch:{arch}/{of}:{nth}',
} as const;

/** How its pieces are unrolled and lettered. */
export const LAYERS = ['skin', 'arch-end', 'arch-low', 'arch-panel', 'arch-stick'] as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = {
  'hours.arch-frame': 'arch',
  'hours.arch-skin': 'arch',
  'hours.arch-film': 'arch',
} as const;

/** What is found of one part and said by verdicts of all: whether there is less of it is seen there. */
export const JUDGED = ['arch.bare'] as const;
