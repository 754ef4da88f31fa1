import type { Inks } from '../../../../scenes/ink';

const FILE = ['SKIRT', 'YELLOW', 'DASHED'] as const;
/** How what lies at the foot of the fence is drawn. */
export const LOOKS = {
  apron: {
    screen: { fill: 'apron', stroke: 'bark', width: 1, dash: '4 3' },
    paper: { fill: 'apron', stroke: 'bark', width: 0.2, dash: '1.2 0.9' },
    file: FILE,
  },
  toe: {
    screen: { fill: 'none', stroke: 'bark', width: 1.6, dash: '7 4' },
    paper: { fill: 'none', stroke: 'bark', width: 0.35, dash: '2 1.2' },
    file: FILE,
  },
  stones: {
    screen: { fill: 'cobbles', stroke: 'ink', width: 0.8 },
    paper: { fill: 'stone', stroke: 'ink', width: 0.25, dash: '0.3 0.8' },
    file: FILE,
  },
  buried: {
    screen: { fill: 'none', stroke: 'bark', width: 3, dash: '7 4' },
    paper: { fill: 'none', stroke: 'bark', width: 0.6, dash: '2 1.2' },
    file: FILE,
  },
  concrete: {
    screen: { fill: 'none', stroke: 'edge', width: 7, opacity: 0.7 },
    paper: { fill: 'none', stroke: 'edge', width: 1.4 },
    file: FILE,
  },
} as const satisfies Inks;

export type Look = keyof typeof LOOKS;
