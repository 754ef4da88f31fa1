import type { Market } from '../catalogue/market';
import type { Scope } from '../plan/changes/types';
import { choicesFor } from '../plan/effective';
import type { Choices, Plan } from '../plan/schema';
import type { Reader } from '../saying/makeReader';
import type { Asking } from './types';

export { postOptions } from '../stages/posts/questions';
export { skirtOptions } from '../stages/skirt/questions';
export { measuresOf } from '../stages/skirt/measures';
export { isLaid, shapeOf } from '../stages/skirt/shape';
export { skirtOfKind, skirtWanted } from '../stages/skirt/wanted';
export { KIND_IDS as SKIRT_KINDS, type Skirt } from '../stages/skirt/kinds';
export type { Asking, Option, OptionGroup } from './types';
export { wallOptions } from '../stages/walls/questions';
export { openingOptions } from '../stages/ways/questions';

/** What holds in a scope: the plan's choices, or an enclosure's or a side's own laid over them. */
export function choicesIn(plan: Plan, scope: Scope): Choices {
  if (scope.scope === 'plan') return plan.choices.plan;
  if (scope.scope === 'side') return choicesFor(plan, scope.of);
  return { ...plan.choices.plan, ...plan.choices.enclosure[scope.of] } as Choices;
}

/** Puts together what options are made from. */
export const asking = (plan: Plan, market: Market, reader: Reader, scope: Scope): Asking => ({
  plan,
  market,
  reader,
  scope,
  choices: choicesIn(plan, scope),
});
