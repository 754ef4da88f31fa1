import type { UnitSystem } from '../../../units/parseLength';
import { type ChoiceReferences, unique } from '../../../plan/known';
import { tidy } from '../../../units/round';
import { FOOT } from '../../../units/factors';
import * as z from 'zod/mini';
import { id, length, meaning } from '../../../schema/common';

export const band = z.strictObject({
  id,
  mesh: id,
  top: length(0.1, 6).apply(meaning('Height above the ground that the band is meant to reach, m.')),
  widths: z
    .union([z.literal('cheapest'), z.array(length(0.05, 6)).check(z.minLength(1), z.maxLength(3))])
    .apply(
      meaning('Roll widths stacked for this band, m, from the ground up; or the cheapest set at the yard.'),
    ),
  bottom: z
    .optional(z.nullable(length(0, 6)))
    .apply(
      meaning('Where it starts, m; left out or null, it laps the band below it, or stands on the ground.'),
    ),
});

const slope = z.strictObject({
  hang: z
    .enum(['by-mesh', 'follow', 'step'])
    .apply(
      meaning(
        'Whether mesh follows the ground or steps down it bay by bay; by-mesh goes by the grade its kind takes.',
      ),
    ),
  foot: z
    .enum(['mesh', 'gap'])
    .apply(
      meaning(
        'At the low post of a stepped bay: mesh down to the ground, or a gap that is closed otherwise.',
      ),
    ),
});
const board = z.nullable(id);
const boards = z
  .strictObject({ ground: board, top: board })
  .apply(meaning('A board or rail along the foot and the top of the wall, one piece a bay; null for none.'));
const overhang = length(0, 1).apply(meaning('Mesh folded outward at the top of the wall, m; 0 for none.'));

/** What is chosen for walls: what a plan file always says, what is filled in where it does not, and that alone where it is chosen apart. */
export const CHOICES = {
  bands: z.array(band).check(z.minLength(1), z.maxLength(12)),
  hanging: z.enum(['continuous', 'side-by-side']),
};
export const FILLED = {
  boards: z._default(boards, { ground: null, top: null }),
  overhang: z._default(overhang, 0),
  slope: z._default(slope, { hang: 'by-mesh', foot: 'mesh' }),
};
export const APART = { boards, overhang, slope };

type Usual = z.infer<z.ZodMiniObject<typeof CHOICES & typeof FILLED>>;

/** Taken unless something else is chosen: 0.6 and 1.2 rolls with a lap of 0.05 reach 1.75; 2 and 4 ft rolls with two inches reach 5′ 10″. */
export const usual = (units: UnitSystem): Usual => {
  const imperial = units === 'imperial';
  return {
    bands: [
      { id: 'low', mesh: 'fine-13', top: imperial ? tidy(2 * FOOT) : 0.6, widths: 'cheapest' },
      { id: 'high', mesh: 'welded-50x25', top: imperial ? 1.778 : 1.75, widths: 'cheapest' },
    ],
    hanging: 'continuous',
    slope: { hang: 'by-mesh', foot: 'mesh' },
    boards: { ground: null, top: null },
    overhang: 0,
  };
};

/** Meshes, boards and rails that a plan names are sold in its edition or its own; bands stand one above the other. */
export const references: ChoiceReferences<Pick<Usual, 'bands' | 'boards'>> = (
  { bands, boards: chosen },
  path,
  known,
  issue,
) => {
  bands?.forEach((band, i) => {
    const at = [...path, 'bands', i];
    if (!known.meshes.has(band.mesh))
      issue([...at, 'mesh'], `no mesh “${band.mesh}” in this edition or among own products`);
    const below = bands[i - 1];
    if (below && band.top <= below.top) issue([...at, 'top'], 'must be higher than the band below it');
  });
  if (bands) unique(bands, [...path, 'bands'], issue);
  for (const [at, timber] of Object.entries(chosen ?? {})) {
    if (timber !== null && !known.boards.has(timber))
      issue([...path, 'boards', at], `no board or rail “${timber}” in this edition`);
  }
};
