import type { Plan } from '../plan/schema';
import { EDITIONS } from './editions';
import type { Catalogue } from './types';

/** The edition that a plan names. @throws RangeError when there is none: the plan schema lets none through */
export function editionOf(plan: Pick<Plan, 'buying'>): Catalogue {
  const catalogue = EDITIONS[plan.buying.edition];
  if (!catalogue) throw new RangeError(`no catalogue edition ${plan.buying.edition}`);
  return catalogue;
}
