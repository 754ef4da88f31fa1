import { cutRunsOnce } from '../cutting/known';
import { cuttingStage } from '../cutting/pools';
import { type AnyStep, adds, step } from '../engine/step';
import { unfit } from '../fit';
import * as K from '../keys';
import { stackProof } from '../walls/stackProof';
import { stickRuns } from '../ways/built';
import { yardsIn } from '../catalogue/market';
import { makeDocket } from './docket';
import { kitLines, poolLines, postLines } from './lines';
import { packLines } from './packs';
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
        memo.shown,
      ),
  ),
  adds(K.FOUND, { cutting: K.CUTTING }, ({ cutting }) => cutting.findings),
  step(K.POST_LINES, { market: K.POST_MARKET, posts: K.POSTS, owned: K.OWNED }, (by) =>
    postLines(by.market, by.posts, by.owned),
  ),
  step(
    K.POOL_LINES,
    { goods: K.GOODS, catalogue: K.CATALOGUE, cutting: K.CUTTING, walls: K.WALLS },
    ({ goods, catalogue, cutting, walls }) => poolLines({ ...goods, ...yardsIn(catalogue) }, cutting, walls),
  ),
  step(K.KIT_LINES, { market: K.KIT_MARKET, ways: K.WAYS, owned: K.OWNED }, (by) =>
    kitLines(by.market, by.ways, by.owned),
  ),
  step(
    K.PACK_LINES,
    {
      market: K.PACK_MARKET,
      owned: K.OWNED,
      posts: K.POSTS,
      skirts: K.SKIRTS,
      seams: K.SEAM_NEEDS,
      onPosts: K.POST_NEEDS,
      hung: K.HARDWARE,
    },
    packLines,
  ),
  step(
    K.DOCKET,
    {
      yards: K.YARDS,
      buying: K.BUYING,
      posts: K.POST_LINES,
      pools: K.POOL_LINES,
      kits: K.KIT_LINES,
      packs: K.PACK_LINES,
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
      seams: K.SEAM_NEEDS,
      owned: K.OWNED,
      memo: K.MEMO,
      others: K.OTHER_WIDTHS,
    },
    ({ market, walls, cutting, seams, owned, memo, others }) =>
      stackProof(
        market,
        walls.choice,
        cutting.pools,
        { rings: seams.ring.value, pegs: seams.peg.value },
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
