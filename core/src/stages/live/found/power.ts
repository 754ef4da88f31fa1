import { BATTERIES, ENERGISERS, MOST_OUTPUT, SOLAR_PANELS } from '../../../catalogue/electrics';
import { type Finding, finding } from '../../../findings/types';
import { betweenLines, ringStraights } from '../../../ground/polyline';
import { type Vector, insideOrOn, toSegment } from '../../../ground/vector';
import type { Assumptions } from '../../../plan/assumptions';
import type { Building, Service } from '../../../plan/schema';
import { EPSILON } from '../../../units/round';
import type { Power } from '../plan/choice';
import { type Energy, FROM_EARTHS, energyOf } from '../power/energy';
import { dayNumber, dayOf } from '../power/sun';
import type { NetShape } from '../route/shape';
import { POWER_PART, partOf, setNet, setPower } from './of';

/** A battery that lasts less is a round that is forgotten, days. */
const SOON = 7;

/** The weakest energiser of a supply that is strong enough, otherwise the strongest. */
export const energiserFor = (output: number, supply: 'mains' | 'battery') => {
  const ofSupply = ENERGISERS.filter((e) => e.supply === supply);
  return ofSupply.find((e) => e.output >= output - EPSILON) ?? ofSupply[ofSupply.length - 1];
};

const choose = (output: number, supply: 'mains' | 'battery') => {
  const row = energiserFor(output, supply);
  return row
    ? [
        setPower({
          energiser: { kind: 'sold', product: row.pack },
          ...(supply === 'battery' ? {} : { battery: null, solar: null }),
        }),
      ]
    : [];
};

/** The smallest panel with which the battery is never flat, as the plan stands; none where none is large enough. */
function panelFor(power: Power, by: EnergyBy): number | null {
  const never = SOLAR_PANELS.find(
    ({ watts }) =>
      energyOf({ ...power, solar: watts }, by.energy.length, by.latitude, by.assumed).battery?.days === null,
  );
  return never?.watts ?? null;
}

interface EnergyBy {
  readonly energy: Energy;
  readonly latitude: number;
  readonly assumed: Assumptions;
}

/** No energiser, or one that is too weak or too strong. */
function strength(power: Power, { energy }: EnergyBy): readonly Finding[] {
  const { output, made, length } = energy;
  if (!made) {
    const battery = choose(output, 'battery');
    return [
      finding('power.none', { severity: 'mend', stage: 'live', part: POWER_PART }, { output, length }, [
        ...battery.map((change) =>
          change.verb === 'set-power' ? setPower({ ...change.to, battery: power.battery ?? 60 }) : change,
        ),
        ...choose(output, 'mains'),
      ]),
    ];
  }
  if (made.output > MOST_OUTPUT + EPSILON)
    return [
      finding(
        'power.too-strong',
        { severity: 'mend', stage: 'live', part: POWER_PART },
        { made: made.output, most: MOST_OUTPUT },
        [...choose(Math.min(output, MOST_OUTPUT), made.supply)],
      ),
    ];
  if (made.output >= output - EPSILON) return [];
  const stronger = ENERGISERS.some((e) => e.supply === made.supply && e.output >= output - EPSILON);
  return [
    finding(
      'power.weak',
      { severity: 'mend', stage: 'live', part: POWER_PART },
      { made: made.output, output, length },
      [
        ...(stronger ? choose(output, made.supply) : choose(output, 'mains')),
        ...(power.growth === 'mown' ? [] : [setPower({ growth: 'mown' })]),
      ],
    ),
  ];
}

/** A battery that is missing, or flat too soon. */
function supply(power: Power, by: EnergyBy): readonly Finding[] {
  const { energy } = by;
  if (energy.made?.supply === 'mains')
    return [finding('power.outage', { severity: 'know', stage: 'live', part: POWER_PART }, {})];
  if (energy.made && power.battery === null)
    return [
      finding(
        'power.no-battery',
        { severity: 'mend', stage: 'live', part: POWER_PART },
        { use: energy.use },
        [setPower({ battery: 60 })],
      ),
    ];
  const days = energy.battery?.days ?? null;
  if (days === null) return [];
  const params = { days, day: dayOf(dayNumber(power.from) + Math.floor(days)) };
  if (power.solar === null) {
    if (days >= SOON) return [];
    const larger = BATTERIES.find((b) => b.capacity > (power.battery ?? 0));
    return [
      finding('power.soon-flat', { severity: 'mend', stage: 'live', part: POWER_PART }, params, [
        ...(larger ? [setPower({ battery: larger.capacity })] : []),
      ]),
    ];
  }
  return [
    finding('power.flat', { severity: 'mend', stage: 'live', part: POWER_PART }, params, () => {
      const watts = panelFor(power, by);
      return watts === null ? [] : [setPower({ solar: watts })];
    }),
  ];
}

