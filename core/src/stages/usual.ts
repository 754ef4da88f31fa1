import type { Choices, Plan } from '../plan/schema';
import * as posts from './posts/choice';
import * as skirt from './skirt/choice';
import { skirtWanted } from './skirt/wanted';
import * as walls from './walls/choice';

/** Taken unless something else is chosen. */
export const usualChoices = ({ units, threats }: Pick<Plan, 'units' | 'threats'>): Choices => ({
  ...posts.usual(units),
  ...walls.usual(units),
  ...skirt.usual(skirtWanted({ threats }, 'apron')),
});
