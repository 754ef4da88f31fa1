import * as K from '../keys';
import { type FacetId, type Facet, facetOf } from '../plan/effective';
import { type Key, type AnyStep, step } from '../engine/step';
import { type Chosen } from '../plan/effective';
import { layOver } from '../engine/layOver';
/** One facet of what is chosen. */
export const facet = <F extends FacetId>(makes: Key<Chosen<Facet<F>>>, of: F): AnyStep =>
  step(makes, { choices: K.CHOICES }, (by) => facetOf(by, of), layOver);
