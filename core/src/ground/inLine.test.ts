import { describe, expect, test } from '@jest/globals';
import type { Change } from '../plan/changes/types';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { anOutline } from '../testing/aRun';

/** 12 × 5 with a corner in the middle of its long side: e0 and e0b in line, 6 m each. */
const inLine = (hanging: 'continuous' | 'side-by-side' = 'side-by-side'): Plan => {
  const plan = anOutline(
    [
      [0, 0],
      [12, 0],
      [12, 5],
      [0, 5],
    ],
    { hanging },
  );
  return apply(plan, { verb: 'split-side', side: 'e0', along: 6, corner: 'm', second: 'e0b' });
};
const onSecond = { scope: 'side', of: 'e0b' } as const;
const told = (plan: Plan) => reckon(plan);
const meshLength = (plan: Plan) => told(plan).figures['mesh.wall.length'];

describe('two sides in line', () => {
  test('are one wall with five bays of 2.40', () => {
    const { figures } = told(inLine());
    expect(figures['posts.corner']).toBe(4);
    expect(figures['posts.line']).toBe(4 + 2 + 4 + 2);
  });
  const POSTS: readonly Change[] = [
    { verb: 'set-posts', scope: onSecond, posts: { line: 'round-100' } },
    { verb: 'set-setting', scope: onSecond, setting: { line: 'concrete' } },
  ];
  test.each(POSTS)('stay one wall with other posts on one of them: $verb', (change) => {
    const plan = inLine();
    const changed = apply(plan, change);
    const { figures } = told(changed);
    expect(figures['posts.corner']).toBe(4);
    expect(figures['posts.total']).toBe(told(plan).figures['posts.total']);
    expect(meshLength(changed)).toBe(meshLength(plan));
  });
  test('with other posts on one of them have those there and the plan’s elsewhere', () => {
    const changed = apply(inLine(), { verb: 'set-posts', scope: onSecond, posts: { line: 'round-100' } });
    const lines = told(changed).parts.flatMap((p) => (p.kind === 'post' && p.role === 'line' ? [p] : []));
    const second = lines.filter((p) => p.side === 'e0b');
    expect(second.map((p) => p.product)).toEqual(['round-100', 'round-100']);
    expect(lines.filter((p) => p.side !== 'e0b').every((p) => p.product !== 'round-100')).toBe(true);
  });
  test('with another spacing on one of them have a line post where it begins; the mesh runs on', () => {
    const plan = inLine();
    const changed = apply(plan, { verb: 'set-spacing', scope: onSecond, spacing: 1.5 });
    const { figures, workings } = told(changed);
    expect(figures['posts.corner']).toBe(4);
    // Three bays of 2.0, then four of 1.5: six line posts and the one between.
    expect(figures['posts.line']).toBe(2 + 1 + 3 + 2 + 4 + 2);
    expect(workings.posts.value).toBe(figures['posts.total']);
    expect(meshLength(changed)).toBe(meshLength(plan));
  });
  test('with another wall on one of them are two walls with a corner post between', () => {
    const bands = [{ id: 'wall', mesh: 'welded-50', top: 1.5, widths: 'cheapest' as const }];
    const changed: Plan = {
      ...inLine(),
      choices: { ...inLine().choices, side: { e0b: { bands } } },
    };
    expect(told(changed).figures['posts.corner']).toBe(5);
  });
  test('with a skirt on one of them alone are still one wall, skirted along six metres less', () => {
    const plan = inLine();
    const changed = apply(plan, { verb: 'set-skirt', scope: onSecond, skirt: { kind: 'none' } });
    const { figures, docket } = told(changed);
    expect(figures['posts.corner']).toBe(4);
    expect(meshLength(changed)).toBe(meshLength(plan));
    // 34 − 6 of fence; the corner at its far end has nothing to run on to.
    expect(figures['skirt.stripLength']).toBeCloseTo(28 + 3 * 0.45, 9);
    // One stretch with two ends: ⌈(28 + 3 × 0.90) / 0.5⌉ + 1.
    expect(docket.lines.find((l) => l.id === 'pack:peg')?.need).toBe(
      Math.ceil(30.7 / 0.5) + 1 + jointPegs(changed),
    );
  });
});

