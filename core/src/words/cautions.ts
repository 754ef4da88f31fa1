import type { Cautions } from '../plan/cautions';
import { CAUTIONS } from '../stages/words';
import type { StageId } from '../stages/facts';

/** The cautions that go with a stage, shown where they apply. */
export const cautionsFor = (stage: StageId, plan: Parameters<Cautions>[0]): readonly string[] =>
  CAUTIONS[stage](plan).filter((text): text is string => text !== false);
