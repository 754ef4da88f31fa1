export { editionNamed, editionOf } from './editionOf';
export { EDITIONS, LATEST_EDITION } from './editions';
export type {
  Catalogue,
  GateKit,
  MeshProduct,
  MeshType,
  Offer,
  PackId,
  PostProduct,
  TimberProduct,
  Yard,
} from './types';
export { type Market, marketOf } from './market';

export { PACK_IDS } from './packs';
