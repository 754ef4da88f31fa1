import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apply } from '../../plan/changes/apply';
import type { Building, Plan } from '../../plan/schema';
import { reckon } from '../../reckon';
import { emptyPlan } from '../../starts/newPlan';
import { aRun } from '../../testing/aRun';
import type { Vent } from '../ground/plan/house';

const box = (wide: number, deep: number) => [
  { x: 0, y: 0 },
  { x: wide, y: 0 },
  { x: wide, y: deep },
  { x: 0, y: deep },
];

/** A coop by itself: no run, no fence. */
function aCoop(to: Partial<Building>, wide = 1.83, deep = 3.66): Plan {
  const empty = emptyPlan('coop', 'Coop', 'metric');
  const thing: Building = {
    id: 'coop',
    name: 'Coop',
    outline: box(wide, deep),
    eaves: 1.5,
    height: 2,
    stands: 'walls',
    ...to,
  };
  return apply(
    { ...empty, threats: { fox: 'seen', weasel: 'seen' } },
    { verb: 'add-to-ground', list: 'buildings', thing },
  );
}
const codes = (plan: Plan) => reckon(plan).findings.map((f) => f.code);
const apron = (width: number, lapUp = 0.1) =>
  ({ kind: 'apron', mesh: 'welded-75x50', width, lapUp }) as const;

describe('an apron round a coop alone', () => {
  const plan = aCoop({ skirt: apron(0.91) });
  const { figures, docket } = reckon(plan);
  test('takes its way round and four woven corners: 10.98 + 4 × 0.91', () => {
    expect(figures['skirt.stripLength']).toBeCloseTo(14.62, 9);
    expect(figures['skirt.stripWidth']).toBeCloseTo(1.01, 9);
    expect(figures['skirt.rollWidth']).toBeCloseTo(1.2, 9);
    expect(figures['skirt.outerEdge']).toBeCloseTo(10.98 + 8 * 0.91, 9);
  });
  test('is one roll of 15, with no posts and no mesh of walls', () => {
    const rolls = docket.lines.filter((l) => l.id.startsWith('roll:'));
    expect(rolls.map((l) => l.units.map((u) => [u.size, u.count]))).toEqual([[[15, 1]]]);
    expect(docket.lines.filter((l) => l.stage === 'posts' || l.stage === 'walls')).toEqual([]);
    expect(docket.complete).toBe(true);
    expect(figures['posts.total'] ?? 0).toBe(0);
  });
  test('is stapled to the house along each wall, and pegged all round its edge', () => {
    const need = (id: string) => docket.lines.find((l) => l.id === id)?.need;
    const walls = [1.83, 3.66, 1.83, 3.66];
    expect(need('pack:staple')).toBe(walls.reduce((n, l) => n + Math.ceil(l / 0.1) + 1, 0));
    expect(need('pack:peg')).toBe(Math.ceil((10.98 + 8 * 0.91) / 0.5));
  });
  test('from the next narrower roll lies less far out: said, and taken if the keeper wants', () => {
    const found = reckon(plan).findings.find((f) => f.code === 'skirt.cut-down');
    expect(found?.params).toMatchObject({ width: 1.01, roll: 1.2, less: 0.9, by: 0.11 });
    const [mend] = found?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    const narrower = reckon(apply(plan, mend));
    expect(narrower.figures['skirt.rollWidth']).toBeCloseTo(0.9, 9);
    expect(narrower.figures['skirt.stripLength']).toBeCloseTo(10.98 + 4 * 0.8, 9);
    expect(narrower.findings.some((f) => f.code === 'skirt.cut-down')).toBe(false);
  });
  test('what digs under it is told, with a wider one', () => {
    const narrow = aCoop({ skirt: apron(0.3) });
    const short = reckon(narrow).findings.find((f) => f.code === 'skirt.short');
    const [mend] = short?.mends(narrow) ?? [];
    if (!mend) throw new Error('no mend');
    expect(reckon(apply(narrow, mend)).findings.some((f) => f.code === 'skirt.short')).toBe(false);
  });
  test('of any size is its outline and four widths', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.8, max: 9, noNaN: true }),
        fc.double({ min: 0.8, max: 9, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        (wide, deep, width) => {
          const found = reckon(aCoop({ skirt: apron(width) }, wide, deep)).figures;
          expect(found['skirt.stripLength']).toBeCloseTo(2 * (wide + deep) + 4 * width, 6);
        },
      ),
      { numRuns: 40 },
    );
  });
  test('turns inside corners with nothing added', () => {
    const outline = [
      [0, 0],
      [4, 0],
      [4, 2],
      [2, 2],
      [2, 4],
      [0, 4],
    ].map(([x = 0, y = 0]) => ({ x, y }));
    const found = reckon(aCoop({ skirt: apron(0.5), outline })).figures;
    expect(found['skirt.stripLength']).toBeCloseTo(16 + 5 * 0.5, 9);
  });
  test('is left out where a run is built on to it', () => {
    const run = aRun({ width: 3, depth: 6, choices: { skirt: { kind: 'none' } } });
    const guarded = apply(run, {
      verb: 'set-on-ground',
      list: 'buildings',
      id: 'house',
      to: { skirt: apron(0.5) },
    });
    // Three of its walls, 1.8 + 3.0 + 1.8, with two corners between them.
    expect(reckon(guarded).figures['skirt.stripLength']).toBeCloseTo(6.6 + 2 * 0.5, 9);
  });
  test('buried, is trenched all round', () => {
    const found = reckon(
      aCoop({ skirt: { kind: 'buried', mesh: 'welded-75x50', depth: 0.45, lapUp: 0.1 } }),
    ).figures;
    expect(found['skirt.trenchLength']).toBeCloseTo(10.98, 9);
    expect(found['skirt.stripLength']).toBeCloseTo(10.98, 9);
  });
});

