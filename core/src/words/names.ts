import type { StageId } from '../plan/stages';

export const STAGE_NAMES: Readonly<Record<StageId, string>> = {
  birds: 'Birds',
  threats: 'Threats',
  ground: 'Ground',
  outline: 'Outline',
  posts: 'Posts',
  walls: 'Walls',
  skirt: 'Skirt',
  ways: 'Ways in',
  docket: 'Docket',
};
