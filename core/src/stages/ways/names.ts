import { type Opening } from '../../plan/schema';
/** A way in as a sentence calls it. */
export const WAY_NAMES: Readonly<Record<Opening['kind'], string>> = {
  gate: 'gate',
  'pop-door': 'pop door',
  hatch: 'hatch',
};
