import { type OpeningLimits } from './threats/shown/openings';
import type { Workings } from '../reckoning';
import type { Figures } from './told';

/** What is added to, joined into one. */
export const joined = (figures: readonly Figures[]): Figures => Object.assign({}, ...figures) as Figures;

/** What the birds of a plan ask for. */
export const askedFigures = (
  { birds, areaWanted, areaPerBird }: Workings,
  { largestOpening }: OpeningLimits,
): Figures => ({
  birds: birds.value,
  areaWanted: areaWanted.value,
  ...(areaPerBird ? { areaPerBird: areaPerBird.value } : {}),
  ...(largestOpening === null ? {} : { largestOpening }),
});
