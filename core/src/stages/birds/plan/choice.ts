import * as z from 'zod/mini';
import { id } from '../../../schema/common';
import { BIRD_KINDS, SPACE_SCHOOLS } from './kinds';

/** Birds of one kind that are kept alike. */
export const flock = z.strictObject({
  id,
  kind: z.enum(BIRD_KINDS),
  count: z.int().check(z.minimum(0), z.maximum(100000)),
  keeping: z.enum(['confined', 'part-day']),
});

/** Who lives in the run. */
const flocks = z.array(flock).check(z.maxLength(40));

/** How much room a bird is given. */
const space = z.enum(SPACE_SCHOOLS);

/** What a plan says of its birds. */
export const PLAN = { flock: flocks, space };
