import { CAUTIONS } from '../stages/advice';
import type { StageId } from '../stages/facts';
import type { Plan } from '../plan/schema';

/** The cautions that go with a stage, shown where they apply. */
export const cautionsFor = (stage: StageId, plan: Pick<Plan, 'choices' | 'openings'>): readonly string[] =>
  CAUTIONS[stage](plan).filter((text): text is string => text !== false);
