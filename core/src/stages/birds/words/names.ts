import type { SpaceSchool } from '../plan/kinds';

export const SPACE_NAMES: Readonly<Record<SpaceSchool, string>> = {
  snug: 'snug',
  usual: 'usual',
  roomy: 'roomy',
  'free-range': 'free-range code',
};
