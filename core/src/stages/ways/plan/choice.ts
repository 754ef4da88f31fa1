import * as z from 'zod/mini';
import { KINDS, KIND_IDS, type KindId } from './kinds';

type OfKind = (typeof KINDS)[KindId]['schema'];

export const opening = z.discriminatedUnion(
  'kind',
  KIND_IDS.map((id) => KINDS[id].schema) as unknown as readonly [OfKind, ...OfKind[]],
);

/** What a plan says of its ways in. */
export const PLAN = { openings: z.array(opening).check(z.maxLength(400)) };
