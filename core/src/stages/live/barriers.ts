import type { Barrier, LiveLine } from '../../findings/barrier';
import type { Ring } from '../../ground/survey';
import { insideOrOn } from '../../ground/vector';
import { partOf } from './found/of';
import { troubleOf } from './found/things';
import { type LaidNet, isShort } from './laid';
import type { Power } from './plan/choice';
import type { Energy } from './power/energy';
import { HOLE } from './route/ground';
import { SAME } from './same';
import type { Wired } from './wires/wires';

/** What live lines hand over of themselves to be judged. */
export interface LinesBy {
  readonly laid: readonly LaidNet[];
  readonly wired: readonly Wired[];
  readonly energy: Energy | null;
  readonly power: Power;
  readonly rings: readonly Ring[];
}

/** So much of a net has to stand out of the snow, m. */
const OUT_OF_SNOW = 0.75;

/** What the energiser does about them all. */
function supply(energy: Energy | null): 'dead' | 'weak' | null {
  if (!energy?.made) return 'dead';
  if (energy.made.output < energy.output - 1e-9) return 'weak';
  return energy.made.supply === 'battery' && energy.battery === null ? 'dead' : null;
}

function failing(laid: LaidNet, { energy, power }: LinesBy): LiveLine['fails'] {
  if (isShort(laid)) return 'short';
  if (laid.net.form !== 'loop') return 'open';
  const made = supply(energy);
  if (made) return made;
  return power.snow > 0 && laid.kind.height - power.snow < OUT_OF_SNOW ? 'snow' : null;
}

/** From inside something jumps out; what is left out, far off, is no help to it. */
const isNear = (laid: LaidNet): boolean =>
  laid.clearances.some(
    (c) =>
      (c.stands === 'through' || (c.stands === 'outside' && c.gap < c.wanted - SAME)) &&
      troubleOf(laid, c) !== null,
  );

function netBarriers(laid: LaidNet, by: LinesBy): Barrier[] {
  const { net, points, gaps, kind } = laid;
  const part = partOf(net);
  const line = {
    of: 'line',
    stage: 'live',
    part,
    side: null,
    when: net.when,
    fails: failing(laid, by),
    hole: Math.max(0, ...gaps.map(({ gap }) => gap).filter((gap) => gap > HOLE + 1e-6)),
    near: isNear(laid),
  } as const;
  const runs = by.rings.filter((ring) => ring.sides.every(({ start }) => insideOrOn(start, points, 0)));
  if (runs.length > 0) return runs.map(({ enclosure }): Barrier => ({ ...line, enclosure, round: 'run' }));
  const enclosure = `net ${net.id}`;
  return [
    { ...line, enclosure, round: 'paddock' },
    {
      of: 'top',
      stage: 'live',
      part,
      enclosure,
      side: null,
      height: kind.height,
      overhang: 0,
      gap: 0,
    },
  ];
}

/** Live nets round runs and paddocks, and hot wires, which go round nothing. */
export function lineBarriers(by: LinesBy): readonly Barrier[] {
  const wires = by.wired.map(({ wire }): Barrier => ({
    of: 'line',
    stage: 'live',
    part: { on: 'hot-wire', wire: wire.id },
    enclosure: null,
    side: null,
    round: 'nothing',
    when: 'always',
    fails: supply(by.energy),
    hole: 0,
    near: false,
  }));
  return [...by.laid.flatMap((laid) => netBarriers(laid, by)), ...wires];
}
