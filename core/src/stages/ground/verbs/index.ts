import { type Plan } from '../../../plan/schema';
import { type Soil } from '../../../plan/assumptions';
import { setGround, addToGround, setOnGround, removeFromGround, bringGround, setHeights } from './things';

/** What can be done to the ground of a plan. */
export const VERBS = {
  'set-soil': (plan: Plan, { soil }: { readonly soil: Soil }): Plan => ({
    ...plan,
    ground: { ...plan.ground, soil },
  }),
  'set-ground': setGround,
  'add-to-ground': addToGround,
  'set-on-ground': setOnGround,
  'remove-from-ground': removeFromGround,
  'bring-ground': bringGround,
  'set-heights': setHeights,
  'set-tape': (plan: Plan, { tape }: { readonly tape: Plan['ground']['tape'] }): Plan => ({
    ...plan,
    ground: { ...plan.ground, tape },
  }),
} as const;
