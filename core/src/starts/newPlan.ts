import { usualChoices } from '../stages/choices';
import { LATEST_EDITION, EDITIONS, type Yard } from '../catalogue';
import { USUAL_POWER } from '../stages/live/plan/choice';
import { USUAL_THREATS } from '../stages/threats/plan/kinds';
import type { Plan } from '../plan/schema';
import { PLAN_VERSION } from '../plan/versions';

/** A plan with nothing laid out yet: no birds, fox and rat likely, sensible choices. */
export function emptyPlan(id: string, name: string, units: Plan['units']): Plan {
  const edition = EDITIONS[LATEST_EDITION];
  const system: Yard['system'] = units;
  const yard = edition?.yards.find((y) => y.system === system) ?? edition?.yards[0];
  if (!edition || !yard) throw new RangeError('the latest edition has no yard');
  const threats: Plan['threats'] = USUAL_THREATS;
  return {
    format: 'aviarum-plan',
    formatVersion: PLAN_VERSION,
    id,
    name,
    units,
    currency: yard.currency,
    note: '',
    place: { name: '', latitude: 52, longitude: 0 },
    flock: [],
    space: 'usual',
    threats,
    threatFigures: {},
    ground: {
      soil: 'loam',
      frost: 0.45,
      north: 0,
      buildings: [],
      trees: [],
      services: [],
      boundaries: [],
      obstacles: [],
      spotHeights: [],
      tape: { marks: [], stakes: [], between: [] },
    },
    corners: [],
    sides: [],
    openings: [],
    enclosures: [],
    choices: { plan: usualChoices({ units, threats, threatFigures: {} }), enclosure: {}, side: {} },
    arches: [],
    covers: [],
    section: null,
    stature: 1.75,
    nets: [],
    hotWires: [],
    power: USUAL_POWER,
    postPins: [],
    buying: {
      edition: edition.edition,
      pricesAsOf: edition.pricesAsOf,
      yards: [yard.id],
      from: {},
      fetched: [],
      terms: {},
      ownProducts: [],
      ownPrices: [],
    },
    owned: [],
    extras: [],
    assumptions: {},
    crew: 'alone',
    stakedOut: [],
    bought: [],
    settled: {},
  };
}
