import { near } from '../testing/near';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { checkPlan } from '../formats/planFile';
import { reckon } from '../reckon';
import { aRun, anOutline, onSlope } from '../testing/aRun';
import { terrainOf } from '../ground/terrain';
import { aRandomRun, moved } from '../testing/randomRun';
import { uniform } from '../testing/uniform';

/** One side of 12.0 rising 0.90, the other three left open. */
function oneSide(
  slope: Partial<Plan['choices']['plan']['slope']>,
  band = 1.5,
  widths: 'cheapest' | number[] = 'cheapest',
): Plan {
  const plan = anOutline(
    [
      [0, 0],
      [12, 0],
      [12, 4],
      [0, 4],
    ],
    {
      bands: [{ id: 'wall', mesh: 'welded-50', top: band, widths }],
      slope: { hang: 'by-mesh', foot: 'mesh', ...slope },
    },
    { 1: 'open', 2: 'open', 3: 'open' },
  );
  return onSlope(plan, 0.9 / 12, 0);
}

describe('a side of 12.0 on the level that rises evenly 0.90', () => {
  test('has five bays and is 12.034 along the ground', () => {
    const { figures } = reckon(oneSide({ hang: 'follow' }));
    expect(figures['posts.line']).toBe(4);
    expect(figures.fenceLength).toBeCloseTo(12, 9);
    expect(figures.groundLength).toBeCloseTo(Math.hypot(12, 0.9), 9);
    expect(figures.groundLength).toBeCloseTo(12.034, 3);
  });
  test('hung parallel, mesh 1.5 high takes 0.1125 more at its end', () => {
    const { figures, findings, cutting } = reckon(oneSide({ hang: 'follow' }, 1.5, [1.5]));
    expect(figures['mesh.wall.slopeExtra']).toBeCloseTo(0.1125, 9);
    expect(figures['mesh.wall.length']).toBeCloseTo(Math.hypot(12, 0.9) + 0.2 + 0.1125, 9);
    const pieces = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces)).filter((p) => p.use === 'band');
    expect(pieces.map((p) => p.length)).toEqual([expect.closeTo(figures['mesh.wall.length'] ?? NaN, 9)]);
    expect(findings.map((f) => f.code)).toContain('slope.follows');
  });
  test('gentle enough to follow, the docket is told what each piece takes more', () => {
    const [leans] = reckon(onSlope(oneSide({}), 0.04, 0)).findings.filter((f) => f.code === 'slope.leans');
    expect((leans?.params as { extra: number }).extra).toBeCloseTo(0.06, 9);
  });
  test('steps 0.18 a bay by the mesh’s own limit, with nothing leaning and the low posts so much longer', () => {
    const { figures, findings, parts } = reckon(oneSide({}));
    expect(figures['mesh.wall.slopeExtra']).toBe(0);
    expect(figures['mesh.wall.length']).toBeCloseTo(12 + 5 * 0.2, 9);
    const steps = findings.find((f) => f.code === 'slope.steps');
    expect((steps?.params as { drop: number }).drop).toBeCloseTo(0.18, 9);
    const posts = parts.flatMap((p) => (p.kind === 'post' ? [p] : [])).sort((a, b) => a.along - b.along);
    expect(posts.map((p) => Number(p.above.toFixed(4)))).toEqual([1.68, 1.68, 1.68, 1.68, 1.68, 1.5]);
  });
  test('stepped, each bay’s mesh is as high as the wall and its drop', () => {
    // 1.5 + 0.18 no longer comes from a roll of 1.5: it is 0.18 short of the ground, and a roll of 1.8 is not.
    const short = (width: number) =>
      reckon(oneSide({}, 1.5, [width])).findings.flatMap((f) =>
        f.code === 'band.short' ? [f.params.by] : [],
      );
    expect(short(1.5)).toEqual([near(0.18)]);
    expect(short(1.8)).toEqual([]);
  });
  test('stepped with the gap left open, the gap counts as an opening', () => {
    const plan = { ...oneSide({ foot: 'gap' }), threats: { fox: 'seen' as const } };
    const reckoning = reckon(plan);
    const gap = reckoning.findings.find(
      (f) => f.code === 'opening.passes' && (f.params as { of: string }).of === 'gap',
    );
    expect((gap?.params as { opening: number }).opening).toBeCloseTo(0.18, 9);
    const [mend] = gap?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    const mended = reckon(apply(plan, mend)).findings;
    expect(mended.some((f) => (f.params as { of?: string }).of === 'gap')).toBe(false);
  });
  test('skirt is bought along the ground, with nothing for the slope besides', () => {
    const { figures } = reckon(oneSide({}));
    expect(figures['skirt.stripLength']).toBeCloseTo(Math.hypot(12, 0.9), 9);
  });
  test('a joint in the middle of the grade makes two pieces lean', () => {
    const plan = anOutline(
      [
        [0, 0],
        [48, 0],
        [48, 4],
        [0, 4],
      ],
      { slope: { hang: 'follow', foot: 'mesh' } },
      { 1: 'open', 2: 'open', 3: 'open' },
    );
    const { cutting } = reckon(onSlope(plan, 0.04, 0));
    const pieces = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces)).filter((p) => p.use === 'band');
    const total = pieces.reduce((t, p) => t + p.length, 0);
    const joints = pieces.length - 1;
    expect(joints).toBeGreaterThanOrEqual(1);
    expect(total).toBeCloseTo(
      Math.hypot(48, 48 * 0.04) + 0.2 + joints * 0.15 + pieces.length * 1.8 * 0.04,
      6,
    );
  });
});

