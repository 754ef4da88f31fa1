import { energiserOf } from '../../../catalogue/electrics';
import type { Assumptions } from '../../../plan/assumptions';
import { roundUp } from '../../../units/round';
import type { Power } from '../plan/choice';
import { type BatteryRun, runBattery } from './battery';
import { dayNumber, peakSunHours } from './sun';

/** Apart from each other, and from any mains earth, buried metal or building with mains, m. */
export const RODS_APART = 3;
export const FROM_EARTHS = 10;
/** What the fence as a whole takes. Energies J, currents A, times days. */
export interface Energy {
  /** Metres of net and wire on it. */
  readonly length: number;
  /** Needed for 50 m. */
  readonly each: number;
  readonly output: number;
  /** Of the energiser chosen; null without one. */
  readonly made: { readonly output: number; readonly supply: 'mains' | 'battery' } | null;
  /** Metres of rod, which are rods of one metre. */
  readonly rods: number;
  readonly draw: number;
  /** Whether the draw is the product’s own. */
  readonly drawIs: 'told' | 'reckoned';
  readonly supply: 'none' | 'mains' | 'battery' | 'solar';
  /** Peak-sun hours a day by month. */
  readonly sun: readonly number[];
  /** Ah a day: what is used, and by month what a panel gives. */
  readonly use: number;
  readonly gain: readonly number[];
  readonly battery: BatteryRun | null;
}

const EACH = { mown: 'joulesMown', light: 'joulesLight', heavy: 'joulesHeavy' } as const;

function madeBy({ energiser }: Power) {
  if (!energiser) return null;
  return energiser.kind === 'sold' ? energiserOf(energiser.product) : energiser;
}

/**
 * Output, rods, draw and battery of everything that hangs on one energiser (rules: Live nets).
 *
 * @param length  m of net, doubled back or not, and of hot wire
 */
export function energyOf(power: Power, length: number, latitude: number, assumed: Assumptions): Energy {
  const each = assumed[EACH[power.growth]];
  const output = (length / 50) * each;
  const energiser = madeBy(power);
  const reckoned = assumed.drawPerJoule * output + assumed.drawAlways;
  const draw = energiser?.draw ?? reckoned;
  const metres = roundUp(Math.max(1, energiser?.output ?? output));
  const onBattery = energiser ? energiser.supply === 'battery' : power.battery !== null;
  const sun =
    power.sun === null ? peakSunHours(latitude, assumed.sunShare) : Array<number>(12).fill(power.sun);
  const use = draw * 24;
  const gain = sun.map((hours) => ((power.solar ?? 0) * hours * assumed.solarShare) / 12);
  const supply = onBattery
    ? power.solar === null
      ? 'battery'
      : 'solar'
    : energiser?.supply === 'mains'
      ? 'mains'
      : 'none';
  return {
    length,
    each,
    output,
    made: energiser && { output: energiser.output, supply: energiser.supply },
    rods: length > 0 ? metres * (power.earth === 'dry' ? 2 : 1) : 0,
    draw,
    drawIs: energiser?.draw == null ? 'reckoned' : 'told',
    supply,
    sun,
    use,
    gain,
    battery:
      onBattery && power.battery !== null && length > 0
        ? runBattery({
            usable: power.battery * assumed.batteryShare,
            use,
            gain,
            from: dayNumber(power.from),
          })
        : null,
  };
}
