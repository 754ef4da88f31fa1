import { facet } from '../facet';
import { SKIRT_CHOICE, SKIRTED, SKIRT_PROFILES, LAID, SKIRTS } from './keys';
import { shorterSide } from '../threats/shown/openings';
import { type AnyStep, adds, step } from '../../engine/step';
import type { Stage } from '../stage';
import * as K from '../../keys';
import { skirtBarriers } from './barriers';
import { carriedOn } from './ends';
import { skirtDemands, skirtFasteners } from './demands';
import { earthFloorFindings } from './earthFloor';
import { skirtFigures } from './figures';
import { skirtFindings } from './findings';
import { skirtsHours } from './hours';
import { skirtParts } from './part';
import { withRolls } from './rolls';
import { skirtLines, withParts, feetOf } from './skirtLines';
import { skirtStage } from './stage';

/** Laid along the ground, their rolls chosen beside all that is bought. */
const steps: readonly AnyStep[] = [
  facet(SKIRT_CHOICE, 'skirt'),
  step(SKIRTED, { choices: SKIRT_CHOICE, enclosures: K.ENCLOSURES, walks: K.WALKS }, ({ walks, ...by }) =>
    skirtLines(by, walks),
  ),
  step(K.FEET, { skirted: SKIRTED }, ({ skirted }) => feetOf(skirted)),
  step(SKIRT_PROFILES, { profiles: K.PROFILES, skirted: SKIRTED }, ({ profiles, skirted }) =>
    withParts(profiles, skirted),
  ),
  step(
    LAID,
    {
      skirted: SKIRTED,
      profiles: SKIRT_PROFILES,
      rings: K.RINGS,
      buildings: K.BUILDINGS,
      assumed: K.ASSUMED,
    },
    skirtStage,
  ),
  adds(
    K.DEMANDS,
    {
      products: K.PRODUCTS,
      laid: LAID,
      profiles: SKIRT_PROFILES,
      assumed: K.ASSUMED,
    },
    skirtDemands,
  ),
  adds(K.DEMANDS, { laid: LAID, posts: K.POSTS, boards: K.BOARD_COURSES }, skirtFasteners),
  step(SKIRTS, { goods: K.GOODS, laid: LAID, chosen: K.CHOSEN }, ({ goods, laid, chosen }) =>
    withRolls(goods, laid, chosen),
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      rings: K.RINGS,
      skirted: SKIRTED,
      skirts: SKIRTS,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
      enclosures: K.ENCLOSURES,
      buildings: K.BUILDINGS,
      trees: K.TREES,
      services: K.SERVICES,
    },
    skirtFindings,
  ),
  adds(
    K.FOUND,
    { buildings: K.BUILDINGS, threats: K.THREATS, threatFigures: K.THREAT_FIGURES },
    earthFloorFindings,
  ),
  adds(
    K.BARRIERS,
    { market: K.ROLL_MARKET, rings: K.RINGS, skirted: SKIRTED, buildings: K.BUILDINGS, laid: LAID },
    ({ laid, ...by }) => skirtBarriers(by, carriedOn(laid.courses)),
  ),
  adds(K.STAGE_HOURS, { laid: LAID, soil: K.SOIL, assumed: K.ASSUMED }, ({ laid, soil, assumed }) =>
    skirtsHours(laid, soil, assumed),
  ),
  adds(K.OPENINGS_LEFT, { laid: LAID, products: K.PRODUCTS }, ({ laid, products }) =>
    laid.courses.flatMap(({ shape }) =>
      shape.mesh === null ? [] : [shorterSide(products.mesh(shape.mesh))],
    ),
  ),
  adds(K.HEADLINES, { skirts: SKIRTS }, ({ skirts }) => [{ skirt: skirts.length }]),
  adds(K.FENCE_FIGURES, { skirts: SKIRTS }, ({ skirts }) => [skirtFigures(skirts)]),
];

/** Skirts lie under everything else. */
const parts: readonly AnyStep[] = [adds(K.PARTS, { laid: LAID }, ({ laid }) => skirtParts(laid))];

/** What closes the foot of the fence against what digs. */
export const skirt: Stage = { steps, parts };
