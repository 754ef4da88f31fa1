import * as z from 'zod/mini';
import { type Issue, type Products } from '../../../plan/known';
import { meaning } from '../../../schema/common';
import { references, schema } from './choice';
import type { Skirt } from './kinds';
import { isLaid } from './shape';

/** What a house by itself says of its skirt. */
export const HOUSE = {
  skirt: z
    .optional(z.nullable(schema))
    .apply(meaning('Laid round it, whatever runs are built on to it; left out for none.')),
};

interface Skirted {
  readonly skirt?: Skirt | null | undefined;
}

/** The mesh that a house's skirt names is sold in the plan's edition or its own. */
export function houseReferences(
  { skirt }: Skirted,
  path: readonly (string | number)[],
  known: Products,
  issue: Issue,
): void {
  if (skirt) references({ skirt }, path, known, issue);
}

/** What a house is given where it is guarded: the skirt of the plan, if it is one. */
export const usualOfHouse = ({ skirt }: { readonly skirt: Skirt }): { readonly skirt: Skirt | null } => ({
  skirt: isLaid(skirt) ? skirt : null,
});
