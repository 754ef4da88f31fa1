import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../../../plan/schema';
import { apply } from '../../../../plan/changes/apply';
import { checkPlan } from '../../../../formats/planFile';
import { reckon } from '../../../../reckon';
import { sheetScene } from '../../../../drawing/sheet';
import { stripScene } from '../../../../drawing/strip';
import { aRun } from '../../../../testing/aRun';
import { everyOption } from '../../../../testing/everyOption';
import type { OpeningOf } from './index';
import { liftOff } from './liftOff';

/** A lift-off door 0.80 clear in the middle of a side of 3.6, instead of a gate. */
const plain = liftOff.added[0]?.make({ id: 'd1', side: 's2', along: 1.4, width: 0.8 });
if (!plain) throw new Error('none is offered');
const on = (plan: Plan, to: Partial<OpeningOf<'lift-off'>> = {}): Plan =>
  apply(plan, { verb: 'add-opening', opening: { ...plain, ...to } });
const bare = aRun({ house: 'none', gate: 0 });
const plan = on(bare);
const told = reckon(plan);
const pieces = (use: string, of: Plan = plan) =>
  reckon(of)
    .cutting.flatMap((pool) => pool.rolls.flatMap((r) => r.pieces))
    .filter((piece) => piece.use === use)
    .map((piece) => Number(piece.length.toFixed(4)))
    .sort((a, b) => b - a);
const codes = (of: Plan) => reckon(of).findings.map((f) => f.code);
const need = (of: Plan, id: string) => reckon(of).docket.lines.find((l) => l.id === id)?.need;

describe('a lift-off door 0.80 clear in a wall 1.8 high', () => {
  test('is a plan’s, with two gate posts, and the run’s way in', () => {
    expect(checkPlan(plan).ok).toBe(true);
    expect(told.figures.gates).toBe(1);
    expect(told.parts.filter((p) => p.kind === 'post' && p.role === 'gate')).toHaveLength(2);
    expect(codes(bare)).toContain('fence.no-gate');
    expect(codes(plan)).not.toContain('fence.no-gate');
  });
  test('is a leaf of 0.85 × 1.80 with one diagonal over a sill of 0.80, its mesh from the wall’s rolls', () => {
    expect(told.figures['leaf.d1.width']).toBeCloseTo(0.85, 9);
    expect(told.figures['leaf.d1.height']).toBe(1.8);
    expect(pieces('frame')).toEqual([Number(Math.hypot(0.85, 1.8).toFixed(4)), 1.8, 1.8, 0.85, 0.85, 0.85]);
    expect(pieces('sill')).toEqual([0.8]);
    expect(pieces('leaf')).toEqual([0.85]);
  });
  test('shuts with four catches and hangs on nothing; no kit is bought; 2.0 h', () => {
    expect(need(plan, 'pack:catch')).toBe(4);
    expect(need(plan, 'pack:hinge')).toBeUndefined();
    expect(told.docket.lines.filter((l) => l.id.startsWith('kit:'))).toEqual([]);
    expect(told.docket.complete).toBe(true);
    expect(told.figures['hours.gates']).toBe(2);
  });
  test('where raccoons are about it wants four of two steps', () => {
    const about = apply(plan, { verb: 'set-threat', threat: 'raccoon', presence: 'seen' });
    const [mend] = reckon(about)
      .findings.filter((f) => f.code === 'gate.catches')
      .flatMap((f) => f.mends(about));
    if (!mend) throw new Error('no mend');
    const after = apply(about, mend);
    expect(codes(after)).not.toContain('gate.catches');
    expect(need(after, 'pack:two-step-catch')).toBe(4);
    expect(need(after, 'pack:catch')).toBeUndefined();
  });
  test('sweeps over nothing: a tree before it is in no one’s way, as it is in a gate’s', () => {
    const tree = { id: 't', name: 'Plum', at: { x: 6.4, y: 1.8 }, trunk: 0.2, roots: 1, crown: 1 };
    const treed = (of: Plan) => apply(of, { verb: 'add-to-ground', list: 'trees', thing: tree });
    expect(codes(treed(aRun({ house: 'none', gate: 0.8 })))).toContain('gate.into');
    expect(codes(treed(plan))).not.toContain('gate.into');
  });
  test('without a sill or a skirt the ground under it is open', () => {
    const open = on(aRun({ house: 'none', gate: 0, choices: { skirt: { kind: 'none' } } }), { sill: 'none' });
    expect(codes(open)).toContain('gate.no-sill');
    expect(pieces('sill', open)).toEqual([]);
  });
  test('shuts tighter than a leaf that swings: 5 mm against a snake, as offered 6 mm', () => {
    const snaked = (of: Plan) => apply(of, { verb: 'set-threat', threat: 'snake', presence: 'seen' });
    const wide = snaked(on(bare, { gap: 0.013 }));
    const beside = (of: Plan) =>
      reckon(of).findings.filter((f) => f.code === 'opening.passes' && f.part.on === 'opening');
    const [mend] = beside(wide).flatMap((f) => f.mends(wide));
    expect(mend).toMatchObject({ to: { gap: 0.005 } });
    expect(beside(snaked(plan))).toEqual([]);
  });
  test('is asked about its catches, lock and sill, not where it hangs', () => {
    expect(everyOption(plan).ways?.map((g) => g.id)).toEqual(['catches', 'lock', 'sill']);
  });
  test('is drawn as a bar on the sheet and with its catches on the strip', () => {
    expect(sheetScene(plan, told.parts).layers.gate).toMatchObject([
      { shape: 'line', kind: 'lift-off', part: 'opening:d1' },
    ]);
    const [drawn] = stripScene(plan, told.parts, told.cutting).gates;
    expect(drawn).toMatchObject({ name: 'lift-off door', bottom: 0, top: 1.8, hangs: 'posts' });
    expect(drawn?.face).toHaveLength(4);
  });
});
