import * as z from 'zod/mini';
import { KINDS, KIND_IDS, type KindId } from './kinds';

type OfKind = (typeof KINDS)[KindId]['schema'];

export const arch = z.discriminatedUnion(
  'kind',
  KIND_IDS.map((id) => KINDS[id].schema) as unknown as readonly [OfKind, ...OfKind[]],
);

/** What a plan says of its arches: each stands over a run of its own. */
export const PLAN = {
  arches: z._default(z.array(arch).check(z.maxLength(20)), []),
};
