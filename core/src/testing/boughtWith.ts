import type { Assigned, Choice } from '../buying/opened';
import { assignedTo } from '../buying/cheapest';
import { tradedFor } from '../buying/leastTogether';
import { weighedBy, weighing } from '../buying/settle';
import { editionOf } from '../catalogue';
import { cutRunsOnce } from '../cutting/known';
import { newMemo } from '../cutting/memo';
import type { Cutter } from '../cutting/wanted';
import { makeEngine } from '../engine/engine';
import { type Given, give } from '../engine/step';
import * as K from '../keys';
import type { Plan } from '../plan/schema';
import { NO_PROOFS } from '../buying/proofBook';
import { TABLES } from '../reckon';
import { reckoningFrom } from '../reckoning/reckoner';
import type { Reckoning } from '../reckoning';

const givenFor = (plan: Plan): Given => [
  give(K.PLAN, plan),
  give(K.CATALOGUE, editionOf(plan)),
  give(K.MEMO, newMemo()),
  give(K.PROOFS, NO_PROOFS),
];

/** Every way to take one candidate for each choice. */
const waysOf = (choices: readonly Choice[]): readonly Assigned[] =>
  choices
    .reduce<readonly Choice['takings'][]>(
      (ways, { takings }) => ways.flatMap((way) => takings.map((taking) => [...way, taking])),
      [[]],
    )
    .map((takings) => assignedTo(choices, takings));

/** What was chosen for a plan where it is bought, and every way in which it could be chosen there. */
export function choicesOf(plan: Plan): { readonly assigned: Assigned; readonly ways: readonly Assigned[] } {
  const { settling, assigned } = makeEngine().run(TABLES(plan), givenFor(plan))(K.BOUGHT);
  return { assigned, ways: waysOf(settling.opened.choices) };
}

/**
 * A reckoning in which open demands take what they are given, whatever it costs.
 *
 * @param joints  as the cheapest rolls have them; or fewer from dearer rolls, where their packs cost more than that
 */
export function boughtWith(
  plan: Plan,
  assigned: Assigned,
  joints: 'cheapest' | 'traded' = 'cheapest',
): Reckoning {
  const { settling } = makeEngine().run(TABLES(plan), givenFor(plan))(K.BOUGHT);
  const cut: Cutter = (task) => cutRunsOnce(task, settling.memo, {});
  const taken = weighing(settling, cut)(assigned);
  const cuttings = joints === 'traded' ? tradedFor(taken, weighedBy(settling, cut)).cuttings : null;
  return reckoningFrom(
    makeEngine().run(TABLES(plan), [
      ...givenFor(plan),
      give(K.SETTLED_AT, { ...taken, cuttings, gap: 0, others: 0 }),
    ]),
  );
}
