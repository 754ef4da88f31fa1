import type { TimberProduct } from './types';

const SAWN = [2.4, 3.0, 3.6, 4.8];

const timber = (kind: TimberProduct['kind'], thickness: number, width: number): TimberProduct => ({
  id: `${kind}-${width}x${thickness}`,
  kind,
  thickness: thickness / 1000,
  width: width / 1000,
  lengths: SAWN,
});

/** Treated sawn timber; sizes in mm here, m in the product. */
export const TIMBERS: readonly TimberProduct[] = [
  timber('board', 25, 150),
  timber('rail', 38, 88),
  timber('frame', 38, 63),
  timber('sill', 50, 100),
];

/** Rails, beams and props of steel tube, by their diameter. */
const tube = (diameter: number): TimberProduct => ({
  ...timber('tube', diameter, diameter),
  lengths: [2.0, 2.4, 3.0, 3.6],
});

/** What covers are held up and fastened by (rules: Cover). */
export const TIMBERS_2026_11_28: readonly TimberProduct[] = [
  ...TIMBERS,
  ...[75, 100, 125, 150, 175, 200].map((deep) => timber('joist', 47, deep)),
  timber('joist', 75, 75),
  timber('joist', 100, 100),
  tube(38),
  tube(48),
  timber('batten', 19, 38),
];

/** Hoops, and the lines between them, of flexible pipe by its diameter. */
const pipe = (diameter: number): TimberProduct => ({
  ...timber('pipe', diameter, diameter),
  lengths: [3.0, 4.5, 6.0],
});

/** What arches are built of (rules: Arched runs). */
export const TIMBERS_2026_11_28B: readonly TimberProduct[] = [...TIMBERS_2026_11_28, pipe(25), pipe(32)];

/** What leaves are framed with, and what lies under them. */
export const FRAME_TIMBER = 'frame-63x38';
export const SILL_TIMBER = 'sill-100x50';
export const BOARD_TIMBER = 'board-150x25';
export const RAIL_TIMBER = 'rail-88x38';
