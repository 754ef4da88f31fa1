import type { Ink } from '../../../scenes/ink';
import { KINDS, type KindId } from './kinds';

/** How each kind of gate and door lies on the sheet. */
export const OPENING_INKS = Object.fromEntries(
  Object.entries(KINDS).map(([id, { ink }]) => [id, ink]),
) as Readonly<Record<KindId, Ink>>;
