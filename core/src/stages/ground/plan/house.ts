import * as z from 'zod/mini';
import { type Issue, type Products } from '../../../plan/known';
import { id, length, meaning, name } from '../../../schema/common';

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

/** A pop door, egg hatch or cleaning door in a wall of the house itself. */
const door = z.strictObject({
  id,
  kind: z.enum(['pop-door', 'egg-hatch', 'cleaning-door']),
  width: length(0.15, 1.5).apply(meaning('Clear, m.')),
  height: length(0.1, 1.5).apply(meaning('Clear, m.')),
  make: z._default(z.enum(['kit', 'built']), 'kit'),
  found: z
    ._default(z.boolean(), false)
    .apply(meaning('Whether it is there already: then nothing of it is bought.')),
});
export type HouseDoor = z.infer<typeof door>;

/** What birds stand on in the house. */
const floor = z.strictObject({
  kind: z.enum(['solid', 'earth', 'raised']),
  above: length(0, 3).apply(meaning('How high a raised floor is above the ground, m.')),
  open: z.boolean().apply(meaning('Whether birds come beneath a raised floor: its ground counts as theirs.')),
});

/** What a house by itself is, beside what other stages lay round it. */
export const HOUSE = {
  foot: z
    .optional(
      z.strictObject({
        out: length(0, 3).apply(meaning('How far it lies out on the ground, m.')),
        depth: z
          .nullable(length(0, 2))
          .apply(meaning('How deep it goes, m; null where it is not known, which counts as none.')),
      }),
    )
    .apply(meaning('What closes its foot already.')),
  floor: z.optional(floor).apply(meaning('Left out where nobody looked: it counts as solid.')),
  doors: z
    .optional(z.array(door).check(z.maxLength(20)))
    .apply(meaning('Doors and hatches in walls of its own.')),
  vents: z.optional(z.array(vent).check(z.maxLength(60))).apply(meaning('Vents, windows and gaps.')),
};

/** Meshes that it names are sold in the plan's edition or its own. */
export function checkHouse(
  house: {
    readonly vents?: readonly Vent[] | undefined;
    readonly doors?: readonly HouseDoor[] | undefined;
  },
  path: readonly (string | number)[],
  known: Products,
  issue: Issue,
): void {
  house.doors?.forEach(({ id: own }, i) => {
    if (house.doors?.findIndex((d) => d.id === own) !== i)
      issue([...path, 'doors', i, 'id'], `the id “${own}” is used twice; give each its own`);
  });
  house.vents?.forEach(({ id: own, mesh }, i) => {
    if (mesh !== null && !known.meshes.has(mesh))
      issue([...path, 'vents', i, 'mesh'], `no mesh “${mesh}” in this edition or among own products`);
    if (house.vents?.findIndex((v) => v.id === own) !== i)
      issue([...path, 'vents', i, 'id'], `the id “${own}” is used twice; give each its own`);
  });
}
