import * as z from 'zod/mini';
import { type Issue, type Products } from '../../../plan/known';
import { id, length, meaning, name } from '../../../schema/common';
import { references as skirtReferences, schema as skirt } from '../../skirt/plan/choice';

/** A vent, window or gap of a house, as it was found, and what is put over it. */
const vent = z.strictObject({
  id,
  name,
  width: length(0.02, 3).apply(meaning('Clear, m.')),
  height: length(0.02, 3).apply(meaning('Clear, m.')),
  count: z.number().check(z.int(), z.minimum(1), z.maximum(50)).apply(meaning('How many are alike.')),
  found: z
    .enum(['open', 'fly-screen'])
    .apply(meaning('What is in it now: nothing, or fly screen, which counts as nothing.')),
  mesh: z.nullable(id).apply(meaning('What is put over it under battens; null for nothing.')),
});
export type Vent = z.infer<typeof vent>;

/** What a house by itself is guarded by. */
export const HOUSE = {
  skirt: z
    .optional(z.nullable(skirt))
    .apply(meaning('Laid round it, whatever runs are built on to it; left out for none.')),
  vents: z.optional(z.array(vent).check(z.maxLength(60))).apply(meaning('Vents, windows and gaps.')),
};

/** Meshes that it names are sold in the plan's edition or its own. */
export function checkHouse(
  house: {
    readonly skirt?: z.infer<typeof skirt> | null | undefined;
    readonly vents?: readonly Vent[] | undefined;
  },
  path: readonly (string | number)[],
  known: Products,
  issue: Issue,
): void {
  if (house.skirt) skirtReferences({ skirt: house.skirt }, path, known, issue);
  house.vents?.forEach(({ id: own, mesh }, i) => {
    if (mesh !== null && !known.meshes.has(mesh))
      issue([...path, 'vents', i, 'mesh'], `no mesh “${mesh}” in this edition or among own products`);
    if (house.vents?.findIndex((v) => v.id === own) !== i)
      issue([...path, 'vents', i, 'id'], `the id “${own}” is used twice; give each its own`);
  });
}
