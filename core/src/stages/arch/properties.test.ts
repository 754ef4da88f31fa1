import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Change } from '../../plan/changes/types';
import type { Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { archPlace } from './verbs';
import { blocking } from '../blocking';
import { checkPlan } from '../../formats/planFile';
import { newArches } from './proposed';
import { reckon } from '../../reckon';
import { aRun, onSlope } from '../../testing/aRun';
import { hoops, panels } from '../../testing/anArch';
import { KINDS, KIND_IDS } from './plan/kinds';

const PANEL_DOOR = {
  kind: 'panel-door',
  id: 'g',
  side: 's2',
  along: 0.8,
  width: 0.8,
  gap: 0.013,
  height: 1.7,
  catches: 'one-step',
  lock: 'none',
  sill: 'board',
} as const;

const size = { base: 2.4, length: 3.81 };
const found = (plan: Plan) => reckon(plan).findings;
const codes = (plan: Plan) => found(plan).map((f) => f.code);
/** What is still found of a code once its first mend is taken. */
const left = (plan: Plan, code: string): readonly string[] => {
  const [mend] =
    found(plan)
      .find((f) => f.code === code)
      ?.mends(plan) ?? [];
  return mend ? codes(apply(plan, mend)) : [code];
};
const tree = (x: number, y: number, crown: number) => ({
  id: 't',
  name: 'Plum',
  at: { x, y },
  trunk: 0.2,
  roots: 1,
  crown,
});
const withTree = (at: ReturnType<typeof tree>) =>
  apply(panels(size), { verb: 'add-to-ground', list: 'trees', thing: at });
const skewed: Plan = {
  ...panels(size),
  corners: panels(size).corners.map((c) => (c.id === 'c3' ? { ...c, x: c.x + 0.4 } : c)),
};

describe('what is wrong is told with its mend', () => {
  test.each([
    ['arch.not-square', skewed],
    ['arch.too-short', panels({ base: 5, length: 3.81 })],
    ['arch.flat', panels({ base: 3.8, length: 3.81 })],
    ['arch.steep', panels({ base: 1.5, length: 3.81 })],
    ['arch.leans', panels({ base: 2, length: 3.81 })],
    ['arch.longer', panels({ base: 2.4, length: 3.2 })],
    [
      'arch.door-high',
      apply(panels(size), { verb: 'add-opening', opening: { ...PANEL_DOOR, height: 1.95 } }),
    ],
    ['arch.bare', hoops({ base: 1.5, length: 2.44 }, { skin: null })],
    ['arch.long-hoop', hoops({ base: 3, length: 2.44 }, { bent: 7 })],
    ['arch.long-panel', panels(size, { bent: 6 })],
    ['arch.no-width', panels(size, { skin: 'sheet', lap: 1 })],
    ['arch.no-roof', panels(size)],
    ['arch.weak', panels(size, { ridge: 'joist-75x47', props: 0 })],
    ['arch.heavy', panels({ base: 2.4, length: 1.27 }, { moved: 'skids' })],
    ['arch.no-board', panels(size, { board: 0 })],
    ['arch.open-end', apply(panels(size), { verb: 'set-side-kind', side: 's2', kind: 'open' })],
    ['fence.no-gate', panels(size)],
  ] satisfies [string, Plan][])('%s', (code, plan) => {
    expect(codes(plan)).toContain(code);
    if (code !== 'fence.no-gate') expect(left(plan, code)).not.toContain(code);
  });
  test('a gust that lifts it is held by straps, one that pushes it by stakes', () => {
    const windy = apply(panels(size, { film: 'film' }), { verb: 'set-assumption', id: 'gust', value: 45 });
    expect(codes(windy)).toEqual(expect.arrayContaining(['arch.lifts', 'arch.pushed']));
    expect(left(windy, 'arch.lifts')).not.toContain('arch.lifts');
    expect(left(windy, 'arch.pushed')).not.toContain('arch.pushed');
    expect(codes(panels(size, { film: 'film' }))).not.toContain('arch.lifts');
  });
  test('a door too high is lowered, or moved to the middle by as much as is said', () => {
    const plan = apply(panels(size), {
      verb: 'add-opening',
      opening: { ...PANEL_DOOR, along: 0.5, height: 1.7 },
    });
    const [finding] = found(plan).filter((f) => f.code === 'arch.door-high');
    const mends = finding?.mends(plan) ?? [];
    expect(mends).toHaveLength(2);
    for (const mend of mends) expect(codes(apply(plan, mend))).not.toContain('arch.door-high');
    const [lower, moved] = mends as readonly Extract<Change, { verb: 'set-opening' }>[];
    expect(lower?.to).toEqual({ height: 1.69 });
    expect(moved?.to).toMatchObject({
      along: expect.closeTo(0.5 + (finding?.params as { by: number }).by, 9),
    });
  });
  test('over a run of five sides no arch stands: it is taken away', () => {
    const five = apply(panels(size), {
      verb: 'split-side',
      side: 's1',
      along: 1,
      corner: 'm',
      second: 's1b',
    });
    expect(codes(five)).toContain('arch.not-square');
    expect(left(five, 'arch.not-square')).not.toContain('arch.not-square');
  });
  test('a trunk under it and limbs over it', () => {
    expect(codes(withTree(tree(2, 1.2, 1)))).toContain('arch.through-tree');
    expect(left(withTree(tree(2, 1.2, 1)), 'arch.through-tree')).not.toContain('arch.through-tree');
    expect(codes(withTree(tree(2, 4, 2)))).toContain('arch.limbs');
    expect(codes(withTree(tree(2, 6, 2)))).not.toContain('arch.limbs');
  });
  test('one foot higher than the other tilts it', () => {
    const plan = onSlope(panels(size), 0, 0.1);
    expect(codes(plan)).toContain('arch.tilted');
    // The chord is the way up the slope.
    expect(reckon(plan).figures['arch.a.ratio']).toBeCloseTo(Math.hypot(2.4, 0.24) / 4.88, 4);
    expect(codes(onSlope(panels(size), 0.1, 0))).not.toContain('arch.tilted');
  });
  test('a house that it stands in', () => {
    const outline = [
      { x: 1, y: 1 },
      { x: 3, y: 1 },
      { x: 3, y: 5 },
      { x: 1, y: 5 },
    ];
    const house = { id: 'h', name: 'shed', outline, eaves: 2, height: 3, stands: 'walls' as const };
    const plan = apply(panels(size), { verb: 'add-to-ground', list: 'buildings', thing: house });
    expect(codes(plan)).toContain('arch.through-house');
    expect(left(plan, 'arch.through-house')).not.toContain('arch.through-house');
  });
});

describe('an arch is added', () => {
  const beside = aRun({ width: 3, depth: 4 });
  test('on a gable, beside a house and alone, clear of what is there, with nothing that blocks', () => {
    const offers = newArches(beside);
    expect(new Set(offers.map((o) => o.where))).toEqual(new Set(['gable', 'beside', 'alone', 'over']));
    expect(new Set(offers.map((o) => o.kind))).toEqual(new Set(KIND_IDS));
    for (const { change } of offers) {
      const next = apply(beside, change);
      expect(checkPlan(next).ok).toBe(true);
      expect(blocking(next)).toEqual([]);
      expect(codes(next)).not.toEqual(expect.arrayContaining(['arch.through-house']));
      expect(codes(next)).not.toEqual(expect.arrayContaining(['arch.not-square']));
    }
  });
  test('and two on one house', () => {
    const [first] = newArches(beside).filter((o) => o.where === 'gable');
    if (!first) throw new Error('no gable');
    const one = apply(beside, first.change);
    const [second] = newArches(one).filter((o) => o.where === 'gable');
    if (!second) throw new Error('no second gable');
    const two = apply(one, second.change);
    expect(two.arches).toHaveLength(2);
    expect(blocking(two)).toEqual([]);
    expect(checkPlan(two).ok).toBe(true);
  });
  test('over a run that is there, and taken away again: the run stands on posts', () => {
    const run = aRun({ house: 'none', gate: 0 });
    const over = apply(run, { verb: 'arch-over', arch: KINDS.panel.usual({ id: 'a', enclosure: 'run' }) });
    expect(over.sides.filter((s) => s.kind === 'arch-foot')).toHaveLength(2);
    expect(archPlace(over, 'a')).toMatchObject({ base: 3.6, length: 6 });
    const back = apply(over, { verb: 'remove-arch', id: 'a' });
    expect(back.sides).toEqual(run.sides);
    expect(back.arches).toEqual([]);
  });
});

describe('however it is laid out and pulled', () => {
  const places = fc.record({
    x: fc.integer({ min: -90, max: 90 }).map((n) => n / 10),
    y: fc.integer({ min: -90, max: 90 }).map((n) => n / 10),
    direction: fc.integer({ min: -31, max: 31 }).map((n) => n / 10),
    base: fc.integer({ min: 10, max: 45 }).map((n) => n / 10),
    length: fc.integer({ min: 10, max: 80 }).map((n) => n / 10),
  });
  test('a corner that is moved leaves it square, and the corner across where it was', () => {
    fc.assert(
      fc.property(places, fc.constantFrom('c1', 'c2', 'c3', 'c4'), places, ({ x, y, ...to }, corner, by) => {
        const laid = apply(panels(size), { verb: 'place-arch', id: 'a', to: { at: { x, y }, ...to } });
        const at = laid.corners.find((c) => c.id === corner);
        if (!at) throw new Error('no corner');
        const moved = apply(laid, {
          verb: 'move-corner',
          corner,
          to: { x: at.x + by.x / 20, y: at.y + by.y / 20 },
        });
        const across = { c1: 'c3', c2: 'c4', c3: 'c1', c4: 'c2' }[corner];
        const of = (plan: Plan) => plan.corners.find((c) => c.id === across);
        expect(of(moved)?.x).toBeCloseTo(of(laid)?.x ?? NaN, 3);
        expect(of(moved)?.y).toBeCloseTo(of(laid)?.y ?? NaN, 3);
        const [a, b, c, d] = moved.corners;
        if (!a || !b || !c || !d) throw new Error('no corners');
        expect(Math.hypot(a.x - c.x, a.y - c.y)).toBeCloseTo(Math.hypot(b.x - d.x, b.y - d.y), 2);
      }),
      { numRuns: 80 },
    );
  });
  test('it lies where it is put, whatever its base and length', () => {
    fc.assert(
      fc.property(places, ({ x, y, ...to }) => {
        const laid = apply(panels(size), { verb: 'place-arch', id: 'a', to: { at: { x, y }, ...to } });
        const now = archPlace(laid, 'a');
        expect(now?.base).toBeCloseTo(to.base, 3);
        expect(now?.length).toBeCloseTo(to.length, 3);
        expect(now?.at.x).toBeCloseTo(x, 3);
        expect(now?.at.y).toBeCloseTo(y, 3);
        expect(Math.cos((now?.direction ?? 0) - to.direction)).toBeCloseTo(1, 5);
      }),
      { numRuns: 80 },
    );
  });
  test.each(KIND_IDS)(
    '%s: all of it is told and never thrown, every figure is one, every piece fits its roll, every mend is taken',
    (kind) => {
      const said = fc.record({
        board: fc.integer({ min: 0, max: 60 }).map((n) => n / 100),
        lap: fc.integer({ min: 0, max: 60 }).map((n) => n / 100),
        ridge: fc.constantFrom(null, 'joist-75x47', 'joist-150x47'),
        film: fc.constantFrom(null, 'film', 'tarp', 'vinyl'),
        filmEnds: fc.constantFrom('open' as const, 'closed' as const),
        skin: fc.constantFrom(null, 'welded-25', 'hex-25', 'fine-13'),
        low: fc.constantFrom(null, 'fine-13'),
        moved: fc.constantFrom('fixed' as const, 'skids' as const, 'wheels' as const),
        foot: fc.constantFrom('stakes' as const, 'posts' as const),
      });
      fc.assert(
        fc.property(places, said, fc.integer({ min: 8, max: 60 }), ({ base, length }, to, bent) => {
          const made =
            kind === 'panel'
              ? panels({ base, length }, to)
              : hoops({ base, length }, { ...to, bent: bent / 10 });
          const plan =
            base > 1.2
              ? apply(made, { verb: 'add-opening', opening: { ...PANEL_DOOR, along: (base - 0.8) / 2 } })
              : made;
          expect(checkPlan(plan).ok).toBe(true);
          const told = reckon(plan);
          for (const value of Object.values(told.figures)) expect(Number.isFinite(value)).toBe(true);
          for (const row of told.strength) expect(Number.isFinite(row.load)).toBe(true);
          for (const pool of told.cutting)
            for (const roll of pool.rolls)
              for (const piece of roll.pieces) expect(piece.length).toBeLessThanOrEqual(roll.length + 1e-9);
          for (const f of told.findings) for (const mend of f.mends(plan)) reckon(apply(plan, mend));
        }),
        { numRuns: 12 },
      );
    },
  );
});
