import { z } from 'zod';
import { id, name, length, point } from './common';

export const building = z.strictObject({
  id,
  name,
  outline: z.array(point).min(3).max(100),
  eaves: length(0, 20).default(2).describe('Height of the lowest edge of its roof, m.'),
  height: length(0, 30).default(2.6).describe('Height of its ridge, m.'),
});
export const tree = z.strictObject({
  id,
  name,
  at: point,
  trunk: length(0, 5).describe('Diameter, m.'),
  roots: length(0, 30).default(2.5).describe('Radius round the trunk in which nothing is trenched, m.'),
  crown: length(0, 50).describe('Radius, m.'),
});
export const service = z.strictObject({
  id,
  name,
  kind: z.enum(['water', 'power', 'gas', 'drain', 'phone']),
  depth: length(0, 10),
  line: z.array(point).min(2).max(100),
});

export const boundary = z.strictObject({ id, name, line: z.array(point).min(2).max(100) });
export const spotHeight = z
  .strictObject({ id, at: point, height: length(-500, 5000) })
  .describe('A measured height of the ground, m above any level that all of them share.');
export const tapeMark = z
  .strictObject({ id, name, at: point, height: length(-500, 5000).nullable() })
  .describe('A fixed place that is measured from, such as a house corner.');
export const tapeStake = z.strictObject({
  id,
  name,
  side: z
    .enum(['front', 'behind'])
    .describe('In front is left of the line from the first mark to the second.'),
  height: length(-500, 5000)
    .nullable()
    .describe('Of the ground, above the level of the marks’; null if unknown, m.'),
  readings: z.array(z.strictObject({ mark: id, distance: length(0.01, 1000) })).max(20),
});
export const tape = z.strictObject({
  marks: z.array(tapeMark).max(20),
  stakes: z.array(tapeStake).max(100),
  between: z
    .array(z.strictObject({ from: id, to: id, distance: length(0.01, 1000) }))
    .max(200)
    .describe('Distances from stake to stake, such as diagonals, m.'),
});
