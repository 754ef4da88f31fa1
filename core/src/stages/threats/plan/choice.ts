import * as z from 'zod/mini';
import { length, meaning } from '../../../schema/common';
import { PRESENCES, THREAT_IDS } from './kinds';

/** Who is about; whoever is not named is absent. */
const threats = z.partialRecord(z.enum(THREAT_IDS), z.enum(PRESENCES));

const figures = z.strictObject({
  squeeze: z.optional(length(0.005, 1).apply(meaning('Smallest gap it gets through, m.'))),
  reach: z.optional(length(0.005, 1).apply(meaning('Smallest opening through which it takes a bird, m.'))),
  dig: z.optional(length(0, 3).apply(meaning('Depth it digs under a fence, m.'))),
  apron: z.optional(length(0, 3).apply(meaning('Width of flat apron that stops its digging, m.'))),
  wire: z.optional(length(0.0001, 0.02).apply(meaning('Thinnest welded wire that it does not break, m.'))),
});
const threatFigures = z
  ._default(z.partialRecord(z.enum(THREAT_IDS), figures), {})
  .apply(meaning('What the keeper thinks of a threat otherwise than Aviarum does.'));

/** What a plan says of its threats. */
export const PLAN = { threats, threatFigures };
