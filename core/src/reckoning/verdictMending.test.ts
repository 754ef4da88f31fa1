import { describe, expect, test } from '@jest/globals';
import { apply } from '../plan/changes/apply';
import { formatPart } from '../plan/partRef';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { makeReckoner, makeVerdictMender, reckon } from '../reckon';
import { THREAT_IDS, type ThreatId } from '../stages/threats/plan/kinds';
import { START_IDS, propose } from '../starts';
import { type Verdict, worseFirst } from '../verdicts/rated/types';

const PRESSES = 8;
const start = (id: (typeof START_IDS)[number]): Plan =>
  propose({
    id,
    name: `Start ${id}`,
    units: 'metric',
    flock: [{ id: 'f1', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
    sizes: {},
    start: id,
  });

/** What is open, or gives way in the longest night, of what counts. */
const lettingIn = ({ verdicts, night }: { readonly verdicts: readonly Verdict[]; readonly night: number }) =>
  verdicts.filter((v) => v.counts && v.rating !== 'holds' && (v.hours ?? 0) <= night);

/** Presses the first mend of the first verdict that has one, each time: none makes the worst of any threat worse. */
function pressed(begin: Plan) {
  const [reckoner, mender] = [makeReckoner(), makeVerdictMender()];
  let plan = begin;
  let presses = 0;
  for (; presses <= PRESSES; presses++) {
    const now = reckoner(plan);
    const firstOf = (v: Verdict) =>
      mender(plan, { threat: v.threat, entry: v.entry, part: formatPart(v.part) })[0];
    let mend: ReturnType<typeof firstOf>;
    for (const v of lettingIn(now)) if ((mend = firstOf(v))) break;
    if (!mend) break;
    plan = apply(plan, mend.change);
    const after = reckoner(plan);
    for (const [id, was] of Object.entries(now.worst)) {
      const is = after.worst[id as ThreatId];
      if (is && was.counts) expect([id, worseFirst(is, was) >= 0]).toEqual([id, true]);
    }
  }
  const left = lettingIn(reckoner(plan)).map((v) => `${v.threat} ${v.entry}`);
  return { presses, left: [...new Set(left)] };
}

describe('by the first mend of the first verdict each time nothing is left open within eight presses', () => {
  test.each([...START_IDS.map(start), ...DEMO_PLANS].map((plan) => [plan.name, plan] as const))(
    '%s with its own threats',
    (name, plan) => {
      const { presses, left } = pressed(plan);
      // Nothing is laid over a paddock of nets: a hawk comes to it whatever is bought.
      expect(left).toEqual(name === 'Mill leat' ? ['hawk above'] : []);
      expect(presses).toBeLessThanOrEqual(PRESSES);
    },
  );
  /** What no ready mend reaches: wire of 3.0 in the ground, a line that is read, a closed roof of a run as wide as its rafters. */
  const BEYOND: readonly ThreatId[] = ['pig', 'bear', 'wild-birds'];
  test.each(THREAT_IDS.filter((id) => !BEYOND.includes(id)))(
    'a run beside a house against %s alone',
    (id) => {
      const plan = { ...start('house'), threats: { [id]: 'seen' } };
      expect(pressed(plan)).toMatchObject({ left: [] });
    },
  );
});

describe('a verdict that has no mend', () => {
  const plan: Plan = { ...start('house'), threats: { bear: 'seen', fox: 'seen' } };
  const mender = makeVerdictMender();
  test('offers none that does not help: a net that nobody has read holds no bear', () => {
    const found = reckon(plan).verdicts.find((v) => v.threat === 'bear' && v.entry === 'tear');
    expect(found?.rating).toBe('open');
    const part = found ? formatPart(found.part) : '';
    expect(mender(plan, { threat: 'bear', entry: 'tear', part })).toEqual([]);
  });
  test('nor where nothing is to be mended, or no such part is', () => {
    const held = reckon(plan).verdicts.find((v) => v.threat === 'fox' && v.rating === 'holds');
    if (!held) throw new Error('something holds');
    expect(mender(plan, { threat: 'fox', entry: held.entry, part: formatPart(held.part) })).toEqual([]);
    expect(mender(plan, { threat: 'fox', entry: 'under', part: 'side:nowhere' })).toEqual([]);
  });
});