describe('vents and windows of a house', () => {
  const vent = (to: Partial<Vent>): Vent => ({
    id: 'v',
    name: 'vents',
    width: 0.3,
    height: 0.2,
    count: 5,
    found: 'fly-screen',
    mesh: null,
    ...to,
  });
  const window = vent({ id: 'w', name: 'window', width: 0.6, height: 0.45, count: 1 });
  const bare = aCoop({ vents: [vent({}), window] });
  const covered = aCoop({ vents: [vent({ mesh: 'fine-13' }), { ...window, mesh: 'fine-13' }] });
  test('behind fly screen count as open, and the mend covers them', () => {
    const found = reckon(bare).findings.filter((f) => f.code === 'opening.passes');
    expect(found.map((f) => f.params)).toEqual(
      expect.arrayContaining([expect.objectContaining({ of: 'house', opening: 0.2 })]),
    );
    const mended = found.reduce((plan, f) => {
      const [mend] = f.mends(plan);
      return mend ? apply(plan, mend) : plan;
    }, bare);
    expect(reckon(mended).findings.filter((f) => f.code === 'opening.passes')).toEqual([]);
  });
  test('take pieces 0.05 larger all round, battens along each edge, and a staple each 0.10', () => {
    const { docket, cutting } = reckon(covered);
    const mesh = cutting.find((p) => p.product === 'fine-13');
    const sizes = (mesh?.rolls ?? [])
      .flatMap((r) => r.pieces.map((p) => p.lies))
      .map((lies) => [lies?.along ?? 0, lies?.across ?? 0].sort((a, b) => a - b))
      .sort(([a = 0], [b = 0]) => a - b);
    expect(sizes).toHaveLength(6);
    for (const [i, [a = 0, b = 0]] of sizes.entries()) {
      expect(a).toBeCloseTo(i < 5 ? 0.3 : 0.55, 9);
      expect(b).toBeCloseTo(i < 5 ? 0.4 : 0.7, 9);
    }
    const battens = docket.lines.find((l) => l.id.startsWith('timber:batten'));
    expect(battens?.need).toBeCloseTo(5 * 1.4 + 2.5, 9);
    expect(docket.lines.find((l) => l.id === 'pack:staple')?.need).toBe(96);
  });
  test('are cut from what a run leaves of its low band', () => {
    const run = aRun({
      width: 3,
      depth: 5,
      choices: { bands: [{ id: 'low', mesh: 'fine-13', top: 0.6, widths: 'cheapest' }] },
    });
    const both = apply(run, {
      verb: 'set-on-ground',
      list: 'buildings',
      id: 'house',
      to: { vents: [vent({ mesh: 'fine-13' })] },
    });
    const rolls = (plan: Plan) =>
      reckon(plan)
        .docket.lines.filter((l) => l.id.startsWith('roll:fine-13'))
        .map((l) => l.buy);
    expect(rolls(both)).toEqual(rolls(run));
  });
});

