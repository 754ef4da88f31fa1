import { inUnits } from '../saying/inUnits';
import type { Market } from '../catalogue/market';
import type { Scope } from '../plan/changes/types';
import { choicesFor } from '../plan/effective';
import type { Choices, Plan } from '../plan/schema';
import type { Reader } from '../saying/makeReader';
import type { Asking, OptionGroup } from './types';

import type { StageId } from '../stages/facts';
import { POST_ROLES } from '../stages/posts/plan/choice';
import { postOptions } from '../stages/posts/questions';
import { archOptions } from '../stages/arch/questions';
import { coverOptions } from '../stages/cover/questions';
import { liveOffered, liveOptions, netOptions, powerOptions, wireOptions } from '../stages/live/questions';
import { skirtOptions } from '../stages/skirt/questions';
import { wallOptions } from '../stages/walls/questions';
import { openingOptions } from '../stages/ways/questions';

export {
  archOptions,
  coverOptions,
  netOptions,
  powerOptions,
  liveOffered,
  wireOptions,
  openingOptions,
  postOptions,
  skirtOptions,
  wallOptions,
};
export { measuresOf } from '../stages/skirt/measures';
export { isLaid, shapeOf } from '../stages/skirt/plan/shape';
export { skirtOfKind, skirtWanted } from '../stages/skirt/plan/wanted';
export { KIND_IDS as SKIRT_KINDS, type Skirt } from '../stages/skirt/plan/kinds';
export type { Asking, Option, OptionGroup } from './types';

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

/** Every question of every stage that is decided by choosing, in one scope. What is no matter of scope is asked for the whole plan. */
const ASKED: Readonly<Partial<Record<StageId, (asking: Asking) => readonly OptionGroup[]>>> = {
  posts: (asking) => postOptions(asking, asking.market.postIds(), POST_ROLES),
  walls: (asking) => asking.choices.bands.flatMap((band) => wallOptions(asking, band)),
  arch: (asking) =>
    asking.scope.scope === 'plan' ? asking.plan.arches.flatMap((arch) => archOptions(asking, arch)) : [],
  skirt: skirtOptions,
  live: liveOptions,
  cover: (asking) =>
    asking.scope.scope === 'plan' ? asking.plan.covers.flatMap((cover) => coverOptions(asking, cover)) : [],
  ways: (asking) =>
    asking.scope.scope === 'plan'
      ? asking.plan.openings.flatMap((opening) => openingOptions(asking, opening))
      : [],
};

/** The same in the reader's units, whatever the answers were written in. */
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
