import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../../plan/samples';
import type { Plan } from '../../plan/schema';
import { THREATS, THREAT_FIGURES, THREAT_IDS, threatIn } from './plan/kinds';
import { apply } from '../../plan/changes/apply';
import { reckon } from '../../reckon';

const [orchard] = DEMO_PLANS;
if (!orchard) throw new Error('no demo plan');
const set = (plan: Plan, figure: (typeof THREAT_FIGURES)[number], value: number | null) =>
  apply(plan, { verb: 'set-threat-figure', threat: 'fox', figure, value });

describe('a keeper’s own figures of a threat', () => {
  test('stand over ours, one by one; what is no matter to it stays so', () => {
    for (const id of THREAT_IDS)
      for (const figure of THREAT_FIGURES) {
        const own = threatIn({ threatFigures: { [id]: { [figure]: 0.123 } } }, id);
        const ours = THREATS[id];
        expect(own[figure]).toBe(ours[figure] === null ? null : 0.123);
        for (const other of THREAT_FIGURES) if (other !== figure) expect(own[other]).toBe(ours[other]);
      }
  });
  test('a fox that digs wider asks for a wider apron, and back to ours is as before', () => {
    const digging = (plan: Plan) => reckon(plan).findings.filter((f) => f.code.startsWith('skirt.')).length;
    const wider = set(orchard, 'apron', 2);
    const deeper = set(wider, 'dig', 2);
    expect(digging(deeper)).toBeGreaterThan(digging(orchard));
    const back = set(set(deeper, 'apron', null), 'dig', null);
    expect(back.threatFigures).toEqual(orchard.threatFigures);
    expect(digging(back)).toBe(digging(orchard));
  });
  test('a fox that gets through less asks for smaller openings', () => {
    const least = (plan: Plan) => reckon(plan).largestOpening ?? Infinity;
    expect(least(set(orchard, 'squeeze', 0.01))).toBe(0.01);
    expect(least(set(orchard, 'squeeze', 0.5))).toBe(least(orchard));
  });
});
