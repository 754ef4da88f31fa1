import { describe, expect, test } from '@jest/globals';
import { byName } from '../testing/byName';
import fc from 'fast-check';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { checkPlan } from '../formats/planFile';
import { reckon } from '../reckon';
import { anOutline } from '../testing/aRun';
import { aChosenRun } from '../testing/randomRun';
import { mirrored, renamed, ringsReversed, ringsTurned, sidesReversed } from '../testing/rewritten';

/** Widths given, so that none is chosen by its price: what a price comes to goes by what the pieces allow. */
const withWidths = (plan: Plan): Plan => ({
  ...plan,
  choices: {
    ...plan.choices,
    plan: {
      ...plan.choices.plan,
      bands: plan.choices.plan.bands.map((band) => ({
        ...band,
        widths: band.mesh.startsWith('panel') ? [0.86] : band.id === 'low' ? [0.9] : [1.2],
      })),
    },
  },
});

/** Which side of a piece is jointed, and so what a roll has left, goes by the order in which the fence is walked. */
const BY_THE_CUTTING = new Set(['rolls', 'leftOver', 'skirt.rollWidth']);
const JOINTED = /^(roll|timber|pack:(ring|peg))/;

const told = (plan: Plan) => {
  const { figures, findings, docket, parts } = reckon(plan);
  return {
    figures: Object.entries(byName(figures))
      .filter(([name]) => !BY_THE_CUTTING.has(name))
      .map(([name, value]) => [name.replace(/leaf\.[^.]+/, 'leaf.*'), value] as const)
      .sort(([a, m], [b, n]) => (a === b ? m - n : a < b ? -1 : 1)),
    findings: findings.map((f) => `${f.code} ${f.severity}`).sort(),
    needs: docket.lines
      .filter((l) => !JOINTED.test(l.id))
      .map((l) => `${l.id} ${l.need}`)
      .sort(),
    posts: parts
      .flatMap((p) =>
        p.kind === 'post' ? [`${p.role} ${p.product} ${p.above.toFixed(4)} ${p.depth.toFixed(4)}`] : [],
      )
      .sort(),
  };
};

/** Lengths to half a millimetre: slopes nearly alike are one slope, from whichever end they are looked at. */
function same(a: Plan, b: Plan) {
  const [one, other] = [told(a), told(b)];
  expect({ ...one, figures: one.figures.map(([name]) => name) }).toEqual({
    ...other,
    figures: other.figures.map(([name]) => name),
  });
  one.figures.forEach(([name, value], i) =>
    expect([name, other.figures[i]?.[1]]).toEqual([name, expect.closeTo(value, 3)]),
  );
}

/** Two runs beside each other: a fence between, or one behind the other as a Y. */
const twoRuns = (asked: 'bare' | 'skirted', skew: number): Plan => {
  const square = anOutline([
    [0, 0],
    [6, 0],
    [6, 4],
    [0, 4],
  ]);
  let plan = apply(square, { verb: 'split-side', side: 'e0', along: 3, corner: 'a', second: 'e0b' });
  plan = apply(plan, { verb: 'split-side', side: 'e2', along: 3, corner: 'b', second: 'e2b' });
  plan = apply(plan, {
    verb: 'divide',
    enclosure: 'run',
    from: 'a',
    to: 'b',
    side: 'm',
    second: { id: 'two', name: 'Two' },
  });
  plan = apply(plan, { verb: 'move-corner', corner: 'a', to: { x: 3, y: -skew } });
  if (asked === 'bare') return plan;
  return apply(plan, {
    verb: 'set-skirt',
    scope: { scope: 'side', of: 'm' },
    skirt: plan.choices.plan.skirt,
  });
};

const WAYS: readonly (readonly [string, (plan: Plan) => Plan])[] = [
  ['under other ids', renamed],
  ['with its sides written from their other ends', sidesReversed],
  ['with its rings walked the other way', ringsReversed],
  ['with its rings begun elsewhere', ringsTurned(2)],
  ['in a mirror', mirrored],
  ['in a mirror, walked the other way, under other ids', (plan) => renamed(ringsReversed(mirrored(plan)))],
];

describe.each(WAYS)('the same plan %s', (_, rewrite) => {
  test('comes to the same area, lengths, posts, needs and findings', () => {
    fc.assert(
      fc.property(aChosenRun.map(withWidths), (plan) => {
        fc.pre(checkPlan(plan).ok);
        const other = rewrite(plan);
        expect(checkPlan(other).ok).toBe(true);
        same(other, plan);
      }),
      { numRuns: 12, endOnFailure: true },
    );
  });
  test('so do two runs with a fence between, bare or skirted, straight past it or at an angle', () => {
    for (const asked of ['bare', 'skirted'] as const)
      for (const skew of [0, 1.2, -0.8]) {
        const plan = twoRuns(asked, skew);
        same(rewrite(plan), plan);
      }
  });
  test('so does a run with a side a hair out of line', () => {
    const bent = anOutline([
      [0, 0],
      [5, -0.002],
      [10, 0],
      [1, 5],
    ]);
    same(rewrite(bent), bent);
  });
  test('so do the demo plans', () => {
    for (const plan of DEMO_PLANS) same(rewrite(plan), plan);
  });
});
