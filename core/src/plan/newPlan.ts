import { usualChoices } from '../stages/choices';
import { LATEST_EDITION, EDITIONS, type Yard } from '../catalogue';
import { USUAL_THREATS } from '../stages/threats/kinds';
import { birdStage } from '../stages/birds/stage';
import { FOOT } from '../units/factors';
import { roundUp, tidy } from '../units/round';
import { apply } from './changes/apply';
import { PLAIN_GATE } from '../stages/ways/kinds/gate';
import type { Flock, Plan } from './schema';

export interface NewPlan {
  readonly id: string;
  readonly name: string;
  readonly units: Plan['units'];
  readonly flock: readonly Flock[];
  /** Side of the house that the run is built against, m. */
  readonly houseWidth: number;
}

/** House depth drawn until the keeper gives it, m. */
const HOUSE_DEPTH = 1.8;
/** A run is proposed at least this wide and deep, m. */
const LEAST = 2.4;

/** A plan with nothing laid out yet: no birds, fox and rat likely, sensible choices. */
export function emptyPlan(id: string, name: string, units: Plan['units']): Plan {
  const edition = EDITIONS[LATEST_EDITION];
  const system: Yard['system'] = units;
  const yard = edition?.yards.find((y) => y.system === system) ?? edition?.yards[0];
  if (!edition || !yard) throw new RangeError('the latest edition has no yard');
  const threats: Plan['threats'] = USUAL_THREATS;
  return {
    format: 'aviarum-plan',
    formatVersion: 1,
    id,
    name,
    units,
    currency: yard.currency,
    place: { name: '', latitude: 52, longitude: 0 },
    flock: [],
    space: 'usual',
    threats,
    ground: {
      soil: 'loam',
      frost: 0.45,
      north: 0,
      buildings: [],
      trees: [],
      services: [],
      boundaries: [],
      spotHeights: [],
      tape: { marks: [], stakes: [], between: [] },
    },
    corners: [],
    sides: [],
    openings: [],
    enclosures: [],
    choices: { plan: usualChoices({ units, threats }), enclosure: {}, side: {} },
    postPins: [],
    buying: {
      edition: edition.edition,
      pricesAsOf: edition.pricesAsOf,
      yards: [yard.id],
      from: {},
      fetched: [],
      ownProducts: [],
      ownPrices: [],
    },
    owned: [],
    extras: [],
    assumptions: {},
    crew: 'alone',
    stakedOut: [],
    settled: {},
  };
}

/** Step in which a proposed run grows: half a metre, or two feet. */
const stepOf = (units: Plan['units']) => (units === 'imperial' ? 2 * FOOT : 0.5);

/**
 * Proposes a run against the house from the birds that are kept: the area they want, rounded up, about three to two.
 *
 * @returns a plan with a rectangular run, a gate in the far side and everything that a docket needs
 */
export function proposePlan({ id, name, units, flock, houseWidth }: NewPlan): Plan {
  const bare: Plan = { ...emptyPlan(id, name, units), flock: [...flock] };
  const step = stepOf(units);
  const up = (length: number) => tidy(Math.max(roundUp(LEAST / step) * step, roundUp(length / step) * step));
  const wanted = Math.max(birdStage(bare).areaWanted.value, LEAST * LEAST);
  // Wider than the house: an apron that ends flush with a house corner is dug round.
  const width = Math.max(up(Math.sqrt(wanted / 1.5)), up(houseWidth + 1));
  const depth = up(wanted / width);
  const low = tidy((width - houseWidth) / 2);
  const laid = apply(bare, {
    verb: 'lay-out',
    run: { left: 0, right: depth, low: 0, high: width },
    house: { left: -HOUSE_DEPTH, right: 0, low, high: tidy(low + houseWidth) },
  });
  const clear = units === 'imperial' ? tidy(3 * FOOT) : 0.95;
  return apply(laid, {
    verb: 'add-opening',
    opening: {
      ...PLAIN_GATE,
      id: 'g1',
      side: 's2',
      along: tidy((width - clear) / 2),
      width: clear,
    },
  });
}
