import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import { cutList } from '../cutList/cutList';
import { leftOver } from '../cutList/leftOvers';
import { makeReader, readerFor } from '../saying/makeReader';
import { reckon } from '../reckon';
import { sayCut, sayLeftOver } from '../words/cutList';
import { anOutline } from '../testing/aRun';
import { buyingAt, ownRoll } from '../testing/buying';

describe('a cut list', () => {
  test('says for 48.0 m in bays of 2.4 from rolls of 25: from post 1, cut after post 11, then on to the end', () => {
    const plan = anOutline([
      [0, 0],
      [48, 0],
      [48, 3],
      [0, 3],
    ]);
    const straight = {
      ...plan,
      sides: plan.sides.map((s, i) =>
        i === 0 ? s : { id: s.id, from: s.from, to: s.to, kind: 'open' as const },
      ),
      openings: [],
      buying: {
        ...buyingAt('far-gate'),
        ownPrices: [ownRoll('welded-50', { width: 1.8, length: 15 }, 90000)],
      },
    };
    const { cutting, parts } = reckon(straight);
    const pool = cutting.find((p) => p.id === 'welded-50@1.8');
    if (!pool) throw new Error('the wall is not cut');
    expect(pool.rolls.map((r) => r.length)).toEqual([25, 25]);
    expect(pool).toMatchObject({ joints: 1, proved: true });
    const steps = cutList(straight, parts, pool);
    expect(steps.map((s) => Number(s.piece.length.toFixed(2)))).toEqual([24.1, 24.25]);
    const [first, second] = steps.map((s) => sayCut(s, readerFor(straight)));
    expect(first).toMatch(/^from end post 1, cut after line post 11$/);
    expect(second).toMatch(/^from line post 11, cut after end post 21$/);
  });
  test('has every piece once, and never unrolls past the end of its roll', () => {
    for (const plan of DEMO_PLANS) {
      const { cutting, parts } = reckon(plan);
      for (const pool of cutting) {
        const steps = cutList(plan, parts, pool);
        expect(steps).toHaveLength(pool.rolls.reduce((n, r) => n + r.pieces.length, 0));
        for (const { unrolled, roll } of steps) expect(unrolled).toBeLessThanOrEqual(roll.length + 1e-6);
        for (const s of steps.filter((c) => c.piece.use === 'band' && c.piece.part.on !== 'above-leaf'))
          expect([s.from, s.to]).not.toContain(null);
      }
    }
  });
});

describe('a left-over', () => {
  const reader = makeReader('metric', 'XXX');
  test('of 4.6 m, 1.2 wide, still makes two leaves of 1.0 × 1.8, vents, and a strip 0.9 wide', () => {
    const left = leftOver({ width: 1.2 }, 4.6, { width: 1, height: 1.8 }, [0.6, 0.9, 1.2]);
    // Leaves lie along the roll, one beside the other does not fit 1.2: two in 3.6. Vents: 9 × 3 at 0.5 × 0.4, or 11 × 2.
    expect(left).toEqual({ length: 4.6, leaves: 2, vents: 27, corners: 60, nextWidth: 0.9 });
    expect(sayLeftOver(left, reader)).toBe(
      'still makes 2 gate leaves, 27 vents of 0.50 m × 0.40 m or a strip 0.90 m wide',
    );
  });
  test('of 0.2 m is scrap', () => {
    const left = leftOver({ width: 1.2 }, 0.2, null, [1.2]);
    expect(sayLeftOver(left, reader)).toBe('');
  });
});
