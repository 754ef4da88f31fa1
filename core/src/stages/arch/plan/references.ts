import type { Cover } from '../../cover/plan/kinds';
import { type PlanReferences, unique } from '../../../plan/known';
import { type Arch, makeupOf } from './kinds';

/** Timbers and pipes that an arch names, by field. */
const timbersOf = (arch: Arch): readonly (readonly [field: string, id: string | null])[] => [
  ['boards', arch.boards],
  ['ridge', arch.ridge],
  ['prop', arch.prop],
  ['pipe', makeupOf(arch).pipe?.timber ?? null],
];
const meshesOf = (arch: Arch): readonly (readonly [field: string, id: string | null])[] => [
  ['skin', arch.skin],
  ['low', arch.low],
  ['film', arch.film],
  ['panel', makeupOf(arch).panels?.mesh ?? null],
];

/** Arches stand over runs that there are, one each, and are made of what is sold. */
export const references: PlanReferences<{
  readonly arches: readonly Arch[];
  readonly covers: readonly Cover[];
}> = ({ arches, covers }, known, issue) => {
  unique(arches, ['arches'], issue);
  const over = new Set<string>();
  arches.forEach((arch, i) => {
    const at = ['arches', i] as const;
    if (!known.enclosures.has(arch.enclosure))
      issue([...at, 'enclosure'], `no enclosure “${arch.enclosure}” in this plan`);
    if (over.has(arch.enclosure))
      issue(
        [...at, 'enclosure'],
        `an arch stands over “${arch.enclosure}” already; give this one a run of its own`,
      );
    over.add(arch.enclosure);
    // How both bear snow and wind is told by their ids.
    if (covers.some((c) => c.id === arch.id))
      issue([...at, 'id'], `the id “${arch.id}” is a cover’s; give the arch another`);
    for (const [field, id] of meshesOf(arch))
      if (id !== null && !known.meshes.has(id))
        issue([...at, field], `no mesh “${id}” in this edition or among own products`);
    for (const [field, id] of timbersOf(arch))
      if (id !== null && !known.timbers.has(id))
        issue([...at, field], `no timber or pipe “${id}” in this edition`);
  });
};
