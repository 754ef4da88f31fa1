import type { Inks } from '../../../scenes/ink';

const FILE = ['ARCH', 'WHITE', 'CONTINUOUS'] as const;

/** How arches are drawn from above, and cut through. */
export const ARCH_INKS = {
  'arch-over': {
    screen: { fill: 'moss', fillOpacity: 0.07, stroke: 'none' },
    paper: { fill: 'moss', fillOpacity: 0.06, stroke: 'none' },
    file: FILE,
  },
  'arch-film': {
    screen: { fill: 'live', fillOpacity: 0.12, stroke: 'live', width: 1.2, dash: '10 3' },
    paper: { fill: 'live', fillOpacity: 0.1, stroke: 'live', width: 0.3, dash: '2.6 0.8' },
    file: ['COVER', 'CYAN', 'DASHED'],
  },
  rib: {
    screen: { fill: 'none', stroke: 'ink', width: 1.1, opacity: 0.75 },
    paper: { fill: 'none', stroke: 'ink', width: 0.25 },
    file: FILE,
  },
  'arch-ridge': {
    screen: { fill: 'none', stroke: 'bark', width: 3.4, opacity: 0.85 },
    paper: { fill: 'none', stroke: 'bark', width: 0.7 },
    file: FILE,
  },
  'cut-curve': {
    screen: { fill: 'none', stroke: 'ink', width: 3.4 },
    paper: { fill: 'none', stroke: 'ink', width: 0.7 },
    file: ['SECTION', 'WHITE', 'CONTINUOUS'],
  },
  'cut-film': {
    screen: { fill: 'none', stroke: 'live', width: 1.8, dash: '7 4' },
    paper: { fill: 'none', stroke: 'live', width: 0.4, dash: '1.8 1' },
    file: ['SECTION', 'CYAN', 'DASHED'],
  },
  wide: {
    screen: { fill: 'none', stroke: 'yolk', width: 3.4 },
    paper: { fill: 'none', stroke: 'yolk', width: 0.7 },
    file: ['DIMENSIONS', 'WHITE', 'CONTINUOUS'],
  },
} as const satisfies Inks;

/** On the strip: boards along the feet, and the curve of the ends. */
export const STRIP_INKS = {
  'arch-at-foot': { screen: { fill: 'none', stroke: 'bark', width: 4 } },
  'arch-at-end': { screen: { fill: 'none', stroke: 'ink', width: 2.4 } },
  'arch-rib': { screen: { fill: 'none', stroke: 'ink', width: 1, opacity: 0.6 } },
} as const satisfies Inks;
