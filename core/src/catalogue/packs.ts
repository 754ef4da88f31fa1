/** What is bought by the piece or in packs, in the order of the work. */
export const PACK_IDS = [
  'spike',
  'brace',
  'concrete',
  'staple',
  'clip',
  'ring',
  'tie',
  'arm',
  'stone',
  'peg',
  'hinge',
  'catch',
  'two-step-catch',
  'stop',
  'spring',
  'padlock',
] as const;
export type PackId = (typeof PACK_IDS)[number];
