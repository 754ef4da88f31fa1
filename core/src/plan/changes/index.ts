export { apply } from './apply';
export { canRemoveCorner, walkedCorners } from '../../stages/outline/corners';
export { SAME_STAKE, spotAt } from '../../stages/ground/things';
export { asRectangle, canMove, houseOf } from '../../stages/outline/sides';
export { type Change, type ChangeOf, type Scope, type Verb, WHOLE_PLAN } from './types';
export { type GroundList, type GroundThings, type HeightAt } from '../../stages/ground/things';
export { type Box } from '../../stages/outline/sides';
export { type Leg } from '../../ground/walk';
