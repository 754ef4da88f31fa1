import type { Uses } from '../../../plan/uses';
export { COVER_INKS, STRIP_INKS } from './inks';

export const NAME = 'Cover';
/** Why it comes now. */
export const WHY =
  'Birds are lost from above. What lies overhead decides how high and how close the posts stand.';

/** What pieces of it are for: as a sentence calls them, where their letters stand, and whether they run along the fence. */
export const USES = {
  cover: { name: 'cover', letters: 'over', along: 'nothing' },
  wrap: { name: 'wrap', letters: 'over', along: 'nothing' },
  support: { name: 'under the cover', letters: 'over', along: 'nothing' },
} as const satisfies Uses;

/** Where its mesh is ringed to mesh, and what of it is stapled. */
export const SEAMS = { cover: 'where strips of the cover lap' } as const;
export const BOARDED = {
  rail: 'cover to its rails',
  edge: 'cover along its edges',
  batten: 'battens of the wrap',
} as const;

/** How its parts are written. */
export const PARTS = {
  cover: 'cover:{cover}',
  'cover-strip': 'cover:{cover}/strip:{nth}',
  'cover-rail': 'cover:{cover}/rail:{nth}',
  'cover-edge': 'cover:{cover}/edge:{nth}',
  'cover-beam': 'cover:{cover}/beam:{nth}',
  'cover-prop': 'cover:{cover}/prop:{nth}',
  'cover-bay': 'cover:{cover}/{of}:{nth}/bay:{bay}',
  'cover-batten': 'cover:{cover}/batten:{nth}',
  'cover-point': 'cover:{cover}/{point}',
  section: 'section/{point}',
} as const;

/** How its pieces are unrolled and lettered. */
export const LAYERS = ['cover', 'wrap', 'support'] as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = { 'hours.cover': 'cover', 'hours.net': 'cover' } as const;
