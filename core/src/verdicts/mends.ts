import type { Barrier } from '../findings/barrier';
import type { Way } from '../findings/entry';
import type { Mends } from '../findings/types';
import type { Change } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { proposed } from '../stages/cover/proposed';
import { tightLoop } from '../stages/live/verbs/tight';
import { openingLimits } from '../stages/threats/shown/openings';
import { EPSILON } from '../units/round';
import type { Comer } from './rate/layers';

export interface MendsAsked {
  readonly barrier: Barrier;
  readonly entry: Way;
  readonly comer: Comer;
  readonly comers: readonly Comer[];
}

const worked = (mends: Mends, plan: Plan): readonly Change[] =>
  typeof mends === 'function' ? mends(plan) : mends;

/** What mesh would have to be to hold these: smaller than their bodies and, where a bird stands at it, their paws. */
const finerThan = (comers: readonly Comer[], near: boolean, plan: Plan) => ({
  smaller: Math.min(
    // What holds the birds may be as large as their figure.
    (openingLimits(plan).bird?.opening ?? Infinity) + 2 * EPSILON,
    ...comers.map(({ squeeze, row }) =>
      Math.min(squeeze ?? Infinity, near ? (row.reach ?? Infinity) : Infinity),
    ),
  ),
  wire: Math.max(0, ...comers.map(({ row }) => row.wire ?? 0)),
});

/** Against this one alone, and against all that are about where that is not the same. */
const alike = (one: readonly Change[], all: readonly Change[]): readonly Change[] => {
  const seen = new Set<string>();
  return [...one, ...all].filter((change) => {
    const key = JSON.stringify(change);
    return !seen.has(key) && seen.add(key);
  });
};

/** Of those that are stopped by mesh at all. */
const meshed = (comers: readonly Comer[]): readonly Comer[] =>
  comers.filter(({ squeeze, row }) => squeeze !== null && row.takes === 'birds');

function built({ barrier, entry, comer, comers }: MendsAsked, plan: Plan): readonly Change[] {
  if (barrier.of === 'pane') {
    const against = (those: readonly Comer[]) =>
      worked(barrier.finer(finerThan(those, barrier.near, plan)), plan);
    return alike(against([comer]), against(meshed(comers)));
  }
  if (barrier.of === 'foot') {
    const ids = (those: readonly Comer[]) => those.map(({ id }) => id);
    return alike(worked(barrier.better(ids([comer])), plan), worked(barrier.better(ids(comers)), plan));
  }
  if (barrier.of === 'door') {
    if (entry === 'under') return worked(barrier.mends.sill, plan);
    const { catches, lock, sill } = barrier.mends;
    return comer.row.steals
      ? worked(lock, plan)
      : [...worked(sill, plan), ...(comer.row.opens ? worked(catches, plan) : [])];
  }
  if (barrier.of === 'lid') {
    const against = (those: readonly Comer[]) => worked(barrier.finer(finerThan(those, false, plan)), plan);
    return alike(against([comer]), against(meshed(comers)));
  }
  return proposed(plan);
}

/** Ready ways to make a part hold a threat; not yet tried. */
export function mendsOf(asked: MendsAsked, plan: Plan): readonly Change[] {
  const { comer } = asked;
  const bear = comer.squeeze === null && comer.row.tears;
  if (bear) return plan.nets.length > 0 ? [] : [tightLoop(plan)];
  return built(asked, plan);
}
