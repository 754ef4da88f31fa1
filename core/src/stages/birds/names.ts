import type { SpaceSchool } from './kinds';

export const SPACE_NAMES: Readonly<Record<SpaceSchool, string>> = {
  snug: 'snug',
  usual: 'usual',
  roomy: 'roomy',
  'free-range': 'free-range code',
};
