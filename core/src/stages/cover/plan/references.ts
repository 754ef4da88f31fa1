import type { PlanReferences } from '../../../plan/known';
import { type Cover, makeupOf, rowOf } from './kinds';

/** Timbers and tubes that a cover names, by field. */
function timbersOf(cover: Cover): readonly (readonly [field: string, id: string])[] {
  const fields = cover as unknown as Readonly<Record<string, string>>;
  return rowOf(cover).timbers.map((field) => [field, fields[field] ?? ''] as const);
}

/** Covers lie over runs that there are, and are made of what is sold. */
export const references: PlanReferences<{ readonly covers: readonly Cover[] }> = (
  { covers },
  known,
  issue,
) => {
  const seen = new Set<string>();
  covers.forEach((cover, i) => {
    const at = ['covers', i] as const;
    if (seen.has(cover.id)) issue([...at, 'id'], `the id “${cover.id}” is used twice; give each its own`);
    seen.add(cover.id);
    if (!known.enclosures.has(cover.enclosure))
      issue([...at, 'enclosure'], `no enclosure “${cover.enclosure}” in this plan`);
    if (!known.meshes.has(cover.mesh))
      issue([...at, 'mesh'], `no mesh “${cover.mesh}” in this edition or among own products`);
    for (const [field, id] of timbersOf(cover))
      if (!known.timbers.has(id)) issue([...at, field], `no timber or tube “${id}” in this edition`);
    const made = makeupOf(cover);
    if (made.laid === 'walls')
      made.how.sides?.forEach((side, k) => {
        if (!known.sides.has(side)) issue([...at, 'sides', k], `no side “${side}” in this plan`);
      });
  });
};