describe('doors in walls of the house itself', () => {
  const doors = [
    { id: 'd1', kind: 'pop-door', width: 0.3, height: 0.35, make: 'kit', found: false },
    { id: 'd2', kind: 'egg-hatch', width: 0.4, height: 0.3, make: 'built', found: false },
    { id: 'd3', kind: 'cleaning-door', width: 0.6, height: 0.6, make: 'kit', found: true },
  ] as const;
  const plan = aCoop({ doors: [...doors] });
  const { docket, figures } = reckon(plan);
  test('are bought as kits or sawn, and hung; what is there already is not', () => {
    const kits = docket.lines.filter((l) => l.id.startsWith('kit:'));
    expect(kits.map((l) => [l.id.includes('pop-door'), l.need])).toEqual([[true, 1]]);
    expect(docket.lines.find((l) => l.id === 'pack:hinge')?.need).toBe(2);
    expect(docket.lines.find((l) => l.id === 'pack:catch')?.need).toBe(1);
    expect(figures['hours.flaps']).toBeCloseTo(2 * 0.7, 9);
    expect(docket.complete).toBe(true);
  });
  test('a kit that no yard sells is told, and built instead', () => {
    const wide = aCoop({ doors: [{ ...doors[0], width: 1.43 }] });
    const found = reckon(wide).findings.find((f) => f.code === 'way.no-kit');
    const after = (found?.mends(wide) ?? []).map((m) => codes(apply(wide, m)));
    expect(after.length).toBeGreaterThan(0);
    for (const left of after) expect(left).not.toContain('way.no-kit');
  });
  test.each(['vents', 'doors'] as const)('%s larger than their wall are told, and made as large', (list) => {
    const large =
      list === 'doors'
        ? { doors: [{ ...doors[2], width: 1.5, height: 1.5 }] }
        : {
            vents: [
              {
                id: 'v',
                name: 'window',
                width: 3,
                height: 2.5,
                count: 1,
                found: 'open' as const,
                mesh: null,
              },
            ],
          };
    const coop = aCoop({ ...large, height: 1.2 }, 1, 1);
    const found = reckon(coop).findings.find((f) => f.code === 'house.cut-larger');
    const [mend] = found?.mends(coop) ?? [];
    if (!mend) throw new Error('no mend');
    expect(codes(apply(coop, mend))).not.toContain('house.cut-larger');
  });
});

describe('the floor of a house', () => {
  test('of earth is dug through until a skirt lies round it', () => {
    const coop = aCoop({ floor: { kind: 'earth', above: 0, open: false } });
    const found = reckon(coop).findings.find((f) => f.code === 'house.earth-floor');
    const [mend] = found?.mends(coop) ?? [];
    if (!mend) throw new Error('no mend');
    const after = apply(coop, mend);
    expect(codes(after)).not.toContain('house.earth-floor');
    expect(reckon(after).figures['skirt.stripLength'] ?? 0).toBeGreaterThan(2 * (1.83 + 3.66));
  });
  test('of earth it is held by a skirt that lies there already, as far as it is known', () => {
    const at = (out: number, depth: number | null) =>
      codes(aCoop({ floor: { kind: 'earth', above: 0, open: false }, foot: { out, depth } }));
    expect(at(0, null)).toContain('house.earth-floor');
    expect(at(0.1, 0.1)).toContain('house.earth-floor');
    expect(at(0, 0.9)).not.toContain('house.earth-floor');
    expect(at(0.9, null)).not.toContain('house.earth-floor');
  });
  test('a hand above the ground it houses rats; at 0.30 it does not', () => {
    const at = (above: number) => codes(aCoop({ floor: { kind: 'raised', above, open: true } }));
    expect(at(0.15)).toContain('house.low-floor');
    expect(at(0.3)).not.toContain('house.low-floor');
  });
  test('high enough and open beneath, its ground is the birds’ as well', () => {
    const run = aRun({ flock: [{ id: 'f', kind: 'hen-heavy', count: 8, keeping: 'confined' }] });
    const crowded = (plan: Plan) =>
      reckon(plan).findings.flatMap((f) => (f.code === 'birds.crowded' ? [f.params.area] : []))[0];
    const on = (floor: Building['floor']): Plan => ({
      ...run,
      ground: { ...run.ground, buildings: run.ground.buildings.map((b) => ({ ...b, floor })) },
      flock: [{ id: 'f', kind: 'hen-heavy', count: 400, keeping: 'confined' }],
    });
    const [house] = run.ground.buildings;
    const xs = (house?.outline ?? []).map((p) => p.x);
    const ys = (house?.outline ?? []).map((p) => p.y);
    const footprint = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
    const solid = crowded(on({ kind: 'solid', above: 0, open: false })) ?? NaN;
    expect((crowded(on({ kind: 'raised', above: 0.5, open: true })) ?? NaN) - solid).toBeCloseTo(
      footprint,
      9,
    );
    expect(crowded(on({ kind: 'raised', above: 0.5, open: false }))).toBeCloseTo(solid, 9);
    expect(crowded(on({ kind: 'raised', above: 0.2, open: true }))).toBeCloseTo(solid, 9);
  });
});
