import type { Buying, YardTerms } from './own';
import { EDITIONS } from './editions';
import type { Catalogue, Yard } from './types';

/** An edition by its name; what every object has by itself, such as `constructor`, is none. */
export const editionNamed = (name: string): Catalogue | undefined =>
  Object.hasOwn(EDITIONS, name) ? EDITIONS[name] : undefined;

/** A yard as its edition has it, with what the keeper was told laid over it. */
function withTerms(yard: Yard, own: YardTerms | undefined): Yard {
  if (!own) return yard;
  return {
    ...yard,
    delivery: own.delivery ?? yard.delivery,
    tax: { ...yard.tax, rate: own.tax ?? yard.tax.rate },
  };
}

/**
 * The edition that a plan names, its yards with the plan’s own terms.
 *
 * @throws RangeError when there is none: the plan schema lets none through
 */
export function editionOf({ buying }: { readonly buying: Pick<Buying, 'edition' | 'terms'> }): Catalogue {
  const catalogue = editionNamed(buying.edition);
  if (!catalogue) throw new RangeError(`no catalogue edition ${buying.edition}`);
  if (Object.keys(buying.terms).length === 0) return catalogue;
  return { ...catalogue, yards: catalogue.yards.map((yard) => withTerms(yard, buying.terms[yard.id])) };
}