describe('hexagonal mesh follows what welded cannot', () => {
  test.each([
    ['welded-50', 0.04, 'follow'],
    ['welded-50', 0.06, 'step'],
    ['hex-50', 0.11, 'follow'],
    ['hex-50', 0.13, 'step'],
    ['chain-50', 0.24, 'follow'],
    ['chain-50', 0.26, 'step'],
  ] as const)('%s at a grade of %d: %s', (mesh, grade, hang) => {
    const plan = aRun({
      house: 'none',
      gate: 0,
      depth: 12,
      choices: { bands: [{ id: 'wall', mesh, top: 1.5, widths: 'cheapest' }] },
    });
    const { findings } = reckon(onSlope(plan, grade, 0));
    expect(findings.some((f) => f.code === 'slope.steps')).toBe(hang === 'step');
  });
});

describe('the ground between heights', () => {
  test('is the plane where three agree, and the nearest rim outside', () => {
    const plan = onSlope(aRun({ house: 'none' }), 0.05, -0.02);
    const terrain = terrainOf(plan.ground.spotHeights);
    fc.assert(
      fc.property(uniform(0, 6), uniform(0, 3.6), (x, y) => {
        expect(terrain.heightAt({ x, y })).toBeCloseTo(0.05 * x - 0.02 * y, 6);
      }),
    );
    expect(terrain.heightAt({ x: 100, y: 1.8 })).toBeCloseTo(0.05 * 6 - 0.02 * 1.8, 6);
  });
  test('two heights make a slope along their line, one makes it level', () => {
    const spot = (id: string, x: number, height: number) => ({ id, at: { x, y: 0 }, height });
    expect(terrainOf([spot('a', 0, 1)]).level).toBe(true);
    const two = terrainOf([spot('a', 0, 1), spot('b', 10, 2)]);
    expect(two.heightAt({ x: 5, y: 3 })).toBeCloseTo(1.5, 9);
    expect(two.heightAt({ x: 20, y: 0 })).toBeCloseTo(2, 9);
  });
  test('a fence over a ridge is as long as its two slopes', () => {
    const base = anOutline([
      [0, 0],
      [10, 0],
      [10, 10],
      [0, 10],
    ]);
    const heights = [
      [0, 0, 0],
      [0, 10, 0],
      [5, 0, 0.2],
      [5, 10, 0.2],
      [10, 0, 0],
      [10, 10, 0],
    ].map(([x = 0, y = 0, height = 0], i) => ({ id: `z${i}`, at: { x, y }, height }));
    const plan: Plan = { ...base, ground: { ...base.ground, spotHeights: heights } };
    expect(reckon(plan).figures.groundLength).toBeCloseTo(4 * Math.hypot(5, 0.2) + 20, 9);
    // Four straight grades lean, the level sides do not.
    expect(reckon(plan).figures['mesh.wall.slopeExtra']).toBeCloseTo(4 * 1.8 * 0.04, 9);
  });
  test('level ground under another name changes nothing', () => {
    const plan = aRun();
    const level = onSlope(plan, 0, 0);
    const { groundLength: _, ...bare } = reckon(plan).figures;
    const { groundLength, ...same } = reckon(level).figures;
    expect(same).toEqual(bare);
    expect(groundLength).toBeCloseTo(15.6, 9);
  });
});

