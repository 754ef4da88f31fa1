import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Plan, apply, reckon } from '../index';
import { aRun } from '../testing/aRun';
import { buyingAt } from '../testing/buying';
import { uniform } from '../testing/uniform';
import { setsThatReach } from './stacks';
import { marketOf, EDITIONS } from '../catalogue';

const EDITION = '2026-11-25';
const edition = EDITIONS[EDITION];
if (!edition) throw new Error('the edition is gone');
const buying = buyingAt('far-gate', EDITION);
const market = marketOf(edition, buying);
const wall = (top: number, width: number, depth: number): Plan => ({
  ...aRun({
    width,
    depth,
    choices: {
      skirt: { kind: 'none' },
      bands: [{ id: 'wall', mesh: 'welded-25', bottom: 0, top, widths: 'cheapest' }],
    },
  }),
  buying,
});

const withWidths = (plan: Plan, widths: readonly number[]): Plan =>
  apply(plan, {
    verb: 'set-band',
    scope: { scope: 'plan' },
    id: 'wall',
    to: { widths: [...widths] },
  });

describe('the proof of the choice of widths', () => {
  test('no other widths that reach cost less than its bound, and none less than what it proves', () => {
    let proved = 0;
    fc.assert(
      fc.property(uniform(1, 2.4), uniform(3, 9), uniform(3, 9), (top, width, depth) => {
        const plan = wall(top, width, depth);
        const { stacks, docket } = reckon(plan);
        if (!stacks) throw new Error('widths were chosen, and are not proved or disproved');
        expect(stacks.cost).toBeGreaterThanOrEqual(stacks.bound);
        for (const set of setsThatReach(market, { mesh: 'welded-25', height: top, lap: 0.05 })) {
          const { docket: other } = reckon(withWidths(plan, set));
          expect(other.complete).toBe(true);
          expect(stacks.cost + other.total - docket.total).toBeGreaterThanOrEqual(stacks.bound - 1e-6);
        }
        if (stacks.proved) proved += 1;
      }),
      { numRuns: 25, endOnFailure: true },
    );
    expect(proved).toBeGreaterThan(15);
  });
  test('is not asked for where the keeper gave the widths', () => {
    const given = withWidths(wall(1.8, 6, 3.6), [1.8]);
    expect(reckon(given).stacks).toBeNull();
  });
});
