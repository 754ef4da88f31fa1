import type { Buying } from './own';
import { EDITIONS } from './editions';
import type { Catalogue } from './types';

/** An edition by its name; what every object has by itself, such as `constructor`, is none. */
export const editionNamed = (name: string): Catalogue | undefined =>
  Object.hasOwn(EDITIONS, name) ? EDITIONS[name] : undefined;

/** The edition that a plan names. @throws RangeError when there is none: the plan schema lets none through */
export function editionOf(plan: { readonly buying: Pick<Buying, 'edition'> }): Catalogue {
  const catalogue = editionNamed(plan.buying.edition);
  if (!catalogue) throw new RangeError(`no catalogue edition ${plan.buying.edition}`);
  return catalogue;
}
