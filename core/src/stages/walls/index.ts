import { type Stage } from '../stage';
import { wallHours } from './hours';
import { mapOver } from '../../engine/layOver';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { boardParts, meshParts } from './parts';
import { boardCourses } from './boards';
import { boardDemands, wallDemands } from './demands';
import { wallFasteners } from './fastened';
import { wallFigures } from './figures';
import { wallFindings } from './findings';
import { gatherLines } from './groups';
import { openingsLeft } from './openingLeft';
import { linesOnSlope, sameLies } from './slope';
import { slopeFindings } from './slopeFindings';
import { hungWalls, meantWalls } from './stage';
import { topsOf } from './tops';

const steps: readonly AnyStep[] = [
  step(
    K.TOPS,
    { bands: K.BANDS, products: K.PRODUCTS },
    ({ bands, products }) => topsOf(bands, products),
    mapOver,
  ),
  step(
    K.LIES,
    { products: K.PRODUCTS, setting: K.SETTING, profiles: K.PROFILES, bands: K.BANDS, slopes: K.SLOPES },
    linesOnSlope,
    sameLies,
  ),
  step(
    K.GATHERED,
    {
      products: K.PRODUCTS,
      setting: K.SETTING,
      lies: K.LIES,
      bands: K.BANDS,
      choices: K.BAND_CHOICE,
      enclosures: K.ENCLOSURES,
      assumed: K.ASSUMED,
    },
    gatherLines,
  ),
  step(K.MEANT_WALLS, { gathered: K.GATHERED }, ({ gathered }) => meantWalls(gathered)),
  step(K.BOARD_COURSES, { setting: K.SETTING, boards: K.BOARDS, lies: K.LIES }, ({ setting, boards, lies }) =>
    boardCourses(setting, boards, lies),
  ),
  adds(K.DEMANDS, { gathered: K.GATHERED, assumed: K.ASSUMED }, ({ gathered, assumed }) =>
    wallDemands(gathered, assumed),
  ),
  adds(K.DEMANDS, { boards: K.BOARD_COURSES }, ({ boards }) => boardDemands(boards)),
  adds(
    K.DEMANDS,
    {
      products: K.PRODUCTS,
      posts: K.POSTS,
      gathered: K.GATHERED,
      groups: K.MEANT_WALLS,
      boards: K.BOARD_COURSES,
    },
    wallFasteners,
  ),
  step(K.WALLS, { gathered: K.GATHERED, chosen: K.CHOSEN }, ({ gathered, chosen }) =>
    hungWalls(gathered, chosen),
  ),
  adds(K.OPENINGS_LEFT, { products: K.PRODUCTS, walls: K.WALLS, lies: K.LIES }, ({ products, walls, lies }) =>
    openingsLeft(products, walls, lies),
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      limits: K.LIMITS,
      threats: K.THREATS,
      spacings: K.SPACINGS,
      boards: K.BOARDS,
      walls: K.WALLS,
    },
    ({ walls, ...by }) => wallFindings(by, walls.groups),
  ),
  adds(K.FOUND, { products: K.PRODUCTS, lies: K.LIES, bands: K.BANDS, limits: K.LIMITS }, slopeFindings),
  adds(
    K.STAGE_HOURS,
    { walls: K.WALLS, boards: K.BOARD_COURSES, assumed: K.ASSUMED },
    ({ walls, boards, assumed }) => wallHours(walls, boards, assumed),
  ),
  adds(K.FENCE_FIGURES, { walls: K.WALLS, boards: K.BOARD_COURSES }, ({ walls, boards }) => [
    wallFigures(walls, boards),
  ]),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { walls: K.WALLS, lies: K.LIES }, ({ walls, lies }) => meshParts(walls, lies)),
  adds(
    K.PARTS,
    { boards: K.BOARD_COURSES, tops: K.TOPS, products: K.PRODUCTS },
    ({ boards, tops, products }) => boardParts(boards, tops, products),
  ),
];

/** Walls: how they take the slope, what their bands ask for, and how they hang from what was chosen. */
export const walls: Stage = { steps, parts };
