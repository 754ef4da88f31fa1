import * as z from 'zod/mini';
import { length, meaning, point } from '../../../schema/common';
import { KINDS, KIND_IDS, type KindId } from './kinds';

type OfKind = (typeof KINDS)[KindId]['schema'];

export const cover = z.discriminatedUnion(
  'kind',
  KIND_IDS.map((id) => KINDS[id].schema) as unknown as readonly [OfKind, ...OfKind[]],
);

/** What a plan says of its covers, and of the keeper who stands under them. */
export const PLAN = {
  covers: z._default(z.array(cover).check(z.maxLength(40)), []),
  section: z
    ._default(z.nullable(z.strictObject({ from: point, to: point })), null)
    .apply(
      meaning('The line across the sheet along which the section is drawn; null for across the middle.'),
    ),
  stature: z
    ._default(length(1, 2.5), 1.75)
    .apply(meaning('How tall the keeper is, boots on, m: what a person needs to stand.')),
};
