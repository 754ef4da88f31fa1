import { inUnits } from '../saying/inUnits';
import type { Market } from '../catalogue/market';
import type { Scope } from '../plan/changes/types';
import { choicesFor } from '../plan/effective';
import type { Choices, Plan } from '../plan/schema';
import type { Reader } from '../saying/makeReader';
import type { Asking } from './asking/types';
import { ASKED } from '../stages/opened';

export * from '../stages/opened';
export { meshesOnOffer } from './asking/meshes';
export type { Asking, Option, OptionGroup } from './asking/types';

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

/** Every question of every stage, in the reader's units, whatever the answers were written in. */
export const QUESTIONS: typeof ASKED = Object.fromEntries(
  Object.entries(ASKED).map(([stage, ask]) => [
    stage,
    (asking: Asking) =>
      ask(asking).map((group) => ({
        ...group,
        options: group.options.map((option) => ({
          ...option,
          title: inUnits(option.title, asking.reader.system),
          note: inUnits(option.note, asking.reader.system),
        })),
      })),
  ]),
);
