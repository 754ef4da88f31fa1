import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Band, Plan } from '../../plan/schema';
import { apply } from '../../plan/changes/apply';
import { marketOf } from '../../catalogue/market';
import { editionOf } from '../../catalogue/editionOf';
import { readerFor } from '../../saying/makeReader';
import { reckon } from '../../reckon';
import { sayLine } from '../../words/docket';
import { aPolygon, aRun, anOutline } from '../../testing/aRun';
import { lowestPrice } from '../../testing/bruteForce';
import { uniform } from '../../testing/uniform';

const WHOLE = { scope: 'plan' } as const;
const pieces = (plan: Plan, use: string) =>
  reckon(plan)
    .cutting.flatMap((pool) => pool.rolls.flatMap((r) => r.pieces))
    .filter((p) => p.use === use)
    .map((p) => Number(p.length.toFixed(4)))
    .sort((a, b) => b - a);
const about = (plan: Plan, code: string) => reckon(plan).findings.filter((f) => f.code === code);
const noteOf = (plan: Plan, id: string) => {
  const line = reckon(plan).docket.lines.find((l) => l.id === id);
  if (!line) throw new Error(`no line ${id}`);
  return sayLine(line, readerFor(plan), marketOf(editionOf(plan), plan.buying)).note;
};
const banded = (...bands: Band[]) => aRun({ choices: { bands } });

describe('boards and rails', () => {
  const boarded = apply(aRun(), { verb: 'set-boards', scope: WHOLE, boards: { ground: 'board-150x25' } });
  test('are one piece a bay, post centre to centre, none across the gate', () => {
    expect(pieces(boarded, 'board')).toEqual([2, 2, 2, 2, 2, 2, 1.325, 1.325]);
    expect(reckon(boarded).figures['boards.ground']).toBeCloseTo(14.65, 9);
  });
  test('come to the fence less its gates, however the run lies', () => {
    fc.assert(
      fc.property(uniform(2, 12), uniform(2, 12), fc.constantFrom(0, 0.8, 1.2), (depth, width, gate) => {
        const plan = apply(aRun({ depth, width, gate }), {
          verb: 'set-boards',
          scope: WHOLE,
          boards: { top: 'rail-88x38' },
        });
        const { figures } = reckon(plan);
        expect(figures['boards.top']).toBeCloseTo((figures.fenceLength ?? NaN) - gate, 6);
      }),
      { numRuns: 40 },
    );
  });
  test('longer than any sold are a finding', () => {
    const far = apply(boarded, { verb: 'set-spacing', scope: WHOLE, spacing: 6 });
    expect(about(far, 'piece.longer-than-timber').length).toBeGreaterThan(0);
    expect(reckon(far).docket.complete).toBe(false);
  });
  test('are cut from lengths bought at the lowest price, and never too few', () => {
    const line = reckon(boarded).docket.lines.find((l) => l.id === 'timber:board-150x25');
    expect(line?.need).toBeCloseTo(14.65, 9);
    // Six bays of 2.0 and two of 1.325: trying every way finds nothing cheaper.
    const pool = reckon(boarded).cutting.find((p) => p.id === 'timber:board-150x25');
    expect(line?.price).toBe(pool && lowestPrice(pool.task));
    const cut = line?.units.reduce((total, u) => total + u.count * u.size, 0) ?? 0;
    expect(cut).toBeGreaterThanOrEqual(14.65);
  });
});

describe('an overhang', () => {
  const over = apply(aRun({ house: 'none' }), { verb: 'set-overhang', scope: WHOLE, overhang: 0.3 });
  test('makes the topmost band so much higher, on an arm a post, with a patch a corner', () => {
    const { cutting, docket, figures } = reckon(over);
    // 1.8 + 0.3 no longer comes from one roll of 1.8.
    expect(cutting.filter((p) => p.product === 'welded-50').every((p) => p.width < 1.8)).toBe(true);
    expect(docket.lines.find((l) => l.id === 'pack:arm')?.need).toBe(figures['posts.total']);
    expect(pieces(over, 'patch')).toEqual([0.3, 0.3, 0.3, 0.3]);
  });
  test('is not folded from a rigid panel', () => {
    const panel = apply(banded({ id: 'w', mesh: 'panel-close', top: 1.2, widths: [1.22] }), {
      verb: 'set-overhang',
      scope: WHOLE,
      overhang: 0.3,
    });
    expect(about(panel, 'overhang.rigid')).toHaveLength(1);
  });
});

test('an overhang chosen for one side is mended on that side', () => {
  const side = { scope: 'side', of: 's2' } as const;
  const panel = apply(banded({ id: 'w', mesh: 'panel-close', top: 1.2, widths: [1.22] }), {
    verb: 'set-overhang',
    scope: side,
    overhang: 0.3,
  });
  const [mend] = about(panel, 'overhang.rigid').flatMap((f) => f.mends(panel));
  expect(mend).toEqual({ verb: 'set-overhang', scope: side, overhang: 0 });
  expect(mend && about(apply(panel, mend), 'overhang.rigid')).toEqual([]);
});