test('a plan on a slope is valid and its workings add up on any grade', () => {
  fc.assert(
    fc.property(
      uniform(-0.3, 0.3),
      uniform(-0.3, 0.3),
      fc.constantFrom('by-mesh', 'follow', 'step'),
      fc.constantFrom('mesh', 'gap'),
      (gx, gy, hang, foot) => {
        const plan = onSlope(aRun({ choices: { slope: { hang, foot } } }), gx, gy);
        expect(checkPlan(plan).ok).toBe(true);
        const { figures, docket, cutting } = reckon(plan);
        for (const value of Object.values(figures)) expect(Number.isFinite(value)).toBe(true);
        for (const line of docket.lines) expect(line.left).toBeGreaterThanOrEqual(-1e-6);
        for (const pool of cutting) expect(pool.unplaced).toEqual([]);
        expect(figures.groundLength).toBeGreaterThanOrEqual((figures.fenceLength ?? 0) - 1e-9);
      },
    ),
    { numRuns: 60 },
  );
});

describe('mesh that leans and is jointed', () => {
  /** Need, left and working of a line beside what its pieces are cut to. */
  const told = (plan: Plan) => {
    const { docket, cutting } = reckon(plan);
    return docket.lines.flatMap((line) => {
      const of = 'pool' in line.detail ? line.detail.pool : undefined;
      const pool = cutting.find((p) => p.id === of);
      if (!pool || pool.unplaced.length > 0) return [];
      const cut = pool.rolls.reduce((total, r) => total + r.length - r.left, 0);
      const left = pool.rolls.reduce((total, r) => total + (r.owned === null ? r.left : 0), 0);
      return [
        {
          need: line.need,
          working: line.working.need.value,
          left: line.left,
          pool: pool.need,
          cut,
          rest: left,
        },
      ];
    });
  };
  const agree = (plan: Plan) => {
    for (const line of told(plan)) {
      expect(line.need).toBeCloseTo(line.cut, 6);
      expect(line.working).toBeCloseTo(line.cut, 6);
      expect(line.pool).toBeCloseTo(line.cut, 6);
      expect(line.left).toBeCloseTo(line.rest, 6);
    }
  };
  test('a joint on a grade is paid for by both pieces, and told so', () => {
    // 60 m on one grade of 4 %: two pieces at least, each 1.80 × 0.04 longer.
    const plan = onSlope(
      anOutline(
        [
          [0, 0],
          [60, 0],
          [60, 5],
          [0, 5],
        ],
        { skirt: { kind: 'none' }, slope: { hang: 'follow', foot: 'mesh' } },
        { 1: 'open', 2: 'open', 3: 'open' },
      ),
      0.04,
      0,
    );
    const { docket, cutting } = reckon(plan);
    const [pool] = cutting;
    const line = docket.lines.find((l) => l.id.startsWith('roll:'));
    const joints = pool?.joints ?? NaN;
    expect(joints).toBeGreaterThanOrEqual(1);
    const ground = Math.hypot(60, 2.4);
    expect(line?.need).toBeCloseTo(ground + 2 * 0.1 + joints * 0.15 + (joints + 1) * 1.8 * 0.04, 6);
    agree(plan);
  });
  test('need, left and working are the length of the pieces on any ground', () => {
    fc.assert(
      fc.property(aRandomRun, fc.constantFrom(1, 2.5, 4), (plan, larger) => {
        const stretched = moved(plan, ({ x, y }) => ({ x: x * larger, y: y * larger }));
        agree(checkPlan(stretched).ok ? stretched : plan);
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
});
