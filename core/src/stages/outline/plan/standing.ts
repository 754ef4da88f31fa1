import * as z from 'zod/mini';
import { type Issue, type Products } from '../../../plan/known';
import { id, length, meaning } from '../../../schema/common';
import { tidy } from '../../../units/round';

/** What a fence is like that stands already: tired wire counts as a third thinner, a broken fence as a gap (rules: What stands). */
export const STATE_IDS = ['sound', 'tired', 'broken'] as const;
export type StateId = (typeof STATE_IDS)[number];

const band = z.strictObject({
  mesh: z
    .nullable(id)
    .apply(meaning('Null where it is not known: it counts as thin hexagonal mesh of 50 mm.')),
  top: length(0.1, 6).apply(meaning('Height above the ground that it reaches, m.')),
});

/** A fence as it was found. */
export const standing = z
  .strictObject({
    height: z
      .nullable(length(0.1, 6))
      .apply(meaning('Height of the fence above the ground, m; null where nobody measured it.')),
    bands: z.array(band).check(z.maxLength(6)).apply(meaning('What hangs on it, from the ground up.')),
    state: z.enum(STATE_IDS),
    spacing: z._default(length(0.3, 6), 2.4).apply(meaning('From post to post, m.')),
    foot: z
      ._default(
        z.nullable(
          z.strictObject({
            out: length(0, 3).apply(meaning('How far it lies out on the ground, m.')),
            depth: z
              .nullable(length(0, 2))
              .apply(meaning('How deep it goes, m; null where it is not known, which counts as none.')),
          }),
        ),
        null,
      )
      .apply(meaning('What closes its foot already; null for nothing.')),
    low: z
      ._default(z.nullable(z.strictObject({ mesh: id, top: length(0.1, 6) })), null)
      .apply(meaning('A finer band that is bought and tied over its foot.')),
    higher: z
      .optional(z.nullable(z.strictObject({ mesh: id, top: length(0.3, 6) })))
      .apply(meaning('Mesh above it, on timbers beside its posts: bought, like the timbers.')),
  })
  .apply(meaning('A fence that stands already: nothing of it is bought, and it is judged as it was found.'));
export type Standing = z.infer<typeof standing>;

/** Taken until somebody looks closer: hexagonal mesh on posts, as most old fences are. */
export const usualStanding = (height: number): Standing => ({
  height,
  bands: [{ mesh: null, top: height }],
  state: 'sound',
  spacing: 2.4,
  foot: null,
  low: null,
});

/** Heights where nothing is measured, m. */
const LOW = 1;

/** How high it stands, as far as anybody knows, m. */
export const heightOf = ({ height, bands }: Standing): number =>
  height ?? bands[bands.length - 1]?.top ?? LOW;

/** The band that is hung over its foot, as walls have theirs. */
export const ADDED = 'added';
export const HIGHER = 'higher';
/** Mesh above laps the old one by so much, m. */
const HIGHER_LAPS = 0.05;
export const addedTo = (standing: Standing) => {
  const { low, higher } = standing;
  const bottom = tidy(Math.max(0, heightOf(standing) - HIGHER_LAPS));
  return [
    ...(low === null ? [] : [{ id: ADDED, mesh: low.mesh, top: low.top, widths: 'cheapest' as const }]),
    ...(higher
      ? [{ id: HIGHER, mesh: higher.mesh, top: higher.top, widths: 'cheapest' as const, bottom }]
      : []),
  ];
};

/** What closes the top of a fence of whose mesh nothing is known. */
export const STRONG = 'welded-50x25';

/** How high it stands with what is put on it, m. */
export const topOf = (standing: Standing): number => Math.max(heightOf(standing), standing.higher?.top ?? 0);

/** Meshes that it names are sold in the plan's edition or its own; bands stand one above the other. */
export function checkStanding(
  { bands, low, higher }: Standing,
  path: readonly (string | number)[],
  { meshes }: Pick<Products, 'meshes'>,
  issue: Issue,
): void {
  const known = (mesh: string | null, at: readonly (string | number)[]) => {
    if (mesh !== null && !meshes.has(mesh))
      issue([...path, ...at, 'mesh'], `no mesh “${mesh}” in this edition or among own products`);
  };
  bands.forEach(({ mesh, top }, i) => {
    known(mesh, ['bands', i]);
    const below = bands[i - 1];
    if (below && top <= below.top)
      issue([...path, 'bands', i, 'top'], 'must be higher than the band below it');
  });
  if (low) known(low.mesh, ['low']);
  if (higher) known(higher.mesh, ['higher']);
}
