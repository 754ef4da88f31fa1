import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, reckon, sheetScene, stripScene } from '../index';
import { doubleArea } from '../ground/vector';
import { aRun } from '../testing/aRun';

describe('sheet and strip are two views of the same parts', () => {
  for (const plan of [...DEMO_PLANS, aRun(), aRun({ house: 'none' })]) {
    const { parts, figures, cutting } = reckon(plan);
    const sheet = sheetScene(plan, parts);
    const strip = stripScene(plan, parts, cutting);
    test(`${plan.name}: posts agree on sheet, strip and docket`, () => {
      expect(sheet.layers.post).toHaveLength(figures['posts.total'] ?? -1);
      expect(new Set(strip.posts.map((p) => p.part)).size).toBe(figures['posts.total']);
    });
    test(`${plan.name}: the strip is as long as the outline, mesh as long as fence less gates`, () => {
      expect(strip.length).toBeCloseTo(figures.perimeter ?? NaN, 9);
      const meshed = strip.panels.filter((p) => p.bottom <= 0).reduce((total, p) => total + p.to - p.from, 0);
      const gates = strip.gates.reduce((total, g) => total + g.to - g.from, 0);
      expect(meshed + gates).toBeCloseTo(figures.fenceLength ?? NaN, 6);
    });
    test(`${plan.name}: every lettered piece is on the strip`, () => {
      const letters = cutting.flatMap((p) => p.rolls.flatMap((r) => r.pieces.map((x) => x.letter)));
      expect([...new Set(strip.pieces.map((p) => p.letter))].sort()).toEqual([...letters].sort());
    });
  }
  test('the apron on the sheet is as large as the strips that make it, square corners', () => {
    const plan = aRun({ house: 'none' });
    const { parts, figures } = reckon(plan);
    const area = sheetScene(plan, parts).layers.skirt.reduce(
      (total, s) => total + (s.shape === 'polygon' ? Math.abs(doubleArea(s.points)) / 2 : 0),
      0,
    );
    expect(area).toBeCloseTo((figures['skirt.stripLength'] ?? NaN) * 0.45, 6);
  });
});
