import { key } from '../../engine/step';
import type { Plan } from '../../plan/schema';
import type { AllTaken } from './pieces';
import type { LaidNet } from './laid';
import type { Energy } from './power/energy';
import type { Clearance } from './route/clear';
import type { Gap } from './route/ground';
import type { Shaped } from './route/shape';
import type { Thing } from './route/things';
import type { GateGap, Wired } from './wires/wires';

export const NETS = key<Plan['nets']>('plan.nets');
export const HOT_WIRES = key<Plan['hotWires']>('plan.hot-wires');
export const POWER = key<Plan['power']>('plan.power');
export const LATITUDE = key<number>('plan.latitude');
export const THINGS = key<readonly Thing[]>('live.things');
export const SHAPED = key<Shaped>('live.shapes');
export const TAKEN = key<AllTaken>('live.taken');
/** By net. */
export const GAPS = key<ReadonlyMap<string, readonly Gap[]>>('live.gaps');
export const CLEARANCES = key<ReadonlyMap<string, readonly Clearance[]>>('live.clearances');
/** Nets that have a shape, with all of the above. */
export const LAID = key<readonly LaidNet[]>('live.laid');
export const GATES = key<readonly GateGap[]>('live.gates');
export const WIRED = key<readonly Wired[]>('live.wired');
/** All metres that the energiser keeps live at one time. */
export const LIVE_LENGTH = key<number>('live.length');
/** Null where nothing is live. */
export const ENERGY = key<Energy | null>('live.energy');
