import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { reckon } from '../reckon';
import { THREATS } from '../stages/threats/plan/kinds';
import { worseFirst } from '../verdicts/rated/types';
import { hasHouse, nightRows } from './night';
import { stripScene } from './strip';

const demo = (name: string): Plan => {
  const plan = DEMO_PLANS.find((p) => p.name === name);
  if (!plan) throw new Error(`no demo plan ${name}`);
  return plan;
};

function tonight(plan: Plan, birds: 'shut in' | 'left out' = 'left out') {
  const { parts, verdicts } = reckon(plan);
  const scene = stripScene(plan, parts, []);
  const shown = plan.enclosures[0]?.id ?? '';
  return { scene, verdicts, rows: nightRows(plan, verdicts, scene, { shown, birds }) };
}

describe.each(DEMO_PLANS.filter((p) => p.enclosures.length > 0).map((p) => [p.name, p] as const))(
  '%s',
  (_, plan) => {
    const { scene, verdicts, rows } = tonight(plan);
    test('everybody who is about has a row, and its worst is the worst of its verdicts', () => {
      const about = Object.entries(plan.threats).filter(([, presence]) => presence !== 'absent');
      expect(rows.map((r) => r.threat).sort()).toEqual(about.map(([id]) => id).sort());
      for (const { threat, worst } of rows)
        for (const v of verdicts.filter((one) => one.threat === threat))
          expect(worst === undefined || worseFirst(worst, v) <= 0).toBe(true);
    });
    test('marks stand on the strip, left to right, the worst of each place first', () => {
      for (const { marks } of rows) {
        const xs = marks.map((m) => m.x);
        expect(xs).toEqual([...xs].sort((a, b) => a - b));
        for (const mark of marks) {
          expect(mark.x >= 0 && mark.x <= scene.length).toBe(true);
          for (const v of mark.verdicts)
            expect(worseFirst({ rating: mark.rating, hours: mark.hours }, v) <= 0).toBe(true);
        }
      }
    });
    test('whoever is let in has a mark that says so, unless it comes in at another run', () => {
      for (const { worst, marks } of rows)
        if (worst && worst.rating !== 'holds' && plan.enclosures.length === 1)
          expect(marks.some((m) => m.rating === worst.rating)).toBe(true);
    });
  },
);

describe('on the Orchard run', () => {
  const { scene, rows } = tonight(demo('Orchard run'));
  test('mink comes through above the middle of every fenced side', () => {
    const mink = rows.find((r) => r.threat === 'mink');
    const fenced = scene.sides.filter((s) => s.kind === 'fence');
    for (const side of fenced) {
      const middle = side.begins + side.length / 2;
      expect(mink?.marks.some((m) => Math.abs(m.x - middle) < 0.01)).toBe(true);
    }
  });
  test('what holds is one mark or two, and is quiet', () => {
    const fox = rows.find((r) => r.threat === 'fox');
    expect(fox?.marks.length).toBeLessThanOrEqual(2);
    expect(fox?.marks.every((m) => m.rating === 'holds')).toBe(true);
  });
});

describe('birds shut in a house', () => {
  const plan = demo('Walled corner');
  test('meet by night what comes in there alone, and by day all the same as before', () => {
    expect(hasHouse(plan)).toBe(true);
    const { rows } = tonight(plan, 'shut in');
    for (const { threat, marks } of rows)
      for (const v of marks.flatMap((m) => m.verdicts))
        expect(THREATS[threat].when !== 'night' || v.part.on === 'building').toBe(true);
    const hawk = (birds: 'shut in' | 'left out') =>
      tonight(plan, birds).rows.find((r) => r.threat === 'hawk');
    expect(hawk('shut in')?.marks.length).toBe(hawk('left out')?.marks.length);
  });
  test('cannot be where there is none', () => {
    expect(hasHouse(demo('Bantam court'))).toBe(false);
  });
});
