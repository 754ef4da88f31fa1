import { describe, expect, test } from '@jest/globals';
import { KIND_IDS as COVER_KIND_IDS } from '../stages/cover/plan/kinds';
import type { Change } from '../plan/changes/types';
import { DEMO_PLANS } from '../plan/samples';
import type { Finding } from '../findings/types';
import type { Plan } from '../plan/schema';
import { START_IDS, propose } from '../starts';
import { apply } from '../plan/changes/apply';
import { isMended, newMatters } from './mending';
import { makeMender, makeReckoner, reckon } from '../reckon';
import { newArches } from '../stages/arch/proposed';
import { newLine, newLoop } from '../stages/live/proposed';
import { newCover } from '../stages/cover/proposed';
import { aRun } from '../testing/aRun';

const asks = (f: Finding) => f.severity !== 'know';
const PRESSES = 8;

/**
 * Presses the first mend of the first matter that has one, each time: each takes a matter away and brings none.
 *
 * @returns what was mended in turn, and what is left
 */
function pressed(begin: Plan) {
  const [reckoner, mender] = [makeReckoner(), makeMender()];
  const codes: string[] = [];
  let plan = begin;
  let before = reckoner(plan).findings;
  while (before.some(asks) && codes.length <= PRESSES) {
    const matters = before.filter(asks);
    const tried = [...mender(plan, asks)];
    const at = tried.findIndex((m) => m.mends.length > 0);
    const [mend] = tried[at]?.mends ?? [];
    const matter = matters[at];
    if (!mend || !matter) break;
    codes.push(matter.code);
    plan = apply(plan, mend.change);
    const after = reckoner(plan).findings;
    expect(newMatters(before, after).map((f) => f.code)).toEqual([]);
    expect([matter.code, isMended(matter, before, after)]).toEqual([matter.code, true]);
    before = after;
  }
  return { codes, left: before.filter(asks).map((f) => f.code) };
}

const start = (id: (typeof START_IDS)[number], sizes: object = {}): Plan =>
  propose({
    id,
    name: `Start ${id}`,
    units: 'metric',
    flock: [{ id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
    sizes,
    start: id,
  });
const named = (plans: readonly Plan[]) => plans.map((plan) => [plan.name, plan] as const);

/** Nothing is left within eight presses. */
function mendsItself(plan: Plan) {
  const { codes, left } = pressed(plan);
  expect(left).toEqual([]);
  expect(codes.length).toBeLessThanOrEqual(PRESSES);
}

describe.each(named([...START_IDS.map((id) => start(id)), ...DEMO_PLANS]))(
  '%s, by the first mend each time, has nothing left within eight presses',
  (_, base) => {
    test('as it is', () => mendsItself(base));
    const covers = COVER_KIND_IDS.flatMap((kind) => {
      const change = newCover(base, kind);
      return change ? [[kind, change] as const] : [];
    });
    if (covers.length > 0)
      test.each(covers)('under a new cover: %s', (kind, change) => {
        expect(change.cover.kind).toBe(kind);
        mendsItself(apply(base, change));
      });
  },
);

describe('what is added beside a house', () => {
  test.each([1.2, 1.8, 2.4, 5])('%d wide has nothing wrong that one press does not mend', (house) => {
    const base = start('house', { house });
    const added: readonly Change[] = [...newArches(base).map((a) => a.change), newLoop(base), newLine(base)];
    expect(added.length).toBeGreaterThan(4);
    for (const change of added) {
      const { codes, left } = pressed(apply(base, change));
      expect(left).toEqual([]);
      expect(codes.length).toBeLessThanOrEqual(2);
    }
  });
});

describe('a mend', () => {
  test('that makes something else wrong is not offered, and what it would be is told', () => {
    // The wall is raised to a sheet that lies over the eave: hanging it lower is the only thing that helps.
    const base = start('house', { house: 2.4 });
    const sheet = newCover(base, 'sheet');
    if (!sheet) throw new Error('a start has a run');
    const high = apply(apply(base, sheet), { verb: 'set-cover', id: sheet.cover.id, to: { height: 2.4 } });
    const before = reckon(high).findings;
    for (const { mends, instead } of makeMender()(high, asks)) {
      for (const { change } of mends)
        expect(newMatters(before, reckon(apply(high, change)).findings).map((f) => f.code)).toEqual([]);
      if (instead) expect(mends).toEqual([]);
    }
  });
  test('comes with what it does to price and hours', () => {
    const plan = aRun({ threats: { fox: 'seen' }, choices: { skirt: { kind: 'none' } } });
    const [mending] = [...makeMender()(plan, (f) => f.code === 'skirt.none')];
    const [mend] = mending?.mends ?? [];
    if (!mend) throw new Error('a fence without a skirt can be given one');
    const [now, then] = [reckon(plan), reckon(apply(plan, mend.change))];
    expect(mend.effect.price).toBe(then.docket.total - now.docket.total);
    expect(mend.effect.hours).toBeCloseTo(then.workings.hours.value - now.workings.hours.value, 9);
  });
});
