import type { Choices, Plan } from './schema';
import type { Scope } from './scope';

/** The plan with something chosen in a scope, from what holds there now. */
export function choose(plan: Plan, scope: Scope, change: (now: Choices) => Partial<Choices>): Plan {
  const { choices } = plan;
  if (scope.scope === 'plan')
    return { ...plan, choices: { ...choices, plan: { ...choices.plan, ...change(choices.plan) } } };
  const own = choices[scope.scope][scope.of] ?? {};
  const choicesNow = { ...choices.plan, ...own } as Choices;
  return {
    ...plan,
    choices: {
      ...choices,
      [scope.scope]: { ...choices[scope.scope], [scope.of]: { ...own, ...change(choicesNow) } },
    },
  };
}
