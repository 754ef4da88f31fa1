import { POST_KINDS, type PostKind } from './postKinds';
import type { GateKit, PostProduct } from './types';

const TREATED_ROUND = [1.8, 2.1, 2.4, 3.0, 3.6];
const SAWN = [1.8, 2.4, 3.0, 3.6];

/** @param size  m; @param id  as the editions name it */
function post(kind: PostKind, id: string, size: number, lengths: readonly number[]): PostProduct {
  const { material, standing, clipsIncluded } = POST_KINDS[kind];
  return { id, kind, material, standing, size, lengths, clipsIncluded };
}

const round = (size: number) => post('round', `round-${size * 1000}`, size, TREATED_ROUND);
const sawn = (size: number) => post('square', `sawn-${size * 1000}`, size, SAWN);
const tube = (size: number) => post('tube', `tube-${size * 1000}`, size, [2.0, 2.4, 3.0, 3.6]);

/** The posts told apart (rules: Posts). Lengths are those sold in metres; a yard's own are in its offers. */
export const POSTS: readonly PostProduct[] = [
  post('steel-t', 't-40', 0.04, [1.5, 1.8, 2.1, 2.4, 3.0]),
  round(0.075),
  round(0.1),
  round(0.125),
  sawn(0.075),
  sawn(0.1),
  post('half-round', 'half-round-100', 0.1, [2.4]),
  tube(0.038),
  tube(0.048),
];

export const KITS: readonly GateKit[] = [{ id: 'gate-kit', widths: [0.8, 0.95, 1.3] }];

/** Sawn posts on driven spikes, and pop doors: what the edition of November added. */
export const POSTS_2026_11: readonly PostProduct[] = [...POSTS, post('spike', 'spike-100', 0.1, SAWN)];

export const KITS_2026_11: readonly GateKit[] = [...KITS, { id: 'pop-door-kit', widths: [0.3, 0.45] }];

/** Flaps in a frame: for eggs, and to clean a house through. */
export const KITS_2026_11_25: readonly GateKit[] = [
  ...KITS_2026_11,
  { id: 'egg-hatch-kit', widths: [0.4] },
  { id: 'cleaning-hatch-kit', widths: [0.6, 0.9] },
];
