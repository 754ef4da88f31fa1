import { describe, expect, test } from '@jest/globals';
import { byName } from './testing/byName';
import fc from 'fast-check';
import type { Plan } from './plan/schema';
import { apply } from './plan/changes/apply';
import { emptyPlan } from './starts/newPlan';
import { reckon } from './reckon';
import { L_SHAPE, aPolygon, aRun, anOutline } from './testing/aRun';
import { toPay } from './testing/toPay';
import { type Term, recompute } from './working';

const figures = (plan: Plan) => reckon(plan).figures;
const posts = (plan: Plan) => {
  const f = figures(plan);
  return [
    f['posts.corner'],
    f['posts.end'],
    f['posts.wall'],
    f['posts.gate'],
    f['posts.line'],
    f['posts.total'],
  ];
};
const pieces = (plan: Plan, use: string) =>
  reckon(plan)
    .cutting.flatMap((pool) => pool.rolls.flatMap((roll) => roll.pieces))
    .filter((p) => p.use === use)
    .map((p) => Number(p.length.toFixed(4)))
    .sort((a, b) => b - a);

describe('a run of 6.0 × 3.6 against the house, gate of 0.95 in the far side', () => {
  const plan = aRun();
  test('area, perimeter and fence', () => {
    const f = figures(plan);
    expect(f.area).toBeCloseTo(21.6, 9);
    expect(f.perimeter).toBeCloseTo(19.2, 9);
    expect(f.fenceLength).toBeCloseTo(15.6, 9);
  });
  test('two corner, two wall, two gate and four line posts', () => {
    expect(posts(plan)).toEqual([2, 0, 2, 2, 4, 10]);
  });
  test('continuous mesh comes as two pieces of 7.525', () => {
    expect(pieces(plan, 'band')).toEqual([7.525, 7.525]);
    expect(figures(plan)['mesh.wall.length']).toBeCloseTo(15.05, 9);
    expect(pieces(plan, 'leaf')).toEqual([1]);
  });
  test('the docket says that a roll of 15 is 0.05 short, and what it buys instead', () => {
    const { findings, docket } = reckon(plan);
    const short = findings.find((f) => f.code === 'roll.just-short');
    expect(short?.params).toMatchObject({ roll: 15 });
    expect((short?.params as { by: number }).by).toBeCloseTo(0.05, 9);
    const line = docket.lines.find((l) => l.id === 'roll:welded-50@1.8');
    expect(line?.need).toBeCloseTo(16.05, 9);
    expect(line?.units).toEqual([{ size: 25, count: 1, price: 14440, yard: 'far-gate' }]);
    expect(line?.instead?.units).toEqual([{ size: 15, count: 2, price: 9320, yard: 'far-gate' }]);
    expect(line?.instead?.more).toBe(2 * 9320 - 14440);
  });
  test('the apron runs on round two corners and under the gate', () => {
    expect(figures(plan)['skirt.stripLength']).toBeCloseTo(16.5, 9);
    expect(pieces(plan, 'skirt')).toEqual([6.45, 6, 4.05].sort((a, b) => b - a));
  });
  test('a buried skirt goes round corners with nothing added', () => {
    const buried = aRun({ choices: { skirt: { kind: 'buried', mesh: 'fine-13', depth: 0.3, lapUp: 0.1 } } });
    expect(figures(buried)['skirt.stripLength']).toBeCloseTo(15.6, 9);
  });
});

describe('the same run freestanding', () => {
  const plan = aRun({ house: 'none' });
  test('four corners, two gate posts, 2 + 2 + 1 + 0 line posts', () => {
    expect(posts(plan)).toEqual([4, 0, 0, 2, 5, 11]);
  });
  test('apron 21.0, mesh in one piece of 18.45', () => {
    expect(figures(plan)['skirt.stripLength']).toBeCloseTo(21, 9);
    const f = figures(plan);
    expect(f['mesh.wall.length']).toBeCloseTo(18.45, 9);
    expect(pieces(plan, 'band')).toEqual([18.45]);
  });
  test('hung side by side it is cut at each corner', () => {
    const cut = aRun({ house: 'none', choices: { hanging: 'side-by-side' } });
    expect(pieces(cut, 'band')).toEqual([6.2, 6.2, 3.8, 1.525, 1.525]);
  });
  test('without a gate the ring of mesh has two free ends', () => {
    expect(pieces(aRun({ house: 'none', gate: 0 }), 'band')).toEqual([19.4]);
  });
});

