import type { Ink, Inks } from '../../../scenes/ink';
import { KINDS, KIND_IDS, type KindId } from './kinds';

const FILE = ['SUPPORTS', 'YELLOW', 'CONTINUOUS'] as const;

type KindInks = { readonly [K in KindId as `cover-${K}`]: Ink };
/** Each kind as its row says. */
const KIND_INKS = Object.fromEntries(
  KIND_IDS.map((kind) => [`cover-${kind}`, KINDS[kind].look] as const),
) as KindInks;

/** How covers and what holds them up are drawn: covers first, in the order of their kinds. */
export const COVER_INKS = {
  ...KIND_INKS,
  'cover-wire': {
    screen: { fill: 'none', stroke: 'ink', width: 1.4, dash: '8 2' },
    paper: { fill: 'none', stroke: 'ink', width: 0.3, dash: '2 0.6' },
    file: FILE,
  },
  'cover-seam': {
    screen: { fill: 'none', stroke: 'moss', width: 1 },
    paper: { fill: 'none', stroke: 'moss', width: 0.2 },
    file: ['COVER', 'CYAN', 'CONTINUOUS'],
  },
  rail: {
    screen: { fill: 'none', stroke: 'bark', width: 2 },
    paper: { fill: 'none', stroke: 'bark', width: 0.4 },
    file: FILE,
  },
  beam: {
    screen: { fill: 'none', stroke: 'bark', width: 4, opacity: 0.85 },
    paper: { fill: 'none', stroke: 'bark', width: 0.8 },
    file: FILE,
  },
  prop: {
    screen: { fill: 'sheet', stroke: 'bark', width: 2 },
    paper: { fill: 'sheet', stroke: 'bark', width: 0.4 },
    file: FILE,
  },
} as const satisfies Inks;

/** Its edge on the strip. */
export const STRIP_INKS = {
  'cover-at-edge': { screen: { fill: 'none', stroke: 'moss', width: 3, dash: '9 3' } },
} as const satisfies Inks;
