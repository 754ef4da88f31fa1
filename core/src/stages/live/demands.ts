import type { Ask, Reason } from '../../buying/demand';
import { BATTERIES, SOLAR_PANELS } from '../../catalogue/electrics';
import { type PackId, PACK_IDS } from '../../catalogue/packs';
import { packed } from '../../fasteners/along';
import { type Vector, distance } from '../../ground/vector';
import { roundUp } from '../../units/round';
import { value } from '../../working';
import type { Power } from './plan/choice';
import { POWER_PART } from './found/of';
import { nearestLive } from './part';
import type { AllTaken } from './pieces';
import { type Energy, RODS_APART } from './power/energy';
import type { NetShape } from './route/shape';
import type { Wired } from './wires/wires';

const OF_POWER: Reason = { stage: 'live', part: POWER_PART };
/** A warning sign for so many metres begun. */
const SIGN_EACH = 50;

/** Terms that only count. */
type Counted =
  | 'live.nets'
  | 'live.struts'
  | 'live.pegs'
  | 'live.insulators'
  | 'live.lead-gates'
  | 'live.lead-out'
  | 'live.lead-rods'
  | 'live.handles'
  | 'live.signs'
  | 'live.tester'
  | 'live.energiser'
  | 'live.battery'
  | 'live.solar'
  | 'power.rods';

const ask = (reason: Reason, pack: PackId, code: Counted, count: number): Ask[] =>
  count > 0 ? [packed(reason, pack, [value(code, count, 'piece', {})])] : [];

/** Whole nets, and what holds them in corners and hollows. */
function netAsks(shapes: readonly NetShape[], taken: AllTaken): readonly Ask[] {
  const [first] = shapes;
  if (!first) return [];
  const reason: Reason = { stage: 'live', part: { on: 'net', net: first.net.id } };
  const nets = PACK_IDS.flatMap((pack) => ask(reason, pack, 'live.nets', taken.needed.get(pack) ?? 0));
  const more = shapes.flatMap(({ net, struts }): Ask[] => {
    const of: Reason = { stage: 'live', part: { on: 'net', net: net.id } };
    const dips = (mend: 'strut' | 'peg') => net.dips.filter((d) => d.mend === mend).length;
    return [
      ...ask(of, 'corner-strut', 'live.struts', struts.length + dips('strut')),
      ...ask(of, 'net-peg', 'live.pegs', dips('peg')),
    ];
  });
  return [...nets, ...more];
}

function wireAsks({ wire, strand, length, lead, insulators, gates }: Wired): readonly Ask[] {
  const reason: Reason = { stage: 'live', part: { on: 'hot-wire', wire: wire.id } };
  return [
    ...(length > 0
      ? [packed(reason, 'hot-wire', [value('live.wire', roundUp(length), 'piece', { length: strand })])]
      : []),
    ...ask(reason, 'insulator', 'live.insulators', insulators),
    ...ask(reason, 'lead-out', 'live.lead-gates', roundUp(lead)),
    ...ask(
      reason,
      'gate-handle',
      'live.handles',
      wire.gates === 'over' ? gates.length * wire.heights.length : 0,
    ),
  ];
}

const smallest = <T>(rows: readonly T[], of: (row: T) => number, wanted: number): T | undefined =>
  rows.find((row) => of(row) >= wanted - 1e-9) ?? rows[rows.length - 1];

/** Energiser, battery, panel, rods and the cables between them. */
function powerAsks(power: Power, energy: Energy, shapes: readonly NetShape[], wired: readonly Wired[]) {
  const { energiser, battery, solar, at, rods } = power;
  const far = (a: Vector, b: Vector | null) => (b ? distance(a, b) : 0);
  const onBattery = energy.supply === 'battery' || energy.supply === 'solar';
  const stored = onBattery && battery !== null ? smallest(BATTERIES, (b) => b.capacity, battery) : undefined;
  const panel = onBattery && solar !== null ? smallest(SOLAR_PANELS, (p) => p.watts, solar) : undefined;
  return [
    ...(energiser?.kind === 'sold' ? ask(OF_POWER, energiser.product, 'live.energiser', 1) : []),
    ...(stored ? ask(OF_POWER, stored.pack, 'live.battery', 1) : []),
    ...(panel ? ask(OF_POWER, panel.pack, 'live.solar', 1) : []),
    ...ask(OF_POWER, 'earth-rod', 'power.rods', energy.rods),
    ...(at
      ? ask(OF_POWER, 'lead-out', 'live.lead-out', roundUp(far(at, nearestLive(at, shapes, wired))))
      : []),
    ...(at && rods
      ? ask(OF_POWER, 'lead-out', 'live.lead-rods', roundUp(far(at, rods) + RODS_APART * (energy.rods - 1)))
      : []),
    ...ask(OF_POWER, 'warning-sign', 'live.signs', roundUp(energy.length / SIGN_EACH)),
    ...ask(OF_POWER, 'tester', 'live.tester', 1),
  ];
}

export interface LiveDemandsBy {
  readonly shapes: readonly NetShape[];
  readonly taken: AllTaken;
  readonly wired: readonly Wired[];
  readonly power: Power;
  readonly energy: Energy | null;
}

/** What is asked for: nets whole, wire by the metre, and what makes them live. */
export const liveDemands = ({ shapes, taken, wired, power, energy }: LiveDemandsBy): readonly Ask[] => [
  ...netAsks(shapes, taken),
  ...wired.flatMap(wireAsks),
  ...(energy ? powerAsks(power, energy, shapes, wired) : []),
];
