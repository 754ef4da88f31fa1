import type { Cautions } from '../plan/cautions';
import type { Plan } from '../plan/schema';
import { CAUTIONS } from '../stages/words';
import { inUnits } from '../saying/inUnits';
import type { StageId } from '../stages/facts';

/** The cautions that go with a stage, shown where they apply. */
export const cautionsFor = (
  stage: StageId,
  plan: Parameters<Cautions>[0] & Pick<Plan, 'units'>,
): readonly string[] =>
  CAUTIONS[stage](plan).flatMap((text) => (text === false ? [] : [inUnits(text, plan.units)]));
