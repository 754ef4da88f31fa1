import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { apply } from '../../plan/changes/apply';
import type { Boundary, Plan } from '../../plan/schema';
import { reckon } from '../../reckon';
import { PLAIN, aRun } from '../../testing/aRun';
import { OBSTACLE_KINDS, OBSTACLE_KIND_IDS } from '../ground/plan/kinds';

const bare = aRun({
  house: 'none',
  choices: { ...PLAIN, skirt: { kind: 'none' } },
  threats: { fox: 'seen', rat: 'seen' },
});
const withLine = (line: Boundary): Plan =>
  apply(bare, { verb: 'add-to-ground', list: 'boundaries', thing: line });
const tunnel = (points: Boundary['line'], built: Boundary['tunnel']): Boundary => ({
  id: 't1',
  name: 'tunnel',
  kind: 'tunnel',
  line: points,
  ...(built && { tunnel: built }),
});
const bend = [
  { x: -10, y: 0 },
  { x: -7, y: 0 },
  { x: -7, y: 4 },
];
const need = (plan: Plan, id: string) => reckon(plan).docket.lines.find((l) => l.id === id)?.need ?? 0;
const codes = (plan: Plan) =>
  reckon(plan)
    .findings.filter((f) => JSON.stringify(f.part).includes('"t1"'))
    .map((f) => f.code);

describe('a tunnel for the birds', () => {
  const plan = withLine(tunnel(bend, { width: 0.5, height: 0.4, mesh: 'welded-25' }));
  test('is two sides and a top along all its length, each a lap wider', () => {
    const strips = reckon(plan).cutting.flatMap(({ task }) =>
      task.runs.filter((r) => r.part.on === 'tunnel'),
    );
    expect(strips.map((r) => r.length)).toEqual([7, 7, 7]);
    expect(strips.map((r) => r.across ?? 0).sort()).toEqual([
      expect.closeTo(0.45, 9),
      expect.closeTo(0.45, 9),
      expect.closeTo(0.55, 9),
    ]);
  });
  test('is ringed along both edges, pegged along both feet, and takes three bands of hours', () => {
    expect(need(plan, 'pack:ring') - need(bare, 'pack:ring')).toBe(2 * (Math.ceil(7 / 0.15) + 1));
    expect(need(plan, 'pack:peg') - need(bare, 'pack:peg')).toBe(2 * (Math.ceil(7 / 0.5) + 1));
    const hours = (p: Plan) => reckon(p).figures['hours.mesh'] ?? 0;
    expect(hours(plan) - hours(bare)).toBeCloseTo(3 * 7 * 0.08, 9);
  });
  test('its ground is not the birds’, and no part of the land ends there', () => {
    expect(reckon(plan).figures.area).toBe(reckon(bare).figures.area);
    expect(reckon(plan).findings.map((f) => f.code)).not.toContain('side.over-boundary');
  });
  test('its mesh is judged, and the mend makes it go', () => {
    const coarse = withLine(tunnel(bend, { width: 0.5, height: 0.4, mesh: 'hex-50' }));
    expect(codes(coarse)).toEqual(expect.arrayContaining(['opening.passes', 'mesh.torn']));
    const found = reckon(coarse).findings.find(
      (f) => f.code === 'opening.passes' && JSON.stringify(f.part).includes('"t1"'),
    );
    const [mend] = found?.mends(coarse) ?? [];
    if (!mend) throw new Error('no mend');
    expect(codes(apply(coarse, mend))).toEqual([]);
  });
  test('of any size it takes as much mesh as it is long', () => {
    const size = fc.double({ min: 0.2, max: 0.8, noNaN: true });
    fc.assert(
      fc.property(size, size, fc.double({ min: 1, max: 12, noNaN: true }), (width, height, length) => {
        const straight = [
          { x: -20, y: 0 },
          { x: -20 + length, y: 0 },
        ];
        const made = withLine(tunnel(straight, { width, height, mesh: 'fine-13' }));
        const runs = reckon(made).cutting.flatMap(({ task }) =>
          task.runs.filter((r) => r.part.on === 'tunnel'),
        );
        const mesh = runs.reduce((n, r) => n + r.length * (r.across ?? 0), 0);
        expect(mesh).toBeCloseTo(length * (2 * height + width + 3 * 0.05), 2);
      }),
      { numRuns: 15 },
    );
  });
});

describe('what may put an animal off', () => {
  const put = (kind: keyof typeof OBSTACLE_KINDS) =>
    apply(bare, {
      verb: 'add-to-ground',
      list: 'obstacles',
      thing: { id: 'o1', name: kind, kind, at: { x: -3, y: -3 }, across: 0.2, height: 1 },
    });
  test.each(OBSTACLE_KIND_IDS)('%s is bought if it is, and changes no finding', (kind) => {
    const plan = put(kind);
    const { bought } = OBSTACLE_KINDS[kind];
    if (bought !== null) expect(need(plan, `pack:${bought}`)).toBe(1);
    const others = (p: Plan) =>
      reckon(p)
        .findings.filter((f) => f.code !== 'deterrent.may')
        .map((f) => [f.code, f.params]);
    expect(others(plan)).toEqual(others(bare));
    expect(reckon(plan).findings.some((f) => f.code === 'deterrent.may')).toBe(bought !== null);
  });
});
