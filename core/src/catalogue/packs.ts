/** What is bought by the piece or in packs. */
export const PACK_IDS = [
  'staple',
  'clip',
  'ring',
  'tie',
  'peg',
  'concrete',
  'stone',
  'brace',
  'spike',
  'arm',
  'hinge',
  'catch',
  'two-step-catch',
  'stop',
  'spring',
  'padlock',
] as const;
export type PackId = (typeof PACK_IDS)[number];
