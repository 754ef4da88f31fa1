import { shorterSide } from '../threats/openings';
import { type AnyStep, adds, step } from '../../engine/step';
import type { Stage } from '../stage';
import * as K from '../../keys';
import { skirtDemands, skirtFasteners } from './demands';
import { skirtFigures } from './figures';
import { skirtFindings } from './findings';
import { skirtsHours } from './hours';
import { skirtParts } from './part';
import { withRolls } from './rolls';
import { sideSkirts, skirtLines, withParts } from './skirtLines';
import { skirtStage } from './stage';

/** Laid along the ground, their rolls chosen beside all that is bought. */
const steps: readonly AnyStep[] = [
  step(K.SKIRTED, { choices: K.SKIRT_CHOICE, enclosures: K.ENCLOSURES, walks: K.WALKS }, ({ walks, ...by }) =>
    skirtLines(by, walks),
  ),
  step(K.SIDE_SKIRTS, { skirted: K.SKIRTED }, ({ skirted }) => sideSkirts(skirted)),
  step(K.SKIRT_PROFILES, { profiles: K.PROFILES, skirted: K.SKIRTED }, ({ profiles, skirted }) =>
    withParts(profiles, skirted),
  ),
  step(
    K.LAID,
    {
      skirted: K.SKIRTED,
      profiles: K.SKIRT_PROFILES,
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
      laid: K.LAID,
      profiles: K.SKIRT_PROFILES,
      assumed: K.ASSUMED,
    },
    skirtDemands,
  ),
  adds(K.DEMANDS, { laid: K.LAID, posts: K.POSTS, boards: K.BOARD_COURSES }, skirtFasteners),
  step(K.SKIRTS, { goods: K.GOODS, laid: K.LAID, chosen: K.CHOSEN }, ({ goods, laid, chosen }) =>
    withRolls(goods, laid, chosen),
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      rings: K.RINGS,
      skirted: K.SKIRTED,
      skirts: K.SKIRTS,
      limits: K.LIMITS,
      threats: K.THREATS,
      enclosures: K.ENCLOSURES,
      buildings: K.BUILDINGS,
      trees: K.TREES,
      services: K.SERVICES,
    },
    skirtFindings,
  ),
  adds(K.STAGE_HOURS, { laid: K.LAID, soil: K.SOIL, assumed: K.ASSUMED }, ({ laid, soil, assumed }) =>
    skirtsHours(laid, soil, assumed),
  ),
  adds(K.OPENINGS_LEFT, { laid: K.LAID, products: K.PRODUCTS }, ({ laid, products }) =>
    laid.courses.flatMap(({ shape }) =>
      shape.mesh === null ? [] : [shorterSide(products.mesh(shape.mesh))],
    ),
  ),
  adds(K.FENCE_FIGURES, { skirts: K.SKIRTS }, ({ skirts }) => [skirtFigures(skirts)]),
];

/** Skirts lie under everything else. */
const parts: readonly AnyStep[] = [adds(K.PARTS, { laid: K.LAID }, ({ laid }) => skirtParts(laid))];

/** What closes the foot of the fence against what digs. */
export const skirt: Stage = { steps, parts };
