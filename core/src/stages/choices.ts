import type { UnitSystem } from '../units/parseLength';
import { type Threatened } from './threats/plan/kinds';
import { skirtWanted } from './skirt/plan/wanted';
import { type ChoiceReferences, type PlanReferences } from '../plan/known';
import { references as archReferences } from './arch/plan/references';
import { references as coverReferences } from './cover/plan/references';
import { references as liveReferences } from './live/plan/references';
import * as z from 'zod/mini';
import * as arch from './arch/plan/choice';
import * as birds from './birds/plan/choice';
import * as cover from './cover/plan/choice';
import * as docket from './docket/plan/choice';
import * as ground from './ground/plan/choice';
import * as live from './live/plan/choice';
import * as outline from './outline/plan/choice';
import * as posts from './posts/plan/choice';
import * as skirt from './skirt/plan/choice';
import { SAMPLED } from './skirt/plan/sampled';
import { HOUSE, houseReferences, usualOfHouse } from './skirt/plan/house';
import * as threats from './threats/plan/choice';
import * as walls from './walls/plan/choice';
import * as ways from './ways/plan/choice';

/** A building, with what the stages lay round it. */
export const building = ground.buildingWith({ ...HOUSE });
/** What they lay round it names what is sold; and what they lay round one that is guarded by itself. */
export { houseReferences, usualOfHouse };

/** What the sample plans choose otherwise than is usual. */
export { SAMPLED };

/** What the stages say in the plan document, once for the whole plan. */
export const PLAN = {
  ...birds.PLAN,
  ...threats.PLAN,
  ...ground.planWith(building),
  ...outline.PLAN,
  ...posts.PLAN,
  ...arch.PLAN,
  ...ways.PLAN,
  ...cover.PLAN,
  ...live.PLAN,
  ...docket.PLAN,
};

const always = { ...posts.CHOICES, ...walls.CHOICES, ...skirt.CHOICES };
const filled = { ...posts.FILLED, ...walls.FILLED };
const apart = { ...posts.APART, ...walls.APART };

/** What is chosen for the whole plan; what an older file does not say is filled in. */
export const choices = z.strictObject({ ...always, ...filled });
/** Choices made again for an enclosure or a side: only what differs, nothing filled in. */
export const someChoices = z.partial(z.strictObject({ ...always, ...apart }));

/** What the stages' choices name must be there. */
export const choiceReferences: ChoiceReferences<z.infer<typeof choices>> = (...given) => {
  posts.references(...given);
  walls.references(...given);
  skirt.references(...given);
};

/** What the stages' parts of a plan name must be there. */
export const planReferences: PlanReferences<
  Pick<z.infer<z.ZodMiniObject<typeof PLAN>>, 'arches' | 'covers' | 'nets' | 'hotWires' | 'power'>
> = (...given) => {
  archReferences(...given);
  coverReferences(...given);
  liveReferences(...given);
};

/** Taken unless something else is chosen. */
export const usualChoices = ({
  units,
  ...about
}: Threatened & { readonly units: UnitSystem }): z.infer<typeof choices> => ({
  ...posts.usual(units),
  ...walls.usual(units),
  ...skirt.usual(skirtWanted(about, 'flat')),
});
