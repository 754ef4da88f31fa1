import { type AnyStep, adds } from '../engine/step';
import * as K from '../keys';
import { whatBlocks } from './whatBlocks';

/** What blocks, among all that is found. */
export const BLOCKING_STEPS: readonly AnyStep[] = [
  adds(
    K.FOUND,
    {
      rings: K.RINGS,
      openings: K.OPENING_PLACES,
      pins: K.PINS,
      buildings: K.BUILDINGS,
      spacing: K.SPACING_CHOICE,
      enclosures: K.ENCLOSURES,
    },
    whatBlocks,
  ),
];
