export { apply } from './apply';
export { canRemoveCorner, walkedCorners } from '../../stages/outline/verbs/corners';
export { SAME_STAKE, spotAt } from '../../stages/ground/verbs/things';
export { asRectangle, canMove, houseOf } from '../../stages/outline/verbs/sides';
export { type Change, type ChangeOf, type Scope, type Verb, WHOLE_PLAN } from './types';
export { type GroundList, type GroundThings, type HeightAt } from '../../stages/ground/verbs/things';
export { type Box } from '../../stages/outline/verbs/sides';
export { type Leg } from '../../ground/walk';