describe('posts are set out by rule', () => {
  test('a side of 16.8 at 2.4 has seven bays', () => {
    const plan = aRun({ house: 'none', gate: 0, depth: 16.8, width: 2.4 });
    expect(figures(plan)['posts.line']).toBe(12);
    expect(16.8 / 2.4).toBeGreaterThan(7);
  });
  test('a gate on a corner shares the corner post', () => {
    const plan = apply(aRun({ house: 'none' }), { verb: 'set-opening', id: 'g1', to: { along: 0 } });
    expect(posts(plan)).toEqual([3, 0, 0, 2, 2 + 2 + 1 + 1, 11]);
  });
  test('a fence that ends at nothing has an end post', () => {
    const plan = anOutline(
      [
        [0, 0],
        [4.8, 0],
        [4.8, 2.4],
        [0, 2.4],
      ],
      {},
      { 3: 'open' },
    );
    expect(posts(plan)).toEqual([2, 2, 0, 0, 2, 6]);
  });
  test('a corner with no turn takes no post, and bays run through it', () => {
    const plan = anOutline([
      [0, 0],
      [3, 0],
      [4.8, 0],
      [4.8, 2.4],
      [0, 2.4],
    ]);
    expect(posts(plan)).toEqual([4, 0, 0, 0, 2, 6]);
  });
  test('an L round a tree: six corners, eleven line posts, apron of 0.60 in 37.2', () => {
    const skirt = { kind: 'apron', mesh: 'welded-75x50', width: 0.6, lapUp: 0.1 } as const;
    const plan = anOutline(L_SHAPE, { skirt });
    expect(posts(plan)).toEqual([6, 0, 0, 0, 11, 17]);
    expect(figures(plan).area).toBeCloseTo(59.94, 9);
    expect(figures(plan)['skirt.stripLength']).toBeCloseTo(37.2, 9);
  });
  test('an octagon of side 2.0 carries its apron 0.707 W round each corner', () => {
    const skirt = { kind: 'apron', mesh: 'welded-75x50', width: 0.6, lapUp: 0.1 } as const;
    expect(figures(aPolygon(8, 2, { skirt }))['skirt.stripLength']).toBeCloseTo(19.394, 3);
  });
  test('a triangle turns 120° at each corner: W ahead and W/2 back', () => {
    const skirt = { kind: 'apron', mesh: 'welded-75x50', width: 0.6, lapUp: 0.1 } as const;
    expect(figures(aPolygon(3, 5, { skirt }))['skirt.stripLength']).toBeCloseTo(15 + 3 * 0.6 * 1.5, 9);
  });
  test('a ring walked clockwise gives the same figures', () => {
    const points = L_SHAPE;
    const there = byName(figures(anOutline(points)));
    const back = byName(figures(anOutline([...points].reverse())));
    for (const [name, value] of Object.entries(there)) expect(back[name]).toBeCloseTo(value, 9);
  });
  test('a post set by hand stays and the rest re-space', () => {
    const plan = {
      ...aRun({ house: 'none', gate: 0, depth: 4.8, width: 2.4 }),
      postPins: [{ id: 'p1', side: 's1', along: 2, post: { kind: 'new' as const } }],
    };
    const on = reckon(plan).parts.flatMap((p) =>
      p.kind === 'post' && p.side === 's1' ? [Number(p.along.toFixed(3))] : [],
    );
    expect(on.sort((a, b) => a - b)).toEqual([0, 2, 3.4, 4.8]);
  });
  test('two runs that share a side of 4.0 count it once together and once each', () => {
    const base = anOutline([
      [0, 0],
      [4, 0],
      [8, 0],
      [8, 4],
      [4, 4],
      [0, 4],
    ]);
    const sides = [...base.sides, { id: 'm', from: 'p1', to: 'p4', kind: 'fence' as const }];
    const ring = (...steps: [string, boolean][]) => steps.map(([side, forward]) => ({ side, forward }));
    const plan: Plan = {
      ...base,
      sides,
      enclosures: [
        { id: 'west', name: 'West', ring: ring(['e0', true], ['m', true], ['e4', true], ['e5', true]) },
        { id: 'east', name: 'East', ring: ring(['e1', true], ['e2', true], ['e3', true], ['m', false]) },
      ],
    };
    const reckoning = reckon(plan);
    expect(reckoning.figures.fenceLength).toBeCloseTo(28, 9);
    expect(reckoning.figures['posts.total']).toBe(6 + 7);
    expect(reckoning.enclosures.map((e) => [e.figures.fenceLength, e.figures['posts.total']])).toEqual([
      [16, 8],
      [16, 8],
    ]);
  });
});

