export { cautionsFor } from './cautions';
export { sayChange } from './changes';
export {
  massOf,
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
export { STAGE_NAMES, STAGE_WHY } from '../stages/facts';
export { SERVICE_NAMES, SOIL_NAMES } from '../stages/ground/words/names';
export { ROLE_NAMES } from '../stages/posts/words/names';
export { MESH_TYPES, MESH_TYPE_IDS } from '../catalogue/meshTypes';
export { kitName, meshName, packName, postName, timberName, wireName } from '../catalogue/names';
export { SCHOOLS } from '../stages/words';
export type { School } from '../saying/school';
export { type Reader, makeReader, readerFor } from '../saying/makeReader';
export { capital, counted, listed } from '../saying/phrases';
export { type WorkingLine, sayTerm, sayWorking, workingLines } from './terms';
export { SPACE_NAMES } from '../stages/birds/words/names';
export { highestWall, sayCouldDo } from './couldDo';
