import {
  type Colour,
  type Ink,
  type Inks,
  type Pattern,
  SECTION_FILE as CUT,
  type Stroke,
} from '../../scenes/ink';
import { CUT_INKS, FOOT_INKS, MARK_INKS, OPENING_INKS, OVER_INKS, STRIP_INKS } from '../../stages/facts';

const HOLLOW = { fill: 'none' } as const;

/** What a section shows that the sheet does not. */
const SECTION = {
  earth: {
    screen: { fill: 'soil', stroke: 'none' },
    paper: { fill: 'run', stroke: 'none' },
  },
  surface: {
    screen: { ...HOLLOW, stroke: 'ink', width: 2.5 },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.5 },
    file: CUT,
  },
  'cut-wall': {
    screen: { ...HOLLOW, stroke: 'ink', width: 3, dash: '4 2' },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.6, dash: '1 0.5' },
    file: CUT,
  },
  'cut-post': {
    screen: { fill: 'boards', stroke: 'ink', width: 1.2 },
    paper: { fill: 'boards', stroke: 'ink', width: 0.3 },
    file: CUT,
  },
  ...CUT_INKS,
  'cut-cover': {
    screen: { ...HOLLOW, stroke: 'ink', width: 2.4 },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.5 },
    file: CUT,
  },
  'cut-rail': {
    screen: { fill: 'bark', stroke: 'ink', width: 1 },
    paper: { fill: 'bark', stroke: 'ink', width: 0.2 },
    file: CUT,
  },
  snow: {
    screen: { fill: 'live', fillOpacity: 0.16, stroke: 'live', width: 1, dash: '3 3' },
    paper: { fill: 'live', fillOpacity: 0.15, stroke: 'live', width: 0.2, dash: '0.8 0.8' },
    file: ['SNOW', 'BLUE', 'DASHED'],
  },
  keeper: {
    screen: { fill: 'moss', stroke: 'none' },
    paper: { fill: 'moss', stroke: 'none' },
    file: CUT,
  },
  limb: {
    screen: { ...HOLLOW, stroke: 'moss', width: 9 },
    paper: { ...HOLLOW, stroke: 'moss', width: 2.4 },
    file: CUT,
  },
} as const satisfies Inks;

