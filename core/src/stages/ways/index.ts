import { type Stage } from '../stage';
import { wayHours } from './hours';
import { type AnyStep, adds, step } from '../../engine/step';
import * as K from '../../keys';
import { openingParts } from './parts';
import { wayDemands } from './demands';
import { leafFigures } from './figures';
import { flapFindings } from './flaps';
import { swingFindings } from './meets';
import { wayFindings, wayStage } from './stage';

const steps: readonly AnyStep[] = [
  step(
    K.WAYS,
    { openings: K.OPENINGS, lines: K.LINES, tops: K.TOPS, products: K.PRODUCTS, assumed: K.ASSUMED },
    wayStage,
  ),
  adds(
    K.FOUND,
    {
      openings: K.OPENINGS,
      lines: K.LINES,
      tops: K.TOPS,
      unmet: K.UNMET,
      rings: K.RINGS,
      feet: K.FEET,
      limits: K.LIMITS,
      threats: K.THREATS,
    },
    wayFindings,
  ),
  adds(K.DEMANDS, { ways: K.WAYS, walls: K.MEANT_WALLS }, ({ ways, walls }) => wayDemands(ways, walls)),
  adds(K.FOUND, { setting: K.SETTING, tops: K.TOPS }, ({ setting, tops }) => flapFindings(setting, tops)),
  adds(
    K.FOUND,
    {
      openings: K.OPENINGS,
      rings: K.RINGS,
      lines: K.LINES,
      tops: K.TOPS,
      feet: K.FEET,
      trees: K.TREES,
      buildings: K.BUILDINGS,
      terrain: K.TERRAIN,
      assumed: K.ASSUMED,
    },
    swingFindings,
  ),
  adds(K.OPENINGS_LEFT, { openings: K.OWN_OPENINGS }, ({ openings }) =>
    openings.flatMap((o) => (o.kind === 'gate' ? [o.gap] : [])),
  ),
  adds(K.STAGE_HOURS, { openings: K.OWN_OPENINGS, assumed: K.ASSUMED }, ({ openings, assumed }) =>
    wayHours(openings, assumed),
  ),
  adds(K.PLAN_FIGURES, { ways: K.WAYS }, ({ ways }) => [leafFigures(ways)]),
];

const parts: readonly AnyStep[] = [
  adds(K.PARTS, { lines: K.LINES, tops: K.TOPS }, ({ lines, tops }) => openingParts(lines, tops)),
];

/** Ways in, gates, pop doors and hatches: what closes them, and what is in their way. */
export const ways: Stage = { steps, parts };
