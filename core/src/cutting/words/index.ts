/** What is cut, whichever stage asks for it. */
export const TERMS = {
  'mesh.joints': () => 'joints, lapped',
  'mesh.joint-count': () => 'joints',
  'mesh.joint-each': () => 'each',
  'mesh.extra': () => 'pieces wanted beside the fence',
  'mesh.beside': () => 'small pieces lying side by side',
  'cut.pieces': () => 'pieces',
  'cut.piece-length': () => 'each',
} as const;
