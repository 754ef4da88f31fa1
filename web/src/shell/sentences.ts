import { type Change, type Plan, type Reader, sayChange } from '@aviarum/core';
import { marketFor } from '../state/market';

/** How a change of a plan says itself. */
export const sayChangeOf = (change: Change, plan: Plan, reader: Reader): string =>
  sayChange(change, reader, marketFor(plan));
