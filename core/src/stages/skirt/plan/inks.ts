import { type Inks, SECTION_FILE } from '../../../scenes/ink';

export { LOOKS as FOOT_INKS } from './kinds/look';

/** As it is drawn on the strip. */
export const STRIP_INKS = {
  'at-foot': { screen: { fill: 'none', stroke: 'bark', width: 4, dash: '9 4' } },
} as const satisfies Inks;

/** As a section cuts it. */
export const CUT_INKS = {
  'cut-skirt': {
    screen: { fill: 'none', stroke: 'bark', width: 2.4, dash: '6 4' },
    paper: { fill: 'none', stroke: 'bark', width: 0.5, dash: '1.6 1' },
    file: SECTION_FILE,
  },
} as const satisfies Inks;
