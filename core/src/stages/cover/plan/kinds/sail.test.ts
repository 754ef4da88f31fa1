import { describe, expect, test } from '@jest/globals';
import { checkPlan } from '../../../../formats/planFile';
import { apply } from '../../../../plan/changes/apply';
import type { Plan } from '../../../../plan/schema';
import { reckon } from '../../../../reckon';
import { aRun } from '../../../../testing/aRun';
import { everyOption } from '../../../../testing/everyOption';
import type { CoverOf } from './index';
import { sail } from './sail';

/** A level sail over the whole of a run 3.6 × 3.0 that stands alone, at the height of its walls. */
const bare = aRun({ house: 'none', gate: 0, width: 3.6, depth: 3, threats: { hawk: 'seen' } });
const level = {
  ...sail.usual({ id: 'c', name: 'sail', enclosure: 'run', outline: null, height: 1.8 }),
  rise: 0,
};
const over = (to: Partial<CoverOf<'sail'>> = {}): Plan =>
  apply(bare, { verb: 'add-cover', cover: { ...level, ...to } });
const [stayed, loose] = [over(), over({ stays: 'none' })].map((plan) => ({ plan, told: reckon(plan) }));
if (!stayed || !loose) throw new Error('two plans');
const need = ({ told }: typeof stayed, id: string) => told.docket.lines.find((l) => l.id === id)?.need ?? 0;

describe('a shade sail over 3.60 × 3.00', () => {
  test('is a plan’s, and offered among the kinds', () => {
    expect(checkPlan(stayed.plan).ok).toBe(true);
    const kinds = everyOption(stayed.plan).cover?.find((group) => group.id === 'c-kind');
    expect(kinds?.options.find(({ key }) => key === 'sail')?.chosen).toBe(true);
  });
  test('is one cloth whose corners are 0.30 from their anchors on the way to the middle', () => {
    const share = 1 - (2 * 0.3) / Math.hypot(3.6, 3);
    expect(stayed.told.figures['cover.c.along']).toBeCloseTo(3.6 * share, 9);
    expect(stayed.told.figures['cover.c.across']).toBeCloseTo(3 * share, 9);
    const [piece] = stayed.told.docket.lines.filter((l) => l.id.startsWith('piece:shade-cloth'));
    expect(piece?.buy).toBe(1);
  });
  test('hangs by a tensioner at each corner, and from nothing else', () => {
    expect(need(stayed, 'pack:strap')).toBe(4);
    expect(stayed.told.figures['cover.c.rails']).toBe(0);
    expect(stayed.told.figures['cover.c.props']).toBe(0);
  });
  test('never bears snow; unstayed, each anchor is pulled by a quarter of what a gust lifts', () => {
    const rows = loose.told.strength.filter((s) => s.of === 'c');
    expect(rows.map(({ member, snow }) => [member, snow])).toEqual(
      Array.from({ length: 4 }, () => ['wrapped-post', 0]),
    );
    // Open beneath: 2 × 0.6 × 25² Pa on its area.
    const pull = (2 * 0.6 * 25 ** 2 * 3.6 * 3) / 1000 / 4;
    for (const { load } of rows) expect(load).toBeCloseTo(pull, 9);
    expect(loose.told.findings.map((f) => f.code)).toContain('cover.weak');
    expect(stayed.told.strength.filter((s) => s.of === 'c')).toEqual([]);
    expect(need(stayed, 'pack:stay') - need(loose, 'pack:stay')).toBe(4);
  });
  test('pitched, leaves no gap over the wall that anybody minds', () => {
    const codes = reckon(over({ rise: 0.4 })).findings.map((f) => f.code);
    expect(codes).not.toContain('cover.gap');
    expect(codes).not.toContain('cover.sunk');
  });
  test('over a part, a corner that hangs from nothing is told, stayed or not', () => {
    const outline = [
      { x: 0.5, y: 0.5 },
      { x: 2.5, y: 0.5 },
      { x: 2.5, y: 2.5 },
    ];
    const told = reckon(over({ outline }));
    expect(told.strength.filter((row) => row.of === 'c').map((row) => [row.member, row.verdict])).toEqual(
      outline.map(() => ['uplift', 'fails']),
    );
    expect(told.findings.map((f) => f.code)).toContain('cover.lifts');
  });
  test('keeps nobody out: what comes from above is told as if nothing were there', () => {
    const codes = (told: typeof stayed.told) => told.findings.map((f) => f.code);
    expect(codes(stayed.told)).toContain('cover.bare');
    expect(codes(reckon(bare))).toContain('cover.bare');
  });
});
