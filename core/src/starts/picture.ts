import type { Vector } from '../ground/vector';

/**
 * What a start looks like from the side, in metres as on the strip: x along, y up from the ground.
 *
 * Each shape says what it is; weights, patterns and colours are the painter's.
 */
export type PictureShape =
  | { readonly what: 'house' | 'mesh' | 'gate'; readonly points: readonly Vector[] }
  | { readonly what: 'post' | 'stake' | 'roof' | 'buried' | 'brace'; readonly points: readonly Vector[] }
  | { readonly what: 'bird'; readonly at: Vector; readonly size: number };

export type Picture = readonly PictureShape[];

/** All pictures are as wide and reach as high and deep as this, m. */
export const PICTURE = { width: 8, high: 2.7, deep: 0.7 } as const;

const box = (from: number, to: number, low: number, high: number): readonly Vector[] => [
  { x: from, y: low },
  { x: to, y: low },
  { x: to, y: high },
  { x: from, y: high },
];
const upright = (x: number, low: number, high: number): readonly Vector[] => [
  { x, y: low },
  { x, y: high },
];

/** A gabled house seen from its end. */
export const gable = (from: number, to: number, eaves: number, ridge: number): PictureShape => ({
  what: 'house',
  points: [
    { x: from, y: 0 },
    { x: to, y: 0 },
    { x: to, y: eaves },
    { x: (from + to) / 2, y: ridge },
    { x: from, y: eaves },
  ],
});
export const mesh = (from: number, to: number, top: number): PictureShape => ({
  what: 'mesh',
  points: box(from, to, 0, top),
});
export const post = (x: number, top: number): PictureShape => ({
  what: 'post',
  points: upright(x, -0.6, top),
});
export const stake = (x: number, top: number): PictureShape => ({
  what: 'stake',
  points: upright(x, -0.5, top),
});
/** A leaf with its brace. */
export const gate = (from: number, to: number, top: number): Picture => [
  { what: 'gate', points: box(from, to, 0, top) },
  {
    what: 'brace',
    points: [
      { x: from, y: 0 },
      { x: to, y: top },
    ],
  },
];
export const buried = (from: number, to: number): PictureShape => ({
  what: 'buried',
  points: [
    { x: from, y: -0.16 },
    { x: to, y: -0.16 },
  ],
});
export const roof = (a: Vector, b: Vector): PictureShape => ({ what: 'roof', points: [a, b] });
export const bird = (x: number, size: number): PictureShape => ({ what: 'bird', at: { x, y: 0 }, size });
