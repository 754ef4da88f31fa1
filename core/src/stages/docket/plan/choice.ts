import * as z from 'zod/mini';
import { buying, extraPiece, ownedPiece } from '../../../catalogue/own';
import { meaning } from '../../../schema/common';

/** What a plan says of buying. */
export const PLAN = {
  buying,
  owned: z
    ._default(z.array(ownedPiece).check(z.maxLength(200)), [])
    .apply(meaning('What is there already and may be used here.')),
  extras: z
    ._default(z.array(extraPiece).check(z.maxLength(50)), [])
    .apply(meaning('Pieces of mesh wanted beside the fence.')),
};
