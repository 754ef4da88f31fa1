import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import loadHighs from 'highs';
import { highsSolver } from '../../cutting/highs';
import type { OwnedPiece } from '../../catalogue/own';
import type { Plan } from '../../plan/schema';
import { NO_PROOFS, withCut } from '../proofBook';
import { WHOLE_PLAN } from '../../plan/scope';
import { apply } from '../../plan/changes/apply';
import { improve } from '../../cutting/improve';
import { mayImprove, reckonImproved } from './lookFurther';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';
import { toPay } from '../../testing/toPay';
import { uniform } from '../../testing/uniform';

const solver = highsSolver(await loadHighs());
const OLD_BOARDS: OwnedPiece = {
  id: 'old',
  kind: 'timber',
  product: 'board-150x25',
  length: 3.3,
  count: 2,
  condition: 'sound',
  note: '',
};
/** Boards along a long fence, two of them owned: more ways to saw than the fast method looks at. */
const boarded = (width: number, depth: number): Plan => ({
  ...apply(aRun({ width, depth }), {
    verb: 'set-boards',
    scope: WHOLE_PLAN,
    boards: { ground: 'board-150x25', top: 'rail-88x38' },
  }),
  owned: [OLD_BOARDS],
});

describe('a reckoning looked into further', () => {
  test('costs no more, proves every length of timber, and its docket still adds up', async () => {
    let open = 0;
    await fc.assert(
      fc.asyncProperty(uniform(4, 9), uniform(9, 15), async (width, depth) => {
        const plan = boarded(width, depth);
        const before = reckon(plan);
        open += before.cutting.filter(mayImprove).length;
        const { reckoning: after } = await reckonImproved(plan, { solver });
        expect(after.docket.total).toBeLessThanOrEqual(before.docket.total);
        expect(after.docket.total).toBe(toPay(after.docket));
        for (const pool of after.cutting) {
          if (pool.kind === 'timber') expect([pool.id, pool.proved]).toEqual([pool.id, true]);
          const line = after.docket.lines.find((l) => l.id === pool.id || l.id === `roll:${pool.id}`);
          expect(line?.price).toBe(pool.cost);
        }
        // The parts stay the same: only rolls and lengths are cut otherwise.
        expect(after.parts).toEqual(before.parts);
      }),
      // The first leaves something open for sure.
      { numRuns: 15, endOnFailure: true, examples: [[4.25, 12.125]] },
    );
    expect(open).toBeGreaterThan(0);
  });
  test('what was found elsewhere, with runs of its own, is used from then on', async () => {
    const plan = boarded(4.25, 12.125);
    const [pool] = reckon(plan).cutting.filter(mayImprove);
    if (!pool) throw new Error('every pool was proved');
    const { task, plan: cut } = structuredClone({ task: pool.task, plan: pool.cutting });
    const found = await improve(task, cut, { solver });
    expect(found.bound).toBeGreaterThan(pool.cutting.bound);
    const proofs = withCut(NO_PROOFS, { ...pool.task, runs: task.runs }, found);
    const again = reckon(plan, { proofs }).cutting.find((p) => p.id === pool.id);
    expect(again).toMatchObject({ proved: true, cost: found.cost });
    const parts = again?.rolls.flatMap((r) => r.pieces.map((p) => p.part)).sort();
    expect(parts).toEqual(pool.rolls.flatMap((r) => r.pieces.map((p) => p.part)).sort());
  });
});
