import type { MeshType } from '../catalogue/types';

/** Panels are not turned back round a post, do not lap at a post and go round no corner. */
export const isRigid = (type: MeshType): boolean => type === 'stock-panel' || type === 'close-panel';
