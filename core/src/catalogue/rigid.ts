import type { MeshType } from './types';

/** Panels are not turned back round a post, do not lap at a post and go round no corner. */
export const isRigid = (type: MeshType): boolean => type === 'stock-panel' || type === 'close-panel';

/** What a piece of a mesh pays at a joint, m: panels butt. */
export const jointLapOf = (type: MeshType, lap: number): number => (isRigid(type) ? 0 : lap);
