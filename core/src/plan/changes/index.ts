export { apply } from './apply';
export { canRemoveCorner, walkedCorners } from './corners';
export { SAME_STAKE, spotAt } from './ground';
export { asRectangle, canMove } from './outline';
export {
  type Box,
  type Change,
  type ChangeOf,
  type GroundList,
  type GroundThings,
  type HeightAt,
  type Leg,
  type Scope,
  type Verb,
  WHOLE_PLAN,
} from './types';
