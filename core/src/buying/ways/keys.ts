import { slot } from '../../engine/step';
import type { Lined } from './way';

export const LINED = slot<Lined>('quote.lined');
