/** The stages of the work that this version knows, in the order in which they are done. */
export const STAGE_IDS = [
  'birds',
  'threats',
  'ground',
  'outline',
  'posts',
  'walls',
  'skirt',
  'ways',
  'docket',
] as const;
export type StageId = (typeof STAGE_IDS)[number];
