import type { StageId } from '../stages/choices';
import type { Plan } from '../plan/schema';
import type { Cautions } from '../saying/cautions';
import { cautions as birds } from '../stages/birds/words';
import { cautions as threats } from '../stages/threats/words';
import { cautions as ground } from '../stages/ground/words';
import { cautions as outline } from '../stages/outline/words';
import { cautions as posts } from '../stages/posts/words';
import { cautions as walls } from '../stages/walls/words';
import { cautions as skirt } from '../stages/skirt/words';
import { cautions as ways } from '../stages/ways/words';
import { cautions as docket } from '../stages/docket/words';

const CAUTIONS: Readonly<Record<StageId, Cautions>> = {
  birds,
  threats,
  ground,
  outline,
  posts,
  walls,
  skirt,
  ways,
  docket,
};

/** The cautions that go with a stage, shown where they apply. */
export const cautionsFor = (stage: StageId, plan: Pick<Plan, 'choices' | 'openings'>): readonly string[] =>
  CAUTIONS[stage](plan).filter((text): text is string => text !== false);
