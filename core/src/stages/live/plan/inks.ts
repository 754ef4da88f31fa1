import type { Inks } from '../../../scenes/ink';

const FILE = ['LIVE', 'YELLOW', 'CONTINUOUS'] as const;

/** How what is live is drawn from above. */
export const LIVE_INKS = {
  'live-run': {
    screen: { fill: 'live', fillOpacity: 0.05, stroke: 'none' },
    paper: { fill: 'live', fillOpacity: 0.04, stroke: 'none' },
    file: FILE,
  },
  'live-net': {
    screen: { fill: 'none', stroke: 'live', width: 2.4, dash: '7 2 1.5 2' },
    paper: { fill: 'none', stroke: 'live', width: 0.5, dash: '1.8 0.5 0.4 0.5' },
    file: FILE,
  },
  'live-turn': {
    screen: { fill: 'none', stroke: 'live', width: 1.6, dash: '2 3' },
    paper: { fill: 'none', stroke: 'live', width: 0.35, dash: '0.5 0.8' },
    file: FILE,
  },
  'live-back': {
    screen: { fill: 'none', stroke: 'live', width: 1.2, opacity: 0.75 },
    paper: { fill: 'none', stroke: 'live', width: 0.25 },
  },
  'live-gate': {
    screen: { fill: 'none', stroke: 'yolk', width: 3 },
    paper: { fill: 'none', stroke: 'ink', width: 0.5 },
    file: FILE,
  },
  'live-post': {
    screen: { fill: 'sheet', stroke: 'live', width: 1.6 },
    paper: { fill: 'sheet', stroke: 'live', width: 0.3 },
    file: FILE,
  },
  'live-strut': {
    screen: { fill: 'live', stroke: 'live', width: 1.6 },
    paper: { fill: 'live', stroke: 'live', width: 0.3 },
    file: FILE,
  },
  'live-wire': {
    screen: { fill: 'none', stroke: 'live', width: 1.8, dash: '1 3' },
    paper: { fill: 'none', stroke: 'live', width: 0.4, dash: '0.3 0.8' },
    file: FILE,
  },
  'live-lead': {
    screen: { fill: 'none', stroke: 'live', width: 1, dash: '10 4' },
    paper: { fill: 'none', stroke: 'live', width: 0.25, dash: '2.4 1' },
    file: FILE,
  },
  'live-source': {
    screen: { fill: 'live', stroke: 'ink', width: 1.4 },
    paper: { fill: 'live', stroke: 'ink', width: 0.3 },
    file: FILE,
  },
} as const satisfies Inks;

/** On the strip. */
export const STRIP_INKS = {
  'live-strand': { screen: { fill: 'none', stroke: 'live', width: 1.6 } },
  'live-foot': { screen: { fill: 'none', stroke: 'live', width: 1.6, dash: '4 3' } },
  'live-stake': { screen: { fill: 'none', stroke: 'ink', width: 1.6 } },
  'live-gap': { screen: { fill: 'none', stroke: 'yolk', width: 3 } },
} as const satisfies Inks;