const TABLE = {
  run: {
    screen: { fill: 'run', opacity: 0.5 },
    paper: { fill: 'run', stroke: 'none' },
    file: ['RUN', 'GREEN', 'CONTINUOUS'],
  },
  fence: {
    screen: { ...HOLLOW, stroke: 'ink', width: 3 },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.6 },
    file: ['FENCE', 'WHITE', 'CONTINUOUS'],
  },
  /** A fence that stands already: its mesh crosses the line. */
  standing: {
    screen: { ...HOLLOW, stroke: 'bark', width: 8, dash: '1.5 3.5' },
    paper: { ...HOLLOW, stroke: 'bark', width: 1.8, dash: '0.35 0.8' },
    file: ['STANDING', 'WHITE', 'DASHED'],
  },
  wall: {
    screen: { ...HOLLOW, stroke: 'edge', width: 6 },
    paper: { ...HOLLOW, stroke: 'edge', width: 1.2 },
    file: ['WALL', 'WHITE', 'CONTINUOUS'],
  },
  open: {
    screen: { ...HOLLOW, stroke: 'edge', width: 1.5, dash: '2 6' },
    paper: { ...HOLLOW, stroke: 'edge', width: 0.3, dash: '0.4 1.4' },
    file: ['OPEN', 'WHITE', 'DOTTED'],
  },
  'arch-foot': {
    screen: { ...HOLLOW, stroke: 'bark', width: 3.4 },
    paper: { ...HOLLOW, stroke: 'bark', width: 0.7 },
    file: ['ARCH', 'WHITE', 'CONTINUOUS'],
  },
  'arch-end': {
    screen: { ...HOLLOW, stroke: 'ink', width: 2 },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.4 },
    file: ['ARCH', 'WHITE', 'CONTINUOUS'],
  },
  ...FOOT_INKS,
  post: {
    screen: { fill: 'ink', stroke: 'ink' },
    paper: { fill: 'ink', stroke: 'ink', width: 0.3 },
    file: ['POSTS', 'WHITE', 'CONTINUOUS'],
  },
  'post-standing': {
    screen: { fill: 'sheet', stroke: 'bark', width: 2.2 },
    paper: { fill: 'sheet', stroke: 'bark', width: 0.5 },
    file: ['STANDING', 'WHITE', 'CONTINUOUS'],
  },
  line: {
    screen: { fill: 'sheet', stroke: 'ink', width: 1.5 },
    paper: { fill: 'sheet', stroke: 'ink', width: 0.35 },
    file: ['POSTS', 'WHITE', 'CONTINUOUS'],
  },
  ...OPENING_INKS,
  building: {
    screen: { fill: 'boards', stroke: 'ink', width: 1.5 },
    paper: { fill: 'boards', stroke: 'ink', width: 0.35 },
    file: ['BUILDINGS', 'WHITE', 'CONTINUOUS'],
  },
  roof: {
    screen: { ...HOLLOW, stroke: 'ink', width: 1.5, dash: '10 4' },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.35, dash: '2.6 1' },
    file: ['BUILDINGS', 'WHITE', 'DASHED'],
  },
  crown: {
    screen: { fill: 'moss', opacity: 0.22 },
    paper: { fill: 'moss', fillOpacity: 0.2, stroke: 'none' },
    file: ['TREES', 'GREEN', 'CONTINUOUS'],
  },
  trunk: {
    screen: { fill: 'bark' },
    paper: { fill: 'bark', stroke: 'none' },
    file: ['TREES', 'GREEN', 'CONTINUOUS'],
  },
  roots: {
    screen: { ...HOLLOW, stroke: 'bark', width: 1.2, dash: '2 4' },
    paper: { ...HOLLOW, stroke: 'bark', width: 0.25, dash: '0.5 0.9' },
    file: ['ROOTS', 'GREEN', 'DOTTED'],
  },
  service: {
    screen: { ...HOLLOW, stroke: 'live', width: 1.6, dash: '9 5' },
    paper: { ...HOLLOW, stroke: 'live', width: 0.4, dash: '2.2 1.3' },
    file: ['SERVICES', 'BLUE', 'DASHED'],
  },
  boundary: {
    screen: { ...HOLLOW, stroke: 'ink', width: 1.6, dash: '14 4 2 4' },
    paper: { ...HOLLOW, stroke: 'ink', width: 0.4, dash: '3.6 1 0.6 1' },
    file: ['BOUNDARIES', 'MAGENTA', 'DASHED'],
  },
  'line-path': {
    screen: { ...HOLLOW, stroke: 'bark', width: 5, opacity: 0.45 },
    paper: { ...HOLLOW, stroke: 'bark', width: 1, opacity: 0.45 },
    file: ['PATHS', 'YELLOW', 'CONTINUOUS'],
  },
  'line-water': {
    screen: { ...HOLLOW, stroke: 'live', width: 5, opacity: 0.4 },
    paper: { ...HOLLOW, stroke: 'live', width: 1, opacity: 0.4 },
    file: ['WATER', 'BLUE', 'CONTINUOUS'],
  },
  'line-live-fence': {
    screen: { ...HOLLOW, stroke: 'live', width: 1.4, dash: '2 3' },
    paper: { ...HOLLOW, stroke: 'live', width: 0.3, dash: '0.5 0.8' },
    file: ['LIVE', 'YELLOW', 'DOTTED'],
  },
  'line-tunnel': {
    screen: { ...HOLLOW, stroke: 'bark', width: 7, dash: '2 2' },
    paper: { ...HOLLOW, stroke: 'bark', width: 1.6, dash: '0.5 0.5' },
    file: ['FENCE', 'WHITE', 'DASHED'],
  },
  obstacle: {
    screen: { fill: 'bark', stroke: 'ink', width: 1.2 },
    paper: { fill: 'bark', stroke: 'ink', width: 0.3 },
    file: ['OBSTACLES', 'WHITE', 'CONTINUOUS'],
  },
  contour: {
    screen: { ...HOLLOW, stroke: 'moss', width: 1, opacity: 0.7 },
    paper: { ...HOLLOW, stroke: 'contour', width: 0.2 },
    file: ['CONTOURS', 'CYAN', 'CONTINUOUS'],
  },
  ...OVER_INKS,
  ...SECTION,
  ...MARK_INKS,
  ...STRIP_INKS,
} as const satisfies Inks;
export type InkKind = keyof typeof TABLE;

/** The one table of inks: the screen's sheet and strip, pictures, drawing files and print all draw by it. */
export const INKS: Readonly<Record<InkKind, Ink>> = TABLE;

/** Kinds at the foot of the fence, those over the run and those marked over it, in the order in which they are drawn. */
export const FOOT_KINDS = Object.keys(FOOT_INKS) as readonly InkKind[];
export const OVER_KINDS = Object.keys(OVER_INKS) as readonly InkKind[];
export const MARK_KINDS = Object.keys(MARK_INKS) as readonly InkKind[];

export const inkOf = (kind: InkKind): Ink => INKS[kind];

const PATTERNS: readonly (Colour | Pattern)[] = [
  'apron',
  'boards',
  'cobbles',
  'soil',
] satisfies readonly Pattern[];

/** A way to draw as the attributes of an element. */
export function attributesOf(
  { fill, fillOpacity, stroke, width, dash, opacity }: Stroke,
  colour: (name: Colour) => string,
): Readonly<Record<string, string | number>> {
  const said = (name: Colour | Pattern | 'none') =>
    name === 'none' ? name : PATTERNS.includes(name) ? `url(#${name})` : colour(name as Colour);
  return {
    ...(fill === undefined ? {} : { fill: said(fill) }),
    ...(fillOpacity === undefined ? {} : { 'fill-opacity': fillOpacity }),
    ...(stroke === undefined ? {} : { stroke: said(stroke) }),
    ...(width === undefined ? {} : { 'stroke-width': width }),
    ...(dash === undefined ? {} : { 'stroke-dasharray': dash }),
    ...(opacity === undefined ? {} : { opacity }),
  };
}
