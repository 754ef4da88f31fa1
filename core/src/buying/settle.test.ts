import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Figures } from '../stages/told';
import type { OwnedPiece } from '../catalogue/own';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { aRun } from '../testing/aRun';
import { uniform } from '../testing/uniform';

/** A run 1.7 high of hexagonal 25 without a skirt: 34.85 m of mesh with its leaf. */
const high = (widths: 'cheapest' | number[]): Plan =>
  aRun({
    width: 8.7126,
    depth: 8.7126,
    choices: {
      skirt: { kind: 'none' },
      bands: [{ id: 'wall', mesh: 'hex-25', bottom: 0, top: 1.7, widths }],
    },
  });

describe('widths settled as they would be cut', () => {
  test('are not those of the cheapest lengths where these cannot be cut so', () => {
    // By length one roll 1.80 wide is as cheap as two rows of 0.90; the joints at posts make it the dearer by far.
    const chosen = reckon(high('cheapest'));
    const [one, two] = [[1.8], [0.9, 0.9]].map((widths) => reckon(high(widths)).docket.total);
    expect(one).not.toBe(two);
    expect(chosen.docket.total).toBe(Math.min(one ?? NaN, two ?? NaN));
    expect(chosen.stacks?.proved).toBe(true);
  });
  test('a roll in the shed never raises the price of a plan, and one that is no use changes nothing', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('welded-25', 'hex-50', 'hex-25'),
        fc.tuple(uniform(3, 11), uniform(3, 11), uniform(1, 2.3)),
        fc.constantFrom(0.6, 0.9, 1.2, 1.8),
        uniform(2, 28),
        (mesh, [width, depth, top], roll, length) => {
          const bands = [{ id: 'wall', mesh, bottom: 0, top, widths: 'cheapest' as const }];
          const plan = aRun({ width, depth, choices: { bands } });
          const piece: OwnedPiece = {
            id: 'old',
            kind: 'roll',
            product: mesh,
            width: roll,
            length,
            count: 1,
            condition: 'sound',
            note: '',
          };
          const { total } = reckon(plan).docket;
          const withIt = reckon(apply(plan, { verb: 'set-owned', piece })).docket.total;
          expect(withIt).toBeLessThanOrEqual(total);
          const poor = { ...piece, condition: 'poor' as const };
          expect(reckon(apply(plan, { verb: 'set-owned', piece: poor })).docket.total).toBe(total);
        },
      ),
      { numRuns: 30, seed: 20261125, endOnFailure: true },
    );
  });
  test('one height in two runs takes the same widths, and each run alone says so too', () => {
    const plan = apply(high('cheapest'), {
      verb: 'add-beside',
      side: 's2',
      depth: 4,
      enclosure: { id: 'second', name: 'Second' },
      corners: ['x1', 'x2'],
      sides: ['y1', 'y2', 'y3'],
    });
    const { figures, enclosures } = reckon(plan);
    expect(enclosures).toHaveLength(2);
    const rows = (f: Figures) => Math.round((f['mesh.wall.length'] ?? NaN) / (f.fenceLength ?? NaN));
    // Alone the first run is cheaper in two rows; with the second, both are in one.
    expect(rows(reckon(high('cheapest')).figures)).toBe(2);
    expect(rows(figures)).toBe(1);
    for (const { figures: own } of enclosures) expect(rows(own)).toBe(1);
  });
});
