import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apply } from '../../plan/changes/apply';
import type { OwnedPiece } from '../../plan/schema';
import { PLAIN, aRun } from '../../testing/aRun';
import { usualStanding } from '../outline/plan/standing';
import { closesSide } from './closes';

const roll = (length: number, to: Partial<Extract<OwnedPiece, { kind: 'roll' }>> = {}): OwnedPiece => ({
  id: 'r1',
  kind: 'roll',
  product: 'welded-50',
  width: 1.8,
  length,
  count: 1,
  condition: 'worn',
  note: '',
  ...to,
});
/** Sides of 8.7 and 3.0, one band of 1.8, ends turned back 0.10. */
const plan = aRun({ house: 'none', gate: 0, width: 3, depth: 8.7, choices: PLAIN });

describe('what a roll in the shed still closes', () => {
  test('a roll of 9.3 closes a side of 8.7 with 0.4 to spare', () => {
    const fit = closesSide(plan, roll(9.3));
    expect(fit?.side).toBe(1);
    expect(fit?.spare).toBeCloseTo(9.3 - 8.7 - 2 * 0.1, 9);
  });
  test('too short, too narrow, of other mesh, or poor it closes nothing', () => {
    expect(closesSide(plan, roll(8.8))).toBeNull();
    expect(closesSide(plan, roll(9.3, { width: 1.5 }))).toBeNull();
    expect(closesSide(plan, roll(9.3, { product: 'hex-50' }))).toBeNull();
    expect(closesSide(plan, roll(9.3, { condition: 'poor' }))).toBeNull();
  });
  test('never a side that stands', () => {
    const stood = apply(plan, { verb: 'set-standing', sides: ['s1', 's3'], standing: usualStanding(1.5) });
    expect(closesSide(stood, roll(9.3))).toBeNull();
  });
  test('what is left is never less than nothing nor more than a metre', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 12, noNaN: true }), (length) => {
        const fit = closesSide(plan, roll(length));
        const spares = [8.7, 3].map((side) => length - side - 0.2).filter((s) => s >= -1e-9 && s <= 1 + 1e-9);
        expect(fit !== null).toBe(spares.length > 0);
        if (fit) expect(fit.spare).toBeCloseTo(Math.max(0, Math.min(...spares)), 9);
      }),
    );
  });
});
