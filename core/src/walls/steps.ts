import type { Cutter } from '../cutting/gather';
import { cutRunsOnce } from '../cutting/known';
import { weighWalls } from '../cutting/weighWalls';
import { mapOver } from '../engine/layOver';
import { type AnyStep, adds, step } from '../engine/step';
import { edgePegs } from '../fasteners/pegs';
import { lapRings } from '../fasteners/rings';
import * as K from '../keys';
import { boardParts, meshParts } from '../parts';
import { stripWants } from '../skirt/rolls';
import { boardCourses } from './boards';
import { wallFigures } from './figures';
import { wallFindings } from './findings';
import { openingLeft } from './openingLeft';
import { linesOnSlope, sameLies } from './slope';
import { slopeFindings } from './slopeFindings';
import { wallStage } from './stage';
import { NOTHING } from './stacks';
import { topsOf } from './tops';

/** Walls: how they take the slope, and bands hung from the rolls that cost least. */
export const WALL_STEPS: readonly AnyStep[] = [
  step(K.TOPS, { bands: K.BANDS, goods: K.GOODS }, ({ bands, goods }) => topsOf(bands, goods), mapOver),
  step(
    K.LIES,
    { goods: K.GOODS, setting: K.SETTING, profiles: K.PROFILES, bands: K.BANDS, slopes: K.SLOPES },
    linesOnSlope,
    sameLies,
  ),
  step(
    K.WALLS,
    {
      widths: K.WIDTHS,
      goods: K.GOODS,
      market: K.WALL_MARKET,
      cut: K.CUT_MARKET,
      setting: K.SETTING,
      lies: K.LIES,
      bands: K.BANDS,
      choices: K.BAND_CHOICE,
      enclosures: K.ENCLOSURES,
      laid: K.LAID,
      profiles: K.SKIRT_PROFILES,
      owned: K.OWNED,
      extras: K.EXTRAS,
      assumed: K.ASSUMED,
      memo: K.MEMO,
      proofs: K.PROOFS,
    },
    ({ widths, cut: sold, laid, profiles, proofs, ...by }) => {
      const { market, owned, extras, assumed, memo } = by;
      const cut: Cutter = (task) => cutRunsOnce(task, memo, proofs.cuts);
      const lapped = lapRings(laid, profiles);
      const beside = { skirts: laid, extras, owned, lapped, assumed, memo, cut };
      return wallStage(by, {
        strips: stripWants(market, laid),
        taken: { ...NOTHING, rings: lapped, pegs: edgePegs(laid) },
        choose: widths.choose,
        weigh: widths.asCut
          ? (hung, meshes) => weighWalls({ ...sold, ...market }, hung, meshes, beside)
          : undefined,
      });
    },
  ),
  step(K.BOARD_COURSES, { setting: K.SETTING, boards: K.BOARDS, lies: K.LIES }, ({ setting, boards, lies }) =>
    boardCourses(setting, boards, lies),
  ),
  step(
    K.OPENING_LEFT,
    { goods: K.GOODS, walls: K.WALLS, skirts: K.SKIRTS, openings: K.OWN_OPENINGS, lies: K.LIES },
    openingLeft,
  ),
  adds(
    K.FOUND,
    {
      market: K.WALL_MARKET,
      limits: K.LIMITS,
      threats: K.THREATS,
      spacings: K.SPACINGS,
      boards: K.BOARDS,
      walls: K.WALLS,
    },
    ({ walls, ...by }) => wallFindings(by, walls.groups),
  ),
  adds(K.FOUND, { goods: K.GOODS, lies: K.LIES, bands: K.BANDS, limits: K.LIMITS }, slopeFindings),
  adds(K.FENCE_FIGURES, { walls: K.WALLS, boards: K.BOARD_COURSES }, ({ walls, boards }) => [
    wallFigures(walls, boards),
  ]),
  adds(K.FENCE_FIGURES, { left: K.OPENING_LEFT }, ({ left }) => (left > 0 ? [{ openingLeft: left }] : [])),
];

/** Mesh as it hangs, and boards. */
export const WALL_PARTS: readonly AnyStep[] = [
  adds(K.PARTS, { walls: K.WALLS, lies: K.LIES }, ({ walls, lies }) => meshParts(walls, lies)),
  adds(K.PARTS, { boards: K.BOARD_COURSES, tops: K.TOPS, goods: K.GOODS }, ({ boards, tops, goods }) =>
    boardParts(boards, tops, goods),
  ),
];