describe('rigid panels', () => {
  const wall: Band = { id: 'w', mesh: 'panel-close', top: 1.2, widths: [1.22] };
  const square = (side: number, module: number) =>
    aPolygon(4, side, { bands: [wall], bays: 'module', spacing: module, hanging: 'continuous' });
  test('of 4.88 on sides of 4.88 with posts each 2.44: one a side, nothing cut', () => {
    const pool = reckon(square(4.88, 2.44)).cutting.find((p) => p.product === 'panel-close');
    expect(pool?.rolls.map((r) => [r.length, Number(r.left.toFixed(6)), r.pieces.length])).toEqual(
      Array.from({ length: 4 }, () => [4.88, 0, 1]),
    );
    expect(pool?.need).toBeCloseTo(4 * 4.88, 9);
  });
  test('take no ends and no laps, and off-cuts are used again', () => {
    // A side of 6.10 is a panel and half a bay more: four halves make two panels.
    const pool = reckon(square(6.1, 1.22)).cutting.find((p) => p.product === 'panel-close');
    expect(pool?.need).toBeCloseTo(4 * 6.1, 9);
    expect(pool?.rolls).toHaveLength(5);
  });
  test('ask for posts at their module, until they stand so', () => {
    const plan = aPolygon(4, 7, { bands: [wall], spacing: 2.4 });
    const set = (p: Plan) => about(p, 'panel.module').flatMap((f) => f.mends(p));
    expect(set(plan)).toMatchObject([{ spacing: 2.44 }, { bays: 'module' }]);
    expect(about(set(plan).reduce(apply, plan), 'panel.module')).toEqual([]);
    expect(about(aPolygon(4, 7), 'panel.module')).toEqual([]);
  });
  test('do not follow a slope', () => {
    expect(reckon(square(4.88, 2.44)).findings.map((f) => f.code)).not.toContain('slope.follows');
  });
});

describe('bands that do not meet', () => {
  const low: Band = { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] };
  const high = (bottom: number | null): Band => ({
    id: 'high',
    mesh: 'welded-50x25',
    top: 1.7,
    widths: 'cheapest',
    bottom,
  });
  test('leave a hole, and letting the upper lap mends it', () => {
    const plan = banded(low, high(0.7));
    expect(about(plan, 'band.hole')[0]?.params).toMatchObject({ from: 0.6, to: 0.7 });
    expect(reckon(plan).figures.openingLeft).toBeCloseTo(0.1, 9);
    const [mend] = about(plan, 'band.hole')[0]?.mends(plan) ?? [];
    if (!mend) throw new Error('no mend');
    expect(about(apply(plan, mend), 'band.hole')).toEqual([]);
  });
  test('lap too thinly, or lie over each other', () => {
    expect(about(banded(low, high(0.59)), 'band.thin-lap')).toHaveLength(1);
    expect(about(banded(low, high(0.3)), 'band.overlaps')).toHaveLength(1);
    for (const bottom of [0.55, 0.51, null]) {
      const codes = reckon(banded(low, high(bottom))).findings.map((f) => f.code);
      expect(codes.filter((c) => c.startsWith('band.'))).toEqual([]);
    }
  });
  test('start above the ground over a board, which closes what it covers', () => {
    const raised: Band = { id: 'w', mesh: 'welded-50', top: 1.8, widths: 'cheapest', bottom: 0.15 };
    expect(about(banded(raised), 'band.hole')).toHaveLength(1);
    const boarded = apply(banded(raised), {
      verb: 'set-boards',
      scope: WHOLE,
      boards: { ground: 'board-150x25' },
    });
    expect(about(boarded, 'band.hole')).toEqual([]);
  });
});

describe('what the docket says of a stack', () => {
  test('0.6 and 1.2 reach 1.75: 0.05 short of a wall of 1.80', () => {
    const plan = banded(
      { id: 'low', mesh: 'fine-13', top: 0.6, widths: [0.6] },
      { id: 'high', mesh: 'welded-50x25', top: 1.8, widths: [1.2] },
    );
    expect(about(plan, 'band.short')[0]?.params).toMatchObject({ reach: 1.75, top: 1.8 });
    expect(noteOf(plan, 'roll:welded-50x25@1.2')).toContain('0.05 m short of the top');
  });
  test('a wall of 2.1 from 1.2 and 1.2 has 0.25 trimmed off the top', () => {
    const plan = banded({ id: 'w', mesh: 'welded-50x25', top: 2.1, widths: [1.2, 1.2] });
    expect(noteOf(plan, 'roll:welded-50x25@1.2')).toContain('0.25 m trimmed off the top');
    expect(reckon(plan).docket.lines.find((l) => l.id === 'roll:welded-50x25@1.2')?.need).toBeCloseTo(
      2 * (15.05 + 1),
      9,
    );
  });
});

test('twelve bands a side are hung, laps and all, and reach the top', () => {
  const bands = Array.from({ length: 12 }, (_, i): Band => ({
    id: `b${i}`,
    mesh: 'fine-13',
    top: 0.25 * (i + 1),
    widths: 'cheapest',
  }));
  const reckoning = reckon(banded(...bands));
  expect(reckoning.findings.filter((f) => f.code.startsWith('band.'))).toEqual([]);
  expect(
    reckoning.parts.filter((p) => p.kind === 'mesh').reduce((top, p) => Math.max(top, p.top), 0),
  ).toBeCloseTo(3, 9);
});

test('a side of its own bands is cut apart and the rest as before', () => {
  const square = anOutline([
    [0, 0],
    [6, 0],
    [6, 6],
    [0, 6],
  ]);
  const own = apply(square, {
    verb: 'set-band',
    scope: { scope: 'side', of: 'e2' },
    id: 'wall',
    to: { mesh: 'fine-13', widths: 'cheapest' },
  });
  const by = (mesh: string) =>
    reckon(own).parts.flatMap((p) => (p.kind === 'mesh' && p.mesh === mesh ? [p.side] : []));
  expect(new Set(by('fine-13'))).toEqual(new Set(['e2']));
  expect(new Set(by('welded-50'))).toEqual(new Set(['e0', 'e1', 'e3']));
});
