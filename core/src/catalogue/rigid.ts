import { MESH_TYPES, type MeshType } from './meshTypes';

/** Panels are not turned back round a post, do not lap at a post and go round no corner. */
export const isRigid = (type: MeshType): boolean => MESH_TYPES[type].rigid;

/** What a piece of a mesh pays at a joint, m: panels butt. */
export const jointLapOf = (type: MeshType, lap: number): number => (isRigid(type) ? 0 : lap);