/** Ground and snow that do not lead back to the rods. */
function ground(power: Power, shapes: readonly NetShape[]): readonly Finding[] {
  const found: Finding[] = [];
  const paired = [setPower({ layout: 'pos-neg' })];
  const lowest = Math.min(Infinity, ...shapes.map((s) => s.kind.strands.lowest));
  if (power.layout === 'all-live' && power.earth === 'dry')
    found.push(finding('power.dry', { severity: 'mend', stage: 'live', part: POWER_PART }, {}, paired));
  if (power.layout === 'all-live' && power.snow >= lowest)
    found.push(
      finding(
        'power.snow',
        { severity: 'mend', stage: 'live', part: POWER_PART },
        { snow: power.snow },
        paired,
      ),
    );
  for (const { net, kind } of shapes) {
    const over = kind.height - power.snow;
    if (power.snow > 0 && over < 0.75)
      found.push(
        finding(
          'live.snowed-under',
          { severity: 'mend', stage: 'live', part: partOf(net) },
          {
            name: net.name,
            snow: power.snow,
            over: Math.max(0, over),
          },
        ),
      );
    else if (power.snow > lowest && net.foot === 'live')
      found.push(
        finding(
          'live.foot-in-snow',
          { severity: 'know', stage: 'live', part: partOf(net) },
          { name: net.name, snow: power.snow },
          [setNet(net.id, { foot: 'off' })],
        ),
      );
  }
  return found;
}

interface Earths {
  readonly buildings: readonly Building[];
  readonly services: readonly Service[];
}

/** Whatever earth rods keep away from, and how far it is from a place, m. */
function earthsNear(at: Vector, power: Power, { buildings, services }: Earths) {
  const houses = buildings
    .filter((b) => power.mainsIn.includes(b.id))
    .map((b) => ({
      name: b.name,
      gap: insideOrOn(at, b.outline, 0)
        ? 0
        : Math.min(...ringStraights(b.outline).map(([p, q]) => toSegment(at, p, q))),
    }));
  const buried = services
    .filter((s) => s.kind !== 'drain')
    .map((s) => ({ name: s.name, gap: betweenLines(at, at, s.line) }));
  return [...houses, ...buried];
}

/** The nearest place round the energiser or where they are that is far enough from all of it, m. */
function rodsFar(from: Vector, power: Power, earths: Earths): Vector | null {
  for (let far = 1; far <= 60; far += 1)
    for (let i = 0; i < 24; i++) {
      const heading = (i * Math.PI) / 12;
      const at = {
        x: Math.round((from.x + far * Math.cos(heading)) * 100) / 100,
        y: Math.round((from.y + far * Math.sin(heading)) * 100) / 100,
      };
      if (earthsNear(at, power, earths).every(({ gap }) => gap >= FROM_EARTHS)) return at;
    }
  return null;
}

function rods(power: Power, earths: Earths): readonly Finding[] {
  const { rods: at } = power;
  if (!at) return [];
  return earthsNear(at, power, earths)
    .filter(({ gap }) => gap < FROM_EARTHS - 1e-6)
    .map(({ name, gap }) =>
      finding(
        'power.rods-near',
        { severity: 'mend', stage: 'live', part: { on: 'rods' } },
        { thing: name, gap, wanted: FROM_EARTHS },
        () => {
          const far = rodsFar(at, power, earths);
          return far ? [setPower({ rods: far })] : [];
        },
      ),
    );
}

export interface PowerFindingsBy extends EnergyBy, Earths {
  readonly power: Power;
  readonly shapes: readonly NetShape[];
}

/** What is found about what makes it live. */
export const powerFindings = ({ power, shapes, ...by }: PowerFindingsBy): readonly Finding[] => [
  ...strength(power, by),
  ...supply(power, by),
  ...ground(power, shapes),
  ...rods(power, by),
];
