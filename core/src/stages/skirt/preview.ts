import { type FenceWalk } from '../../ground/fenceLines';
import { facetOf } from '../../plan/effective';
import type { Plan } from '../../plan/schema';
import type { Part } from '../../reckoning';
import { skirtAlong } from './part';
import { isLaid } from './plan/shape';
import { skirtLines } from './skirtLines';

/** Skirts as they would lie. */
export const preview = (plan: Plan, walks: readonly FenceWalk[]): readonly Part[] =>
  [...skirtLines({ choices: facetOf(plan, 'skirt'), enclosures: plan.enclosures }, walks).skirts].flatMap(
    ([line, skirt]) => (isLaid(skirt) ? skirtAlong(line, skirt) : []),
  );
