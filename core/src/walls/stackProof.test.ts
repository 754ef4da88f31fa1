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

describe('the proof of the choice of widths', () => {
  test('no other widths that reach cost less than its bound, and none less than what it proves', () => {
    let proved = 0;
    fc.assert(
      fc.property(uniform(1, 2.4), uniform(3, 9), uniform(3, 9), (top, width, depth) => {
        const plan = wall(top, width, depth);
        const { stacks, cutting } = reckon(plan);
        if (!stacks) throw new Error('widths were chosen, and are not proved or disproved');
        expect(stacks.cost).toBeGreaterThanOrEqual(stacks.bound);
        const chosen = cutting
          .map((p) => p.width)
          .sort()
          .join();
        const lap = 0.05;
        for (const set of setsThatReach(market, { mesh: 'welded-25', height: top, lap })) {
          if ([...new Set(set)].sort().join() === chosen) continue;
          const other = apply(plan, {
            verb: 'set-band',
            scope: { scope: 'plan' },
            id: 'wall',
            to: { widths: [...set] },
          });
          const rolls = reckon(other).cutting.reduce((total, p) => total + (p.cost ?? Infinity), 0);
          expect(rolls + 1e-6).toBeGreaterThanOrEqual(stacks.bound - ringsAtMost(set.length, width, depth));
        }
        if (stacks.proved) proved += 1;
      }),
      { numRuns: 25, endOnFailure: true },
    );
    expect(proved).toBeGreaterThan(5);
  });
  test('is not asked for where the keeper gave the widths', () => {
    const given = apply(wall(1.8, 6, 3.6), {
      verb: 'set-band',
      scope: { scope: 'plan' },
      id: 'wall',
      to: { widths: [1.8] },
    });
    expect(reckon(given).stacks).toBeNull();
  });
});

/** Rings of a stack's seams cost at most so much, minor units: the bound counts them, the rolls here do not. */
function ringsAtMost(rows: number, width: number, depth: number): number {
  const rate = Math.max(...market.packs('ring').map((u) => (u.price ?? 0) / u.size));
  return (rows - 1) * (2 * (width + depth) + 2) * (rate / 0.15);
}
