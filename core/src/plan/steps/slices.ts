import { facet } from '../../stages/facet';
import { type AnyStep, type Key, step } from '../../engine/step';
import { layOver } from '../../engine/layOver';
import * as K from '../../keys';
import { assumptionsOf } from '../effective';
import { placeOf } from '../openingPlace';
import type { Plan } from '../schema';

/** A slice of the plan: kept as long as it says the same, whatever else of the plan is new. Only slices see the whole plan. */
const slice = <T>(makes: Key<T>, of: (plan: Plan) => T): AnyStep =>
  step(makes, { plan: K.PLAN }, ({ plan }) => of(plan), layOver);

export const SLICES: readonly AnyStep[] = [
  slice(K.CORNERS, (plan) => plan.corners),
  slice(K.SIDES, (plan) => plan.sides),
  slice(K.ENCLOSURES, (plan) => plan.enclosures),
  slice(K.OPENINGS, (plan) => plan.openings),
  step(K.OPENING_PLACES, { openings: K.OPENINGS }, ({ openings }) => openings.map(placeOf), layOver),
  slice(K.PINS, (plan) => plan.postPins),
  slice(K.STATURE, (plan) => plan.stature),
  slice(K.FLOCK, (plan) => plan.flock),
  slice(K.SPACE, (plan) => plan.space),
  slice(K.THREATS, (plan) => plan.threats),
  slice(K.THREAT_FIGURES, (plan) => plan.threatFigures),
  slice(K.SPOT_HEIGHTS, (plan) => plan.ground.spotHeights),
  slice(K.TAKEN_DOWN, (plan) => plan.takenDown ?? []),
  slice(K.OBSTACLES, (plan) => plan.ground.obstacles),
  slice(K.BUILDINGS, (plan) => plan.ground.buildings),
  slice(K.TREES, (plan) => plan.ground.trees),
  slice(K.SERVICES, (plan) => plan.ground.services),
  slice(K.BOUNDARIES, (plan) => plan.ground.boundaries),
  slice(K.SOIL, (plan) => plan.ground.soil),
  slice(K.FROST, (plan) => plan.ground.frost),
  slice(K.CHOICES, (plan) => plan.choices),
  facet(K.SPACING_CHOICE, 'spacing'),
  facet(K.BAND_CHOICE, 'bands'),
  facet(K.BOARD_CHOICE, 'boards'),
  facet(K.SLOPE_CHOICE, 'slope'),
  facet(K.POST_CHOICE, 'posts'),
  slice(K.BUYING, (plan) => plan.buying),
  slice(K.OWN_PRODUCTS, (plan) => plan.buying.ownProducts),
  slice(K.OWNED, (plan) => plan.owned),
  slice(K.EXTRAS, (plan) => plan.extras),
  slice(K.ASSUMPTIONS, (plan) => plan.assumptions),
  step(K.ASSUMED, { assumptions: K.ASSUMPTIONS }, assumptionsOf),
  slice(K.CREW, (plan) => plan.crew),
  slice(K.SETTLED, (plan) => plan.settled),
];