/** ⌈0.45/0.5⌉ + 1 a joint of the apron. */
const jointPegs = (plan: Plan): number =>
  2 *
  reckon(plan)
    .cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces))
    .filter((p) => p.use === 'skirt' && p.jointed).length;

describe('pegs of an apron', () => {
  const rectangle = (bare: readonly string[]): Plan =>
    bare.reduce(
      (plan, of) => apply(plan, { verb: 'set-skirt', scope: { scope: 'side', of }, skirt: { kind: 'none' } }),
      anOutline([
        [0, 0],
        [6.3, 0],
        [6.3, 4.3],
        [0, 4.3],
      ]),
    );
  const pegs = (plan: Plan) =>
    (reckon(plan).docket.lines.find((l) => l.id === 'pack:peg')?.need ?? 0) - jointPegs(plan);
  test('all round: ⌈(21.2 + 8 × 0.45) / 0.5⌉ and no end', () => {
    expect(pegs(rectangle([]))).toBe(Math.ceil(24.8 / 0.5));
  });
  test('in one stretch with one side bare: rounded once, one end more', () => {
    expect(pegs(rectangle(['e0']))).toBe(Math.ceil((14.9 + 4 * 0.45) / 0.5) + 1);
  });
  test('in two stretches: each rounded and ended by itself', () => {
    expect(pegs(rectangle(['e0', 'e2']))).toBe(2 * (Math.ceil(4.3 / 0.5) + 1));
  });
});

describe('a fence between two runs', () => {
  /** 6 × 4 divided in the middle. */
  const divided = (): Plan => {
    let plan = anOutline([
      [0, 0],
      [6, 0],
      [6, 4],
      [0, 4],
    ]);
    plan = apply(plan, { verb: 'split-side', side: 'e0', along: 3, corner: 'a', second: 'e0b' });
    plan = apply(plan, { verb: 'split-side', side: 'e2', along: 3, corner: 'b', second: 'e2b' });
    return apply(plan, {
      verb: 'divide',
      enclosure: 'run',
      from: 'a',
      to: 'b',
      side: 'm',
      second: { id: 'two', name: 'Two' },
    });
  };
  const figures = (plan: Plan) => reckon(plan).figures;
  const pegs = (plan: Plan) =>
    (reckon(plan).docket.lines.find((l) => l.id === 'pack:peg')?.need ?? 0) - jointPegs(plan);
  test('takes no skirt of itself: the apron goes round both, past the T with nothing added', () => {
    expect(figures(divided())['skirt.stripLength']).toBeCloseTo(20 + 4 * 0.45, 9);
    expect(figures(divided())['skirt.outerEdge']).toBeCloseTo(20 + 8 * 0.45, 9);
    expect(pegs(divided())).toBe(Math.ceil(23.6 / 0.5));
    const dug: Plan = { ...divided(), threats: { fox: 'seen', badger: 'seen' } };
    expect(reckon(dug).findings.map((f) => f.code)).not.toContain('skirt.none');
  });
  test('takes one where it is asked for, its own length and no corner', () => {
    const plan = divided();
    const asked = apply(plan, {
      verb: 'set-skirt',
      scope: { scope: 'side', of: 'm' },
      skirt: plan.choices.plan.skirt,
    });
    expect(figures(asked)['skirt.stripLength']).toBeCloseTo(24 + 4 * 0.45, 9);
    expect(pegs(asked)).toBe(Math.ceil(23.6 / 0.5) + Math.ceil(4 / 0.5) + 1);
  });
  test('where the outer fence bends at it, the corner is that of the outer fences', () => {
    const plan = apply(divided(), { verb: 'move-corner', corner: 'a', to: { x: 3, y: -1 } });
    // At the bend of 2·atan(1/3) the apron runs on by 0.45 × its sine; the two corners beside it turn by so much less than 90°.
    const bend = 2 * Math.atan2(1, 3);
    const outer = 2 * Math.hypot(3, 1) + 4 + 4 + 6;
    const corners = Math.sin(bend) + 2 * Math.sin(Math.PI / 2 - bend / 2) + 2;
    expect(figures(plan)['skirt.stripLength']).toBeCloseTo(outer + 0.45 * corners, 6);
  });
});
