import * as z from 'zod/mini';
import { HOUSE } from './house';
import { roof } from './roof';
import { LINE_KIND_IDS, OBSTACLE_KIND_IDS } from './kinds';
import { id, name, length, meaning, point } from '../../../schema/common';

/** A building: what it is itself, and what other stages lay round it. */
export const buildingWith = <S extends z.core.$ZodShape>(laidRound: S) =>
  z.strictObject({
    id,
    name,
    outline: z.array(point).check(z.minLength(3), z.maxLength(100)),
    eaves: z._default(length(0, 20), 2).apply(meaning('Height of the lowest edge of its roof, m.')),
    height: z._default(length(0, 30), 2.6).apply(meaning('Height of its ridge, m.')),
    stands: z
      ._default(z.enum(['walls', 'posts']), 'walls')
      .apply(meaning('On walls, or on posts: a roof with nothing under it.')),
    roof: z.optional(roof),
    ...laidRound,
    ...HOUSE,
  });
export const tree = z.strictObject({
  id,
  name,
  at: point,
  trunk: length(0, 5).apply(meaning('Diameter, m.')),
  roots: z
    ._default(length(0, 30), 2.5)
    .apply(meaning('Radius round the trunk in which nothing is trenched, m.')),
  crown: length(0, 50).apply(meaning('Radius, m.')),
});
export const service = z.strictObject({
  id,
  name,
  kind: z.enum(['water', 'power', 'gas', 'drain', 'phone']),
  depth: length(0, 10),
  line: z.array(point).check(z.minLength(2), z.maxLength(100)),
});

export const boundary = z.strictObject({
  id,
  name,
  kind: z
    ._default(z.enum(LINE_KIND_IDS), 'boundary')
    .apply(meaning('Where the land ends, a path, the edge of water, or a live fence of another energiser.')),
  line: z.array(point).check(z.minLength(2), z.maxLength(100)),
  tunnel: z
    .optional(z.strictObject({ width: length(0.2, 1), height: length(0.2, 1), mesh: id }))
    .apply(meaning('Of a tunnel: how wide and high it is, and the mesh over it.')),
});
export const obstacle = z
  .strictObject({
    id,
    name,
    kind: z.enum(OBSTACLE_KIND_IDS),
    at: point,
    across: length(0, 20).apply(meaning('Its longest measure over the ground, m.')),
    height: z._default(length(0, 50), 2),
  })
  .apply(meaning('What stands about: a pole or a stack that could be jumped from, a lamp or a scarecrow.'));
export const spotHeight = z
  .strictObject({ id, at: point, height: length(-500, 5000) })
  .apply(meaning('A measured height of the ground, m above any level that all of them share.'));
export const tapeMark = z
  .strictObject({ id, name, at: point, height: z.nullable(length(-500, 5000)) })
  .apply(meaning('A fixed place that is measured from, such as a house corner.'));
export const tapeStake = z.strictObject({
  id,
  name,
  side: z
    .enum(['front', 'behind'])
    .apply(meaning('In front is left of the line from the first mark to the second.')),
  height: z
    .nullable(length(-500, 5000))
    .apply(meaning('Of the ground, above the level of the marks’; null if unknown, m.')),
  readings: z.array(z.strictObject({ mark: id, distance: length(0.01, 1000) })).check(z.maxLength(20)),
});
export const tape = z.strictObject({
  marks: z.array(tapeMark).check(z.maxLength(20)),
  stakes: z.array(tapeStake).check(z.maxLength(100)),
  between: z
    .array(z.strictObject({ from: id, to: id, distance: length(0.01, 1000) }))
    .check(z.maxLength(200))
    .apply(meaning('Distances from stake to stake, such as diagonals, m.')),
});

/** What a plan says of its ground: what stands, lies or was measured on it. */
export const planWith = <B extends z.core.$ZodType>(building: B) => ({
  ground: z.strictObject({
    soil: z.enum(['sand', 'loam', 'clay', 'stony']),
    frost: z._default(length(0, 3), 0.45).apply(meaning('Depth to which the ground freezes, m.')),
    north: z
      ._default(z.number().check(z.minimum(-Math.PI), z.maximum(Math.PI)), 0)
      .apply(meaning('Turn of true north from the y axis, clockwise, radians.')),
    buildings: z.array(building).check(z.maxLength(50)),
    trees: z.array(tree).check(z.maxLength(200)),
    services: z.array(service).check(z.maxLength(50)),
    boundaries: z._default(z.array(boundary).check(z.maxLength(50)), []),
    obstacles: z._default(z.array(obstacle).check(z.maxLength(50)), []),
    spotHeights: z._default(z.array(spotHeight).check(z.maxLength(500)), []),
    tape: z
      ._default(tape, { marks: [], stakes: [], between: [] })
      .apply(meaning('Tape readings as they were taken, m.')),
  }),
});
