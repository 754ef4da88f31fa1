import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import loadHighs from 'highs';
import { highsSolver } from '../../cutting/highs';
import { NO_PROOFS, withWay } from '../proofBook';
import type { OwnedPiece } from '../../catalogue/own';
import type { Plan } from '../../plan/schema';
import type { Scope } from '../../plan/scope';
import { apply } from '../../plan/changes/apply';
import { editionOf } from '../../catalogue/editionOf';
import { lookFurther, reckonImproved } from './lookFurther';
import { marketOf } from '../../catalogue/market';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { uniform } from '../../testing/uniform';
import { handOf } from '../hand';

const solver = highsSolver(await loadHighs());
const MESHES = ['welded-25', 'hex-50', 'welded-50x25', 'hex-25'] as const;

/** A run whose first three fenced sides are each of a height of their own. */
function threeHeights(
  mesh: string,
  width: number,
  depth: number,
  tops: readonly number[],
  owned: readonly OwnedPiece[] = [],
): Plan {
  const bands = (top = 1.8) => [{ id: 'wall', mesh, bottom: 0, top, widths: 'cheapest' as const }];
  const plan = aRun({ width, depth, choices: { skirt: { kind: 'none' }, bands: bands(tops[0]) } });
  const [a = '', b = ''] = plan.sides.filter((s) => s.kind === 'fence').map((s) => s.id);
  const side = { [a]: { bands: bands(tops[1]) }, [b]: { bands: bands(tops[2]) } };
  return { ...plan, owned: [...owned], choices: { ...plan.choices, side } };
}

const inTheShed = (product: string, length: number): OwnedPiece => ({
  id: 'old',
  kind: 'roll',
  product,
  width: 0.9,
  length,
  count: 2,
  condition: 'sound',
  note: '',
});

/** Open at first: widths that use up what is in the shed cost less. */
const WITH_OWNED = threeHeights('hex-50', 9.89, 9.15, [1.6, 1.7, 2.2], [inTheShed('hex-50', 14)]);

