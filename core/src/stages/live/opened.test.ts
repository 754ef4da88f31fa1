import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { newLoop } from './proposed';
import { reckon } from '../../reckon';
import { aRun } from '../../testing/aRun';

const bare = (plan: Plan): Plan => ({ ...plan, nets: [] });
const withNet = (plan: Plan) => apply(plan, newLoop(plan));
const found = (plan: Plan) =>
  reckon(plan).findings.filter((f) => f.stage === 'live' && f.severity !== 'know');

describe('a new net', () => {
  test('stands opened out to the whole length of its nets, round what goes inside', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 120 }), fc.integer({ min: 20, max: 160 }), (wide, deep) => {
        const plan = bare(aRun({ width: wide / 10, depth: deep / 10 }));
        const { figures } = reckon(withNet(plan));
        const id = newLoop(plan).net.id;
        const of = (figure: string) => (figures as Record<string, number>)[`liveNet.${id}.${figure}`] ?? NaN;
        expect(of('surplus')).toBeGreaterThanOrEqual(0);
        expect(of('surplus')).toBeLessThan(0.15);
      }),
      { numRuns: 40, seed: 33 },
    );
  });
  test('keeps off a tree, a pole and a stream beside the run, and has nothing to mend of its own', () => {
    const plan = bare(aRun());
    const ground: Plan['ground'] = {
      ...plan.ground,
      trees: [{ id: 't', name: 'ash', at: { x: 9, y: 2 }, trunk: 0.3, roots: 2, crown: 1 }],
      obstacles: [{ id: 'o', name: 'pole', kind: 'pole', at: { x: 3, y: -4 }, across: 0.2, height: 3 }],
      boundaries: [
        {
          id: 'y',
          name: 'beck',
          kind: 'water',
          line: [
            { x: -20, y: 9 },
            { x: 20, y: 9 },
          ],
        },
      ],
    };
    const netted = withNet({ ...plan, ground });
    expect(netted.nets[0]?.points).not.toBeNull();
    const mine = found(netted).filter((f) => !f.code.startsWith('power.'));
    expect(mine.map((f) => f.code)).toEqual([]);
  });
  test('stands drawn tight where there is no room', () => {
    const plan = bare(aRun());
    const round = Array.from({ length: 12 }, (_, i) => ({
      id: `t${i}`,
      name: 'ash',
      at: { x: 3 + 8 * Math.cos((i * Math.PI) / 6), y: 1.8 + 8 * Math.sin((i * Math.PI) / 6) },
      trunk: 0.3,
      roots: 2,
      crown: 1.5,
    }));
    expect(newLoop({ ...plan, ground: { ...plan.ground, trees: round } }).net.points).toBeNull();
  });
});
