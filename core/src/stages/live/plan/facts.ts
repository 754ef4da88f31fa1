export { LIVE_INKS, STRIP_INKS } from './inks';

export const NAME = 'Live net';
/** Why it comes now. */
export const WHY =
  'A live net or wire is met before the mesh is: what touches it with its nose seldom comes again, as long as it is live.';

/** How its parts are written. */
export const PARTS = {
  net: 'net:{net}',
  'net-point': 'net:{net}/corner:{point}',
  'net-post': 'net:{net}/post:{nth}',
  'hot-wire': 'hot-wire:{wire}',
  power: 'power',
  energiser: 'power/energiser',
  rods: 'power/rods',
} as const;

/** Under which figure the hours of each code are told. */
export const HOURS_FIGURES = {
  'hours.live-nets': 'live',
  'hours.hot-wire': 'live',
  'hours.live-power': 'live',
} as const;
