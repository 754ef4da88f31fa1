import { type Stage } from '../stage';
import { wallHours } from './hours';
import { mapOver, noneAsBefore } from '../../engine/layOver';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { boardParts, meshParts } from './parts';
import { wallBarriers } from './barriers';
import { boardCourses } from './shown/boards';
import { boardDemands, wallDemands } from './demands';
import { wallFasteners } from './fastened';
import { roofedFigures, wallFigures } from './figures';
import { wallFindings } from './findings';
import { gatherLines } from './shown/groups';
import { openingsLeft } from './openingLeft';
import { linesOnSlope, sameFalls } from './slope';
import { slopeFindings } from './slopeFindings';
import { hungWalls, meantWalls } from './stage';
import { replacedFindings, standingFindings } from './standing/findings';
import { replacedHours, standingHours } from './standing/hours';
import { openingsFound, stoodOn } from './standing/found';
import { rakeDemands } from './roofed/demands';
import { roofFindings } from './roofed/findings';
import { rakeHours } from './roofed/hours';
import { rakeParts } from './roofed/parts';
import { rakesOf, roofedLines } from './roofed/rakes';
import { downFigures } from './standing/down';
import { standingParts } from './standing/parts';
import { topsOf } from './tops';

/** Walls under roofs that stand: none of it where there is no such roof. */
const roofed: readonly AnyStep[] = [
  step(
    K.ROOFED,
    { lines: K.LINES, bands: K.BANDS, roofs: K.ROOFS },
    ({ lines, bands, roofs }) => roofedLines(lines, bands, roofs),
    noneAsBefore,
  ),
  step(K.RAKES, { roofed: K.ROOFED }, ({ roofed: under }) => rakesOf(under), noneAsBefore),
  adds(
    K.DEMANDS,
    { rakes: K.RAKES, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ rakes, products, assumed }) => rakeDemands(rakes, products, assumed),
  ),
  adds(
    K.FOUND,
    { roofed: K.ROOFED, roofs: K.ROOFS, lines: K.LINES, bands: K.BANDS, boundaries: K.BOUNDARIES },
    roofFindings,
  ),
  adds(K.STAGE_HOURS, { rakes: K.RAKES, assumed: K.ASSUMED }, ({ rakes, assumed }) =>
    rakeHours(rakes, assumed),
  ),
  adds(K.FENCE_FIGURES, { roofed: K.ROOFED, rakes: K.RAKES }, ({ roofed: under, rakes }) => [
    roofedFigures(under, rakes),
  ]),
];

const steps: readonly AnyStep[] = [
  ...roofed,
  step(
    K.TOPS,
    { bands: K.BANDS, products: K.PRODUCTS },
    ({ bands, products }) => topsOf(bands, products),
    mapOver,
  ),
  step(
    K.FALLS,
    { products: K.PRODUCTS, setOut: K.SET_OUT, profiles: K.PROFILES, bands: K.BANDS, slopes: K.SLOPES },
    linesOnSlope,
    sameFalls,
  ),
  step(
    K.GATHERED,
    {
      products: K.PRODUCTS,
      setOut: K.SET_OUT,
      falls: K.FALLS,
      bands: K.BANDS,
      choices: K.BAND_CHOICE,
      enclosures: K.ENCLOSURES,
      assumed: K.ASSUMED,
    },
    gatherLines,
  ),
  step(K.MEANT_WALLS, { gathered: K.GATHERED }, ({ gathered }) => meantWalls(gathered)),
  step(
    K.BOARD_COURSES,
    { setOut: K.SET_OUT, boards: K.BOARDS, falls: K.FALLS },
    ({ setOut, boards, falls }) => boardCourses(setOut, boards, falls),
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
  adds(
    K.OPENINGS_LEFT,
    { products: K.PRODUCTS, walls: K.WALLS, falls: K.FALLS },
    ({ products, walls, falls }) => openingsLeft(products, walls, falls),
  ),
  adds(K.OPENINGS_LEFT, { lines: K.LINES, products: K.PRODUCTS, feet: K.FEET }, ({ lines, products, feet }) =>
    openingsFound(stoodOn(lines, feet), products),
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      lines: K.LINES,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
      feet: K.FEET,
    },
    standingFindings,
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
      spacings: K.SPACINGS,
      boards: K.BOARDS,
      feet: K.FEET,
      walls: K.WALLS,
    },
    ({ walls, ...by }) => wallFindings(by, walls.groups),
  ),
  adds(
    K.BARRIERS,
    {
      market: K.ROLL_MARKET,
      rings: K.RINGS,
      lines: K.LINES,
      walls: K.MEANT_WALLS,
      tops: K.TOPS,
      bands: K.BANDS,
      boards: K.BOARDS,
      falls: K.FALLS,
      feet: K.FEET,
      roofed: K.ROOFED,
    },
    wallBarriers,
  ),
  adds(K.FOUND, { products: K.PRODUCTS, falls: K.FALLS, bands: K.BANDS, limits: K.LIMITS }, slopeFindings),
  adds(
    K.STAGE_HOURS,
    { walls: K.WALLS, boards: K.BOARD_COURSES, assumed: K.ASSUMED },
    ({ walls, boards, assumed }) => wallHours(walls, boards, assumed),
  ),
  adds(K.STAGE_HOURS, { setOut: K.SET_OUT, assumed: K.ASSUMED }, ({ setOut, assumed }) =>
    standingHours(setOut, assumed),
  ),
  adds(
    K.STAGE_HOURS,
    { rings: K.RINGS, down: K.TAKEN_DOWN, assumed: K.ASSUMED },
    ({ rings, down, assumed }) => replacedHours(rings, down, assumed),
  ),
  adds(K.FENCE_FIGURES, { rings: K.RINGS, down: K.TAKEN_DOWN }, ({ rings, down }) => [
    downFigures(rings, down),
  ]),
  adds(K.FOUND, { rings: K.RINGS }, ({ rings }) => replacedFindings(rings)),
  adds(K.FENCE_FIGURES, { walls: K.WALLS, boards: K.BOARD_COURSES }, ({ walls, boards }) => [
    wallFigures(walls, boards),
  ]),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { rakes: K.RAKES }, ({ rakes }) => rakeParts(rakes)),
  adds(K.PARTS, { lines: K.LINES }, ({ lines }) => standingParts(lines)),
  adds(K.PARTS, { walls: K.WALLS, falls: K.FALLS }, ({ walls, falls }) => meshParts(walls, falls)),
  adds(
    K.PARTS,
    { boards: K.BOARD_COURSES, tops: K.TOPS, products: K.PRODUCTS },
    ({ boards, tops, products }) => boardParts(boards, tops, products),
  ),
];

/** Walls: how they take the slope, what their bands ask for, and how they hang from what was chosen. */
export const walls: Stage = { steps, parts };
