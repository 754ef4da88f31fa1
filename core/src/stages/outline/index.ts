import { stakeOutHours } from './hours';
import { outlineWorkings, groundWorking, outlineFigures } from './figures';
import { standingOn, standsOf } from '../../ground/fenceLines';
import type { Ring } from '../../ground/survey';
import { sideProfiles } from '../../ground/profile';
import { outlineBarriers } from './barriers';
import { outlineFindings } from './findings';
import { openSideFindings } from './openSides';
import { roofOver } from '../../ground/roofed';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import type { Stage } from '../stage';

/** Something of it is built: what stands already needs no stakes. */
const isStakedOut = ({ sides }: Ring): boolean =>
  sides.every(({ side }) => standingOn(side) === null) ||
  sides.some(({ side }) => standsOf(side) !== null && standingOn(side) === null);

const steps: readonly AnyStep[] = [
  step(K.OUTLINE_WORKINGS, { rings: K.RINGS }, ({ rings }) => outlineWorkings(rings)),
  step(K.GROUND_LENGTH, { rings: K.RINGS, terrain: K.TERRAIN }, ({ rings, terrain }) =>
    groundWorking(rings, sideProfiles(terrain, rings)),
  ),
  adds(
    K.FENCE_FIGURES,
    {
      outline: K.OUTLINE_WORKINGS,
      groundLength: K.GROUND_LENGTH,
      openings: K.OWN_OPENINGS,
      rings: K.RINGS,
    },
    ({ outline, groundLength, ...by }) => [outlineFigures(outline, groundLength, by)],
  ),
  adds(
    K.FOUND,
    { rings: K.RINGS, buildings: K.BUILDINGS, boundaries: K.BOUNDARIES, assumed: K.ASSUMED },
    outlineFindings,
  ),
  adds(
    K.FOUND,
    {
      rings: K.RINGS,
      guarded: K.GUARDED,
      flock: K.FLOCK,
      threats: K.THREATS,
      threatFigures: K.THREAT_FIGURES,
    },
    openSideFindings,
  ),
  adds(K.BARRIERS, { rings: K.RINGS, buildings: K.BUILDINGS }, outlineBarriers),
  adds(K.OVERHEAD, { rings: K.RINGS, buildings: K.BUILDINGS }, ({ rings, buildings }) =>
    rings.filter((ring) => roofOver(ring, buildings)).map((ring) => ring.area),
  ),
  adds(
    K.HEADLINES,
    { outline: K.OUTLINE_WORKINGS, groundLength: K.GROUND_LENGTH },
    ({ outline, groundLength }) => [{ ...outline, groundLength }],
  ),
  adds(K.STAGE_HOURS, { rings: K.RINGS, assumed: K.ASSUMED }, ({ rings, assumed }) => [
    stakeOutHours(rings.filter(isStakedOut).length, assumed),
  ]),
];

/** Where the run lies: corners, sides and enclosures. */
export const outline: Stage = { steps, parts: [] };
