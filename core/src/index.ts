/** What is true about enclosures: the public list of core. */
export { BIRD_KINDS, type BirdKind, SPACE_SCHOOLS, BIRDS } from './stages/birds/plan/kinds';
export {
  type Catalogue,
  EDITIONS,
  LATEST_EDITION,
  PACK_IDS,
  editionNamed,
  editionOf,
  type Market,
  type MeshProduct,
  type Offer,
  type Yard,
  marketOf,
} from './catalogue';
export { type CutStep, cutList } from './cutList/cutList';
export { type Spare, spares } from './cutList/spare';
export { type LeftOver, leftOver, smallestLeaf } from './cutList/leftOvers';
export { type Progress, canImprove, improve } from './cutting/improve';
export { type Further, lookFurther, reckonImproved } from './buying/further/lookFurther';
export { NO_PROOFS, type ProofBook, joinProofs, withCut } from './buying/proofBook';
export type { PriceProof } from './buying/proof';
export { type Solver } from './cutting/solver';
export type { CutRoll, CuttingPool, Piece } from './cutting/types';
export type { Docket } from './buying/docket/types';
export * from './drawing';
export { layOver } from './engine/layOver';
export type { Finding, ToldFinding } from './findings/types';
export { PLAN_VERSION } from './plan/versions';
export {
  PLAN_FILE_LIMIT,
  type ReadPlan,
  checkPlan,
  completePlan,
  readPlan,
  readPlanBytes,
  writePlan,
} from './formats/planFile';
export {
  ANSWERS,
  type BinnedPlan,
  type Holding,
  type ListedPlan,
  type KeptYardList,
  type YardList,
  type PlanSummary,
  type SavedPlan,
  type ShedPiece,
  type StoredPlan,
  type StoredPrice,
} from './formats/answers';
export { type Card, SUMS, cardSchema } from './formats/card';
export { cardOf } from './formats/makeCard';
export { readProofs } from './formats/proofFile';
export { type Mender, type TriedMend, menderWith } from './reckoning/mending';
export {
  type VerdictAsked,
  type VerdictMend,
  type VerdictMender,
  verdictMenderWith,
} from './reckoning/verdictMending';
export { amiss } from './formats/amount';
export { MOST_PROBLEMS, type Problem, pointerOf } from './formats/problem';
export { LENGTHS, cutText, textOf, utf8 } from './schema/text';
export { reckoningFile } from './formats/reckoningFile';
export { sideProfile } from './ground/profile';
export { placesNear } from './ground/boxes';
export { type Guide, type SnapGround, snapCorner, snapGround } from './ground/snaps';
export { type Ring, type RingSide, surveyRings } from './ground/survey';
export { terrainOf } from './ground/terrain';
export { insideOrOn, toSegment, type Vector } from './ground/vector';
export { closingError, shareOut } from './ground/walk';
export { nextId } from './plan/ids';
export { type PartOf, type PartRef, formatPart, parsePart, partFields } from './plan/partRef';
export type { HouseDoor } from './stages/ground/plan/house';
export { keptFrom } from './stages/walls/standing/down';
export { closesSide } from './stages/docket/closes';
export { ROOFS, ROOF_KIND_IDS, ROOF_SHAPE_IDS, type Roof, USUAL_ROOF } from './stages/ground/plan/roof';
export { STATE_IDS, type Standing, type StateId, usualStanding } from './stages/outline/plan/standing';
export { replacedOn, standingOn } from './ground/fenceLines';
export type { Vent } from './stages/ground/plan/house';
export { inUnits } from './saying/inUnits';
export { readRough, sayRough } from './words/rough';
export { ASSUMED, assumedAs, assumedIn } from './words/assumed';
export { ASSUMPTIONS, type AssumptionId, SOIL_FACTORS, type Soil } from './plan/assumptions';
export {
  type Box,
  type Change,
  type GroundList,
  type Leg,
  type Scope,
  WHOLE_PLAN,
  apply,
  asRectangle,
  houseOf,
  canMove,
  canRemoveCorner,
  spotAt,
} from './plan/changes';
export { assumptionsOf, choicesFor } from './plan/effective';
export { newId } from './plan/ids';
export { emptyPlan } from './starts/newPlan';
export * from './starts';
export {
  type Cover,
  type KindId as CoverKindId,
  KINDS as COVER_KINDS,
  KIND_IDS as COVER_KIND_IDS,
  isOver as coverIsOver,
  makeupOf as coverMakeup,
  rowOf as coverRow,
} from './stages/cover/plan/kinds';
export {
  type Arch,
  KINDS as ARCH_KINDS,
  KIND_IDS as ARCH_KIND_IDS,
  rowOf as archRow,
} from './stages/arch/plan/kinds';
export { archPlace } from './stages/arch/verbs';
export { type NewArch, newArches } from './stages/arch/proposed';
export { chordFor } from './stages/arch/curve/elastica';
export { type OnBase, onBases } from './stages/arch/bases';
export { acrossArch, bentOf as archBent, previewArches } from './stages/arch/preview';
export { offered as coverOffered } from './stages/cover/questions';
export { newCover } from './stages/cover/proposed';
export { coverWanted } from './stages/cover/wanted';
export { MEMBER_NAMES } from './strength/words';
export { type Strength, type MemberKind, used, worse } from './strength/words/row';
export { strengthWorking } from './strength/working';
export { DEMO_PLANS, DEMO_SHED } from './plan/samples';
export type {
  Band,
  Boundary,
  Building,
  Buying,
  Choices,
  ExtraPiece,
  Flock,
  Opening,
  OwnMesh,
  OwnOffer,
  OwnPrice,
  OwnedPiece,
  Place,
  Plan,
  Point,
  PostPin,
  Obstacle,
  Service,
  Side,
  SpotHeight,
  Tape,
  TapeMark,
  TapeStake,
  Tree,
} from './plan/schema';
export {
  currencySchema,
  dateSchema,
  idSchema,
  nameSchema,
  ownMeshSchema,
  ownOfferSchema,
  ownedPieceSchema,
  planShape,
} from './plan/schema';
export { LINE_KINDS, OBSTACLE_KINDS, USUAL_TUNNEL } from './stages/ground/plan/kinds';
export type { HotWire, LiveNet, Power } from './stages/live/plan/choice';
export { LIVE_NETS } from './catalogue/liveNets';
export { MOST_PIECES } from './stages/live/pieces';
export { freeGround } from './ground/freeGround';
export { newHotWire, newLine, newLoop, thingsIn } from './stages/live/proposed';
export { type Thing } from './stages/live/route/things';
export {
  FAULTS,
  FAULT_IDS,
  type FaultId,
  type KeptReading,
  METER_ANSWERS,
  type MeterAnswer,
  type Reading,
  type StandIn,
  readingsSchema,
  keptReadingSchema,
  standInSchema,
} from './stages/live/meter/reading';
export { type Pointed, RED, WORKS, diagnose } from './stages/live/meter/diagnose';
export { sayPointed } from './stages/live/meter/words';
export { type Largest, type LargestTask } from './stages/live/largest/largest';
export { largestTask } from './stages/live/largest/task';
export { previewNets } from './stages/live/preview';
export { type Energy, energyIn } from './stages/live/power/energyIn';
export { dayName, joules, monthName } from './stages/live/words';
export { type ToldWorst, type Worst, standingsOf, toldVerdicts, toldWorst } from './verdicts/rated/standings';
export { sayBecause, sayWhy } from './verdicts/say';
export type { Rating, Way } from './findings/entry';
export { type Entry, type ToldVerdict, type Verdict, worseFirst } from './verdicts/rated/types';
export { USES, STAGE_IDS, type StageId } from './stages/facts';
export { POST_ROLES } from './stages/posts/plan/choice';
export { holeFor } from './stages/posts/footing';
export { previewCovers } from './stages/cover/preview';
export { type Effect, type Previewer, previewerWith } from './reckoning/effects';
export * from './options';
export { type ChoiceApart, choicesApart, linesApart } from './options/compare';
export {
  KINDS as OPENING_KINDS,
  KIND_IDS as OPENING_KIND_IDS,
  kitOf,
  partsFence,
  makeOf as openingMake,
  rowOf as openingRow,
  swings as openingSwings,
} from './stages/ways/plan/kinds';
export type { OpeningMeasure } from './stages/ways/plan/kinds/kind';
export { blocking } from './stages/blocking';
export { makePreviewer, makeReckoner, reckon } from './reckon';
export { type ReckonMore, reckonerWith, reckoningFrom as told } from './reckoning/reckoner';
export { LATER, type LaterId, LATER_IDS, type LaterStages, usedLater } from './stages/later';
export { tablesWith } from './reckoning/tables';
export type { Part, Reckoning, StageResult } from './reckoning';
export type { Figures } from './stages/told';
export { EXPORTS, EXPORT_KINDS, type ExportKind } from './formats/exchange/kinds';
export { freePlace } from './stages/ways/freePlace';
export {
  PRESENCES,
  type Presence,
  type Silhouette,
  THREATS,
  THREAT_FIGURES,
  THREAT_IDS,
  type ThreatFigure,
  type ThreatId,
  USUAL_THREATS,
  isPresent,
  threatIn,
} from './stages/threats/plan/kinds';
export * from './units';
export * from './words';
export { type Term } from './working';
export * from './stakeout';
export type { Cutting } from './cutting/cutting';
export { boundsAt } from './plan/bounds';
