import {
  type OptionGroup,
  type Plan,
  WHOLE_PLAN,
  asking,
  editionOf,
  marketOf,
  postOptions,
  readerFor,
  skirtOptions,
  wallOptions,
  openingOptions,
} from '../index';

/** Every question of every stage that a plan can be asked, by panel; of the walls, for each band. */
export function everyOption(plan: Plan): Readonly<Record<string, readonly OptionGroup[]>> {
  const ask = asking(plan, marketOf(editionOf(plan), plan.buying), readerFor(plan), WHOLE_PLAN);
  const products = editionOf(plan).posts.map((p) => p.id);
  const walls = plan.choices.plan.bands.map(
    (band) => [`walls, ${band.id} band`, wallOptions(ask, band)] as const,
  );
  return {
    posts: postOptions(ask, products, ['corner', 'wall', 'gate', 'line']),
    ...Object.fromEntries(walls),
    skirt: skirtOptions(ask),
    ways: plan.openings.flatMap((opening) => openingOptions(ask, opening)),
  };
}
