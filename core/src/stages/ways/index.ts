import { leavesGap } from './plan/kinds';
import { type Stage } from '../stage';
import { openingHours } from './hours';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { mapOver } from '../../engine/layOver';
import { openingParts } from './parts';
import { wallsOver } from './shown/leaf';
import { openingDemands } from './demands';
import { leafFigures } from './figures';
import { wayBarriers } from './barriers';
import { doorFindings } from './doors';
import { doorDemands, houseKitFindings, hungDoors } from './house/doors';
import { houseFindings } from './house/findings';
import { ventDemands, ventHours } from './house/vents';
import { houseWallFindings } from './house/walls';
import { tunnelDemands, tunnelFindings, tunnelHours, tunnelsOf } from './tunnel';
import { swingFindings } from './meets';
import { openingFindings, openingsHung } from './stage';

const steps: readonly AnyStep[] = [
  step(
    K.WALLS_OVER,
    { lines: K.FOOT_LINES, tops: K.TOPS, arches: K.HEADROOMS },
    ({ lines, tops, arches }) => wallsOver(lines, tops, arches),
    mapOver,
  ),
  step(
    K.HUNG_OPENINGS,
    { openings: K.OPENINGS, walls: K.WALLS_OVER, products: K.PRODUCTS, assumed: K.ASSUMED },
    openingsHung,
  ),
  adds(
    K.FOUND,
    {
      openings: K.OPENINGS,
      lines: K.FOOT_LINES,
      walls: K.WALLS_OVER,
      unmet: K.UNMET,
      rings: K.RINGS,
      feet: K.FEET,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
    },
    openingFindings,
  ),
  adds(K.DEMANDS, { ways: K.HUNG_OPENINGS, walls: K.MEANT_WALLS }, ({ ways, walls }) =>
    openingDemands(ways, walls),
  ),
  adds(
    K.DEMANDS,
    { buildings: K.BUILDINGS, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ buildings, products, assumed }) => [
      ...ventDemands(buildings, products, assumed),
      ...doorDemands(buildings, products, assumed),
    ],
  ),
  adds(K.FOUND, { buildings: K.BUILDINGS, unmet: K.UNMET }, ({ buildings, unmet }) =>
    houseKitFindings(buildings, unmet),
  ),
  adds(K.FOUND, { buildings: K.BUILDINGS }, ({ buildings }) => houseWallFindings(buildings)),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      buildings: K.BUILDINGS,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
    },
    houseFindings,
  ),
  adds(
    K.DEMANDS,
    { lines: K.BOUNDARIES, products: K.PRODUCTS, assumed: K.ASSUMED },
    ({ lines, products, assumed }) => tunnelDemands(tunnelsOf(lines), products, assumed),
  ),
  adds(
    K.FOUND,
    {
      market: K.ROLL_MARKET,
      lines: K.BOUNDARIES,
      limits: K.LIMITS,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
    },
    tunnelFindings,
  ),
  adds(
    K.BARRIERS,
    {
      market: K.ROLL_MARKET,
      rings: K.RINGS,
      openings: K.OPENINGS,
      feet: K.FEET,
      buildings: K.BUILDINGS,
      boundaries: K.BOUNDARIES,
    },
    wayBarriers,
  ),
  adds(K.STAGE_HOURS, { lines: K.BOUNDARIES, assumed: K.ASSUMED }, ({ lines, assumed }) =>
    tunnelHours(tunnelsOf(lines), assumed),
  ),
  adds(K.FOUND, { setOut: K.SET_OUT, tops: K.TOPS }, ({ setOut, tops }) => doorFindings(setOut, tops)),
  adds(
    K.FOUND,
    {
      openings: K.OPENINGS,
      rings: K.RINGS,
      walls: K.WALLS_OVER,
      feet: K.FEET,
      trees: K.TREES,
      buildings: K.BUILDINGS,
      terrain: K.TERRAIN,
      assumed: K.ASSUMED,
    },
    swingFindings,
  ),
  adds(K.OPENINGS_LEFT, { openings: K.OWN_OPENINGS }, ({ openings }) =>
    openings.flatMap((o) => (leavesGap(o) ? [o.gap] : [])),
  ),
  adds(
    K.STAGE_HOURS,
    { openings: K.OWN_OPENINGS, buildings: K.BUILDINGS, assumed: K.ASSUMED },
    ({ openings, buildings, assumed }) => [
      ...openingHours(
        [...openings.filter((o) => !o.found), ...hungDoors(buildings).map(({ opening }) => opening)],
        assumed,
      ),
      ...ventHours(buildings, assumed),
    ],
  ),
  adds(K.PLAN_FIGURES, { ways: K.HUNG_OPENINGS }, ({ ways }) => [leafFigures(ways)]),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { lines: K.FOOT_LINES, walls: K.WALLS_OVER }, ({ lines, walls }) =>
    openingParts(lines, walls),
  ),
];

/** Ways in, gates, pop doors and hatches: what closes them, and what is in their way. */
export const ways: Stage = { steps, parts };