describe('every number shows its working', () => {
  const agrees = (term: Term, value: number) => expect(recompute(term)).toBeCloseTo(value, 6);
  const check = (plan: Plan) => {
    const { docket, workings, figures: f } = reckon(plan);
    for (const line of docket.lines) {
      agrees(line.working.need, line.need);
      expect(line.left).toBeCloseTo(line.buy - line.need, 6);
      expect(line.units.reduce((total, u) => total + u.size * u.count, 0)).toBeCloseTo(
        line.detail.kind === 'roll' || line.detail.kind === 'pack'
          ? line.buy
          : line.units.reduce((t, u) => t + u.size * u.count, 0),
        6,
      );
      if (line.working.price && line.price !== null) agrees(line.working.price, line.price);
    }
    agrees(docket.working, docket.total);
    agrees(workings.area, f.area ?? NaN);
    agrees(workings.perimeter, f.perimeter ?? NaN);
    agrees(workings.fenceLength, f.fenceLength ?? NaN);
    agrees(workings.posts, f['posts.total'] ?? NaN);
    agrees(workings.skirt, f['skirt.stripLength'] ?? NaN);
    agrees(workings.hours, f.hours ?? NaN);
  };

  test('that adds up, whatever the run', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 12, max: 400 }),
        fc.integer({ min: 12, max: 400 }),
        fc.constantFrom('whole-side', 'none'),
        fc.constantFrom('continuous', 'side-by-side'),
        fc.constantFrom(0, 0.8, 0.95, 1.2),
        fc.integer({ min: 9, max: 36 }),
        (width, depth, house, hanging, gate, spacing) => {
          check(
            aRun({
              width: width / 10,
              depth: depth / 10,
              house,
              gate,
              choices: { hanging, spacing: spacing / 10 },
            }),
          );
        },
      ),
      { numRuns: 60 },
    );
  });
  test('that adds up on a ring of any corners', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 30 }), fc.integer({ min: 5, max: 80 }), (n, side) =>
        check(aPolygon(n, side / 10)),
      ),
      { numRuns: 40 },
    );
  });
});

describe('what is not there is left out', () => {
  test('no birds: area a bird is missing, not infinite', () => {
    expect(figures(aRun())).not.toHaveProperty('areaPerBird');
    const kept = aRun({ flock: [{ id: 'f', kind: 'hen-heavy', count: 9, keeping: 'confined' }] });
    expect(figures(kept).areaPerBird).toBeCloseTo(2.4, 9);
    expect(figures(kept).areaWanted).toBeCloseTo(10.8, 9);
  });
  test('a product this yard does not sell leaves the total at least', () => {
    const plan = apply(aRun(), { verb: 'set-yards', yards: ['longacre'] });
    const { docket } = reckon(plan);
    expect(docket.complete).toBe(false);
    expect(docket.lines.find((l) => l.product === 'gate-kit')?.price).toBeNull();
    expect(docket.total).toBe(toPay(docket));
  });
});

describe('a plan with nothing in it', () => {
  test('is reckoned to nothing, without a broken figure', () => {
    const reckoning = reckon(emptyPlan('empty', 'Empty', 'metric'));
    expect(reckoning.figures).toMatchObject({ area: 0, fenceLength: 0, 'posts.total': 0, rolls: 0 });
    expect(reckoning.docket).toMatchObject({ lines: [], total: 0, complete: true });
    for (const value of Object.values(reckoning.figures)) expect(Number.isFinite(value)).toBe(true);
  });
});
