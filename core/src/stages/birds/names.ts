import type { BirdKind, SpaceSchool } from './kinds';

export const BIRD_NAMES: Readonly<Record<BirdKind, readonly [one: string, many: string]>> = {
  'hen-light': ['light hen', 'light hens'],
  'hen-heavy': ['heavy hen', 'heavy hens'],
  bantam: ['bantam', 'bantams'],
  grower: ['grower', 'growers'],
  chick: ['chick', 'chicks'],
  quail: ['quail', 'quail'],
  duck: ['duck', 'ducks'],
  goose: ['goose', 'geese'],
  turkey: ['turkey', 'turkeys'],
  'meat-chicken': ['meat chicken', 'meat chickens'],
};

export const SPACE_NAMES: Readonly<Record<SpaceSchool, string>> = {
  snug: 'snug',
  usual: 'usual',
  roomy: 'roomy',
  'free-range': 'free-range code',
};
