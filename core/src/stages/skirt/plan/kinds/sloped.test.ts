import { describe, expect, test } from '@jest/globals';
import type { Plan } from '../../../../plan/schema';
import { apply } from '../../../../plan/changes/apply';
import { reckon } from '../../../../reckon';
import { sheetScene } from '../../../../drawing/sheet';
import { aRun } from '../../../../testing/aRun';
import { shapeOf, stripWidthOf } from '../shape';
import { stopsDigging } from '../wanted';
import type { Skirt } from './index';

const sloped = { kind: 'sloped', mesh: 'fine-13', depth: 0.45, out: 0.2, lapUp: 0.1 } as const;
const dug = (skirt: Skirt, options: Parameters<typeof aRun>[0] = {}): Plan =>
  aRun({ ...options, choices: { skirt } });

describe('a run of 9.6 × 4.2 against the house, its skirt on a slope 0.45 deep and 0.20 out', () => {
  const plan = dug(sloped, { depth: 9.6, width: 4.2 });
  const told = reckon(plan);
  test('takes a strip 0.5924 wide, from a roll of 0.60', () => {
    expect(stripWidthOf(shapeOf(sloped))).toBeCloseTo(0.5924, 4);
    expect(told.cutting.find((p) => p.id.includes('fine-13'))?.width).toBeCloseTo(0.6, 9);
  });
  test('23.8 long: it turns both corners like an apron of 0.20', () => {
    expect(told.figures['skirt.stripLength']).toBeCloseTo(23.4 + 2 * 0.2, 9);
  });
  test('in a trench of 2.6325 m³, paid in hours', () => {
    expect(told.figures['skirt.trenchVolume']).toBeCloseTo(23.4 * 0.45 * (0.15 + 0.1), 9);
    const hours = (p: Plan) => reckon(p).figures['hours.skirt'] ?? NaN;
    expect(hours(plan)).toBeCloseTo(2.6325 * 4.4, 9);
    expect(hours(apply(plan, { verb: 'set-soil', soil: 'clay' }))).toBeCloseTo(2.6325 * 4.4 * 1.5, 9);
  });
  test('has no pegs, and is drawn as it reaches out', () => {
    expect(told.docket.lines.find((l) => l.id === 'pack:peg')).toBeUndefined();
    const ys = sheetScene(plan, told.parts).layers.foot.flatMap((s) =>
      s.shape === 'polygon' ? s.points.map((p) => p.y) : [],
    );
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(4.2 + 0.4, 9);
  });
});

describe('what digs', () => {
  test('is stopped by its depth or by its width, whichever reaches', () => {
    expect(stopsDigging({ threatFigures: {} }, 'fox', shapeOf(sloped))).toBe(true);
    expect(stopsDigging({ threatFigures: {} }, 'fox', shapeOf({ ...sloped, depth: 0.3 }))).toBe(false);
    expect(stopsDigging({ threatFigures: {} }, 'mink', shapeOf({ ...sloped, depth: 0.3 }))).toBe(true);
    expect(stopsDigging({ threatFigures: {} }, 'raccoon', shapeOf({ ...sloped, depth: 0.1, out: 0.3 }))).toBe(
      true,
    );
  });
  test('and a tree near it asks for an apron there', () => {
    const near = apply(dug(sloped), {
      verb: 'add-to-ground',
      list: 'trees',
      thing: { id: 't', name: 'plum', at: { x: 3, y: 5 }, trunk: 0.2, roots: 2.5, crown: 2 },
    });
    expect(reckon(near).findings.map((f) => f.code)).toContain('skirt.near-tree');
  });
});