describe('the choice of roll widths, looked into further', () => {
  test('takes widths that use up what is owned, and saves on the docket just what it says', async () => {
    const before = reckon(WITH_OWNED);
    expect(before.stacks?.proved).toBe(false);
    const { proofs, gained, proof } = await lookFurther(WITH_OWNED, { solver });
    expect(gained).toBeGreaterThan(0);
    const after = reckon(WITH_OWNED, { proofs });
    expect(before.docket.total - after.docket.total).toBe(gained);
    expect(after.proof).toEqual(proof);
    // Nothing else costs less than what was found.
    expect(proof).toEqual({ cost: after.docket.total, bound: after.docket.total, proved: true });
  });
  test('is remembered for the plan, whatever it is called, and for no other', async () => {
    const { proofs } = await lookFurther(WITH_OWNED, { solver });
    const better = reckon(WITH_OWNED, { proofs }).docket.total;
    const called = { ...WITH_OWNED, name: 'Another name' };
    expect(reckon(called, { proofs }).docket.total).toBe(better);
    const other = { ...WITH_OWNED, owned: [] };
    expect(reckon(other, { proofs }).docket.total).toBe(reckon(other).docket.total);
  });
  test('is not believed where what was kept costs more than the first choice', () => {
    const first = reckon(WITH_OWNED);
    const dear = Object.fromEntries(
      [1.6, 1.7, 2.2].map((top) => [`hex-50 ${top * 1e4} 0.0575 3`, '1.5 1.5']),
    );
    const proofs = withWay(NO_PROOFS, WITH_OWNED, WITH_OWNED.buying.yards, { taken: dear, others: 1e9 });
    const then = reckon(WITH_OWNED, { proofs });
    expect([then.docket.total, then.proof]).toEqual([first.docket.total, first.proof]);
  });
  test('looks for nothing where the price is proved', async () => {
    const proved = threeHeights('hex-50', 6, 4, [1.2, 1.2, 1.2]);
    expect(reckon(proved).proof?.proved).toBe(true);
    let told = 0;
    const { gained } = await lookFurther(proved, { solver, onProgress: () => (told += 1) });
    expect([gained, told]).toEqual([0, 0]);
  });
  test('stops when it is told to, with what it found by then', async () => {
    const stop = new AbortController();
    stop.abort();
    const { gained, proofs } = await lookFurther(WITH_OWNED, { solver, signal: stop.signal });
    expect([gained, proofs]).toEqual([0, NO_PROOFS]);
  });
  test('stopped between any two ways it keeps what it found, and goes on from there', async () => {
    const whole = await lookFurther(WITH_OWNED, { solver });
    const before = reckon(WITH_OWNED).docket.total;
    let kept = 0;
    for (let after = 1; ; after += 3) {
      const stop = new AbortController();
      let paused = 0;
      const pause = () => {
        paused += 1;
        if (paused === after) stop.abort();
        return Promise.resolve();
      };
      const part = await lookFurther(WITH_OWNED, { solver, pause, signal: stop.signal });
      // Nothing is told that more looking would have to take back.
      expect(part.proof?.bound).toBeLessThanOrEqual(whole.proof?.cost ?? NaN);
      expect(part.proof?.cost).toBe(before - part.gained);
      if (part.gained > 0 && stop.signal.aborted) kept += 1;
      if (!stop.signal.aborted) break;
      const rest = await lookFurther(WITH_OWNED, { solver }, part.proofs);
      expect([rest.proof?.cost, rest.proof?.proved]).toEqual([whole.proof?.cost, true]);
    }
    expect(kept).toBeGreaterThan(0);
  });
  test('never leaves a choice that costs less than its bound, and raises no price', async () => {
    let open = 0;
    // To the centimetre, and all different: bands of one height are one, and take the same widths.
    const tops = fc.uniqueArray(fc.integer({ min: 100, max: 230 }), { minLength: 3, maxLength: 3 });
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom(...MESHES),
        uniform(4, 11),
        uniform(4, 11),
        tops.map((cm) => cm.map((x) => x / 100)),
        fc.constantFrom(0, 9.3, 14),
        async (mesh, width, depth, heights, old) => {
          const plan = threeHeights(mesh, width, depth, heights, old > 0 ? [inTheShed(mesh, old)] : []);
          const before = reckon(plan);
          const { reckoning: after } = await reckonImproved(plan, { solver });
          if (!before.stacks || !after.stacks) throw new Error('no widths were chosen');
          if (!before.stacks.proved) open += 1;
          expect(after.docket.total).toBeLessThanOrEqual(before.docket.total);
          expect(after.stacks.bound).toBeGreaterThanOrEqual(
            before.stacks.bound + after.stacks.cost - before.stacks.cost - 1e-6,
          );
          const scopes: Scope[] = [
            { scope: 'plan' },
            ...Object.keys(plan.choices.side).map((of): Scope => ({ scope: 'side', of })),
          ];
          const { reaching } = handOf(marketOf(editionOf(plan), plan.buying), []);
          const pinned = scopes.map((scope, i) => {
            const sets = reaching({ mesh, height: heights[i] ?? NaN, lap: 0.05, rows: 3 });
            return sets.map((widths) => ({ scope, widths: [...widths] }));
          });
          // Every other set on one side, the others as they were chosen.
          for (const sets of pinned) {
            for (const { scope, widths } of sets.slice(0, 4)) {
              const other = reckon(apply(plan, { verb: 'set-band', scope, id: 'wall', to: { widths } }));
              const cost = after.stacks.cost + other.docket.total - after.docket.total;
              expect(cost).toBeGreaterThanOrEqual(after.stacks.bound - 1e-6);
            }
          }
        },
      ),
      { numRuns: 12, endOnFailure: true, examples: [['hex-50', 9.89, 9.15, [1.6, 1.7, 2.2], 14]] },
    );
    expect(open).toBeGreaterThan(0);
  });
});
