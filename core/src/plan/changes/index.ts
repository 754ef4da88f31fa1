export { apply } from './apply';
export { asRectangle, canMove } from './outline';
export { type Box, type Change, type ChangeOf, type Scope, type Verb, WHOLE_PLAN } from './types';
