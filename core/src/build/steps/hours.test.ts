import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { byName } from '../../testing/byName';

const parts = (plan: Plan) => {
  const { figures } = reckon(plan);
  return Object.fromEntries(
    Object.entries(byName(figures))
      .filter(([name]) => name.startsWith('hours.'))
      .map(([name, value]) => [name.slice('hours.'.length), Number(value.toFixed(6))]),
  );
};

/** Ten posts of the run of 6.0 × 3.6 beside a house: two corners, two at walls and two at the gate dug, four T driven. */
describe('the hours of a plain run by part', () => {
  test('on loam: six posts dug at 0.5, four driven at 0.12, two set in concrete at 0.2', () => {
    expect(parts(aRun())).toEqual({
      stakeOut: 1,
      posts: Number((6 * 0.5 + 4 * 0.12).toFixed(6)),
      concrete: 0.4,
      mesh: Number((14.65 * 0.08).toFixed(6)),
      skirt: Number((16.5 * 0.1).toFixed(6)),
      gates: 0.7,
    });
  });
  test.each([
    ['sand', 0.8],
    ['clay', 1.5],
    ['stony', 2.2],
  ] as const)('on %s what is dug takes %d times as long, and nothing else', (soil, factor) => {
    const [there, here] = [parts(apply(aRun(), { verb: 'set-soil', soil })), parts(aRun())];
    expect(there.posts).toBeCloseTo((here.posts ?? NaN) * factor, 5);
    expect({ ...there, posts: 0 }).toEqual({ ...here, posts: 0 });
  });
  test('add up to the whole', () => {
    for (const soil of ['loam', 'clay'] as const) {
      const plan = apply(aRun(), { verb: 'set-soil', soil });
      const sum = Object.values(parts(plan)).reduce((a, b) => a + b, 0);
      expect(sum).toBeCloseTo(reckon(plan).figures.hours ?? NaN, 4);
    }
  });
  test('of one run of two counts its own ways in alone', () => {
    const divided = apply(aRun({ house: 'none' }), {
      verb: 'divide',
      enclosure: 'run',
      from: 'c1',
      to: 'c3',
      side: 'mid',
      second: { id: 'other', name: 'Other' },
    });
    const gates = reckon(divided).enclosures.map((e) => e.figures['hours.gates'] ?? 0);
    expect([...gates].sort()).toEqual([0, 0.7]);
  });
});
