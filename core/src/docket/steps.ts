import { cutRunsOnce } from '../cutting/known';
import { cuttingStage } from '../cutting/pools';
import { type AnyStep, adds, step } from '../engine/step';
import { fastenerNeeds } from '../fasteners/stage';
import { unfit } from '../fit';
import * as K from '../keys';
import { stackProof } from '../walls/stackProof';
import { stickRuns } from '../ways/built';
import { makeDocket } from './docket';
import { rollFigures } from './figures';
import { docketFindings } from './findings';

/** Buying: everything cut from whole rolls, fastened, priced and added up. */
export const DOCKET_STEPS: readonly AnyStep[] = [
  step(
    K.CUTTING,
    {
      market: K.CUT_MARKET,
      walls: K.WALLS,
      boards: K.BOARD_COURSES,
      skirts: K.SKIRTS,
      ways: K.WAYS,
      extras: K.EXTRAS,
      owned: K.OWNED,
      assumed: K.ASSUMED,
      memo: K.MEMO,
      proofs: K.PROOFS,
    },
    ({ market, walls, ways, assumed, memo, proofs, ...order }) =>
      cuttingStage(
        market,
        { ...order, courses: walls.courses, sticks: ways.flatMap((w) => stickRuns(w.built)) },
        assumed,
        (task) => cutRunsOnce(task, memo, proofs.cuts),
      ),
  ),
  adds(K.FOUND, { cutting: K.CUTTING }, ({ cutting }) => cutting.findings),
  step(
    K.FASTENERS,
    {
      goods: K.GOODS,
      posts: K.POSTS,
      walls: K.WALLS,
      boards: K.BOARD_COURSES,
      skirts: K.SKIRTS,
      ways: K.WAYS,
      profiles: K.SKIRT_PROFILES,
      cutting: K.CUTTING,
    },
    ({ cutting, ...by }) => fastenerNeeds({ ...by, pools: cutting.pools }),
  ),
  step(
    K.DOCKET,
    {
      market: K.MARKET,
      buying: K.BUYING,
      owned: K.OWNED,
      posts: K.POSTS,
      walls: K.WALLS,
      skirts: K.SKIRTS,
      ways: K.WAYS,
      cutting: K.CUTTING,
      fasteners: K.FASTENERS,
    },
    makeDocket,
  ),
  adds(K.FOUND, { docket: K.DOCKET }, ({ docket }) => docketFindings(docket)),
  adds(K.PLAN_FIGURES, { cutting: K.CUTTING }, ({ cutting }) => [rollFigures(cutting.pools)]),
  step(
    K.STACKS,
    {
      market: K.WALL_MARKET,
      walls: K.WALLS,
      cutting: K.CUTTING,
      fasteners: K.FASTENERS,
      owned: K.OWNED,
      memo: K.MEMO,
      others: K.OTHER_WIDTHS,
    },
    ({ market, walls, cutting, fasteners, owned, memo, others }) =>
      stackProof(
        market,
        walls.choice,
        cutting.pools,
        { rings: fasteners.ring.value, pegs: fasteners.peg.value },
        owned,
        memo,
        others,
      ),
  ),
  step(
    K.UNFIT,
    {
      posts: K.POSTS,
      walls: K.WALLS,
      skirts: K.SKIRTS,
      ways: K.WAYS,
      cutting: K.CUTTING,
      docket: K.DOCKET,
    },
    unfit,
  ),
];
