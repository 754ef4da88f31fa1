import * as z from 'zod/mini';
import { length, meaning } from '../../../schema/common';

interface RoofRow {
  readonly name: string;
  /** Rain runs off it and snow slides; through mesh both fall where they are. */
  readonly sheds: boolean;
}

/** What a roof that stands is of: each keeps out what comes from above (rules: What stands). */
const TABLE = {
  sheet: { name: 'sheets of tin or the like', sheds: true },
  boarded: { name: 'boards and felt', sheds: true },
  tarp: { name: 'a tarp or film', sheds: true },
  mesh: { name: 'mesh', sheds: false },
  net: { name: 'a net', sheds: false },
} as const satisfies Readonly<Record<string, RoofRow>>;
export type RoofKindId = keyof typeof TABLE;
export const ROOFS: Readonly<Record<RoofKindId, RoofRow>> = TABLE;
export const ROOF_KIND_IDS = Object.keys(TABLE) as [RoofKindId, ...RoofKindId[]];

export const ROOF_SHAPE_IDS = ['flat', 'one-way', 'gable'] as const;
export type RoofShapeId = (typeof ROOF_SHAPE_IDS)[number];

/** How a roof lies that stands on posts. */
export const roof = z
  .strictObject({
    kind: z.enum(ROOF_KIND_IDS),
    shape: z
      .enum(ROOF_SHAPE_IDS)
      .apply(meaning('Flat, falling to one side, or with a ridge half way across.')),
    low: z
      .number()
      .check(z.int(), z.minimum(0), z.maximum(99))
      .apply(
        meaning('Its low edge, from this corner of the outline to the next; a gable has another opposite.'),
      ),
    spacing: z
      .nullable(length(0.3, 6))
      .apply(meaning('From post to post along its edges, m; null where they are pinned one by one.')),
  })
  .apply(meaning('A roof that stands already: from `eaves` at its low edge to `height`.'));
export type Roof = z.infer<typeof roof>;

/** Taken until somebody looks closer. */
export const USUAL_ROOF: Roof = { kind: 'sheet', shape: 'one-way', low: 0, spacing: 2.4 };
