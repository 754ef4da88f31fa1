import type { GateKit, PostProduct } from './types';

const TREATED_ROUND = [1.8, 2.1, 2.4, 3.0, 3.6];
const SAWN = [1.8, 2.4, 3.0, 3.6];

const round = (size: number): PostProduct => ({
  id: `round-${size * 1000}`,
  kind: 'round',
  material: 'timber',
  standing: 'dug',
  size,
  lengths: TREATED_ROUND,
  clipsIncluded: 0,
});

const sawn = (size: number): PostProduct => ({
  id: `sawn-${size * 1000}`,
  kind: 'square',
  material: 'timber',
  standing: 'dug',
  size,
  lengths: SAWN,
  clipsIncluded: 0,
});

const tube = (size: number): PostProduct => ({
  id: `tube-${size * 1000}`,
  kind: 'tube',
  material: 'steel',
  standing: 'dug',
  size,
  lengths: [2.0, 2.4, 3.0, 3.6],
  clipsIncluded: 0,
});

/** The posts told apart (rules: Posts). Lengths are those sold in metres; a yard's own are in its offers. */
export const POSTS: readonly PostProduct[] = [
  {
    id: 't-40',
    kind: 'steel-t',
    material: 'steel',
    standing: 'driven',
    size: 0.04,
    lengths: [1.5, 1.8, 2.1, 2.4, 3.0],
    clipsIncluded: 5,
  },
  round(0.075),
  round(0.1),
  round(0.125),
  sawn(0.075),
  sawn(0.1),
  {
    id: 'half-round-100',
    kind: 'half-round',
    material: 'timber',
    standing: 'dug',
    size: 0.1,
    lengths: [2.4],
    clipsIncluded: 0,
  },
  tube(0.038),
  tube(0.048),
];

export const KITS: readonly GateKit[] = [{ id: 'gate-kit', widths: [0.8, 0.95, 1.3] }];

/** Sawn posts on driven spikes, and pop doors: what the edition of November added. */
export const POSTS_2026_11: readonly PostProduct[] = [
  ...POSTS,
  {
    id: 'spike-100',
    kind: 'spike',
    material: 'timber',
    standing: 'spike',
    size: 0.1,
    lengths: SAWN,
    clipsIncluded: 0,
  },
];

export const KITS_2026_11: readonly GateKit[] = [...KITS, { id: 'pop-door-kit', widths: [0.3, 0.45] }];

/** Flaps in a frame: for eggs, and to clean a house through. */
export const KITS_2026_11_25: readonly GateKit[] = [
  ...KITS_2026_11,
  { id: 'egg-hatch-kit', widths: [0.4] },
  { id: 'cleaning-hatch-kit', widths: [0.6, 0.9] },
];
