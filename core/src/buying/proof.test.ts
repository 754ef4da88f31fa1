import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { aRun } from '../testing/aRun';
import { buyingAt } from '../testing/buying';
import { uniform } from '../testing/uniform';
import { handOf } from './hand';
import { marketOf, EDITIONS } from '../catalogue';

const EDITION = '2026-11-25';
const edition = EDITIONS[EDITION];
if (!edition) throw new Error('the edition is gone');
const buying = buyingAt('far-gate', EDITION);
const market = marketOf(edition, buying);
const { reaching } = handOf(market, []);
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

/** One opening up the wall where that is more than the usual lap. */
const lapOf = (mesh: string) => Math.max(0.05, market.mesh(mesh).opening.up);

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
        for (const set of reaching({ mesh: 'welded-25', height: top, lap: 0.05, rows: 3 })) {
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
  test('holds for panels, which take nothing for their ends, and where rings are owned', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('panel-stock', 'welded-25', 'hex-50'),
        uniform(1, 2.3),
        uniform(3, 12),
        fc.constantFrom(0, 90, 400),
        (mesh, top, width, count) => {
          const bands = [{ id: 'wall', mesh, bottom: 0, top, widths: 'cheapest' as const }];
          const run = aRun({ width, depth: 5, choices: { skirt: { kind: 'none' }, bands } });
          const owned: Plan['owned'] = [
            { id: 'r', kind: 'pack', product: 'ring', count, condition: 'sound', note: '' },
          ];
          const plan: Plan = { ...run, buying, owned: count > 0 ? owned : [] };
          const { stacks, docket, cutting } = reckon(plan);
          if (!stacks) return;
          const price = (of: typeof docket) =>
            of.lines.reduce(
              (total, l) => (/^(roll:|pack:(ring|tie))/.test(l.id) ? total + (l.price ?? NaN) : total),
              0,
            );
          expect(stacks.cost).toBeCloseTo(price(docket), 6);
          expect(cutting.length).toBeGreaterThan(0);
          for (const set of reaching({ mesh, height: top, lap: lapOf(mesh), rows: 3 })) {
            const other = reckon(withWidths(plan, set));
            if (other.cutting.some((p) => p.cost === null)) continue;
            expect(price(other.docket)).toBeGreaterThanOrEqual(stacks.bound - 1e-6);
          }
        },
      ),
      { numRuns: 30, endOnFailure: true },
    );
  });
  test('is not asked for where the keeper gave the widths', () => {
    const given = withWidths(wall(1.8, 6, 3.6), [1.8]);
    expect(reckon(given).stacks).toBeNull();
  });
});
