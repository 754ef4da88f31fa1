export { cautionsFor } from './cautions';
export { sayChange } from './changes';
export {
  poolName,
  sayLine,
  sayOwned,
  sayPiece,
  sayProof,
  sayReason,
  sayPriceProof,
  sayUnits,
  sayWeightAndTax,
} from './docket';
export { sayCut, sayLeftOver } from './cutList';
export { sayFinding } from './findings';
export {
  MESH_NAMES,
  ROLE_NAMES,
  SERVICE_NAMES,
  SOIL_NAMES,
  STAGE_NAMES,
  WAY_NAMES,
  kitName,
  meshName,
  packName,
  postName,
  timberName,
  wireName,
} from './names';
export { SCHOOLS, type School, type SchoolId } from './schools';
export { type Reader, capital, counted, listed, makeReader, readerFor } from './reader';
export { type WorkingLine, sayTerm, sayWorking, workingLines } from './terms';
export { BIRD_NAMES, SPACE_NAMES } from '../stages/birds/names';
export { THREAT_NAMES, THREAT_SIGNS } from '../stages/threats/names';
