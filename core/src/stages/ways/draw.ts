import type { Inks } from '../../scenes/ink';
import { KINDS } from './kinds';

export const OPENING_INKS: Inks = Object.fromEntries(Object.entries(KINDS).map(([id, { ink }]) => [id, ink]));
