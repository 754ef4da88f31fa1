import type { Inks } from '../../../scenes/ink';

export { LOOKS as FOOT_INKS } from './kinds/look';

/** As it is drawn on the strip. */
export const STRIP_INKS = {
  'at-foot': { screen: { fill: 'none', stroke: 'bark', width: 4, dash: '9 4' } },
} as const satisfies Inks;
