import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { apply } from '../plan/changes/apply';
import { reckon } from '../reckon';
import { surveyByTape } from '../survey';
import { L_SHAPE, aPolygon, aRun, anOutline, onSlope } from '../testing/aRun';
import { stakeMarks, stakeOut, usualMarks } from './index';
import { uniform } from '../testing/uniform';

const out = (plan: Plan) => {
  const marks = usualMarks(plan);
  if (!marks) throw new Error('no marks');
  return stakeOut(plan, reckon(plan).parts, marks);
};

test('a string that bends by less than a tape can tell is no shorter over the ground than on the level', () => {
  // Seven metres out and seven on, a twentieth of a degree off the straight: one string over two sides.
  const bent = anOutline([
    [0, 0],
    [7, 0.003],
    [14, 0],
    [14, 6],
    [0, 6],
  ]);
  const spotHeights = [
    { id: 'a', at: { x: -1, y: -1 }, height: 0.0004 },
    { id: 'b', at: { x: 15, y: 7 }, height: 0 },
    { id: 'c', at: { x: 15, y: -1 }, height: 0.0002 },
  ];
  const sheet = out({ ...bent, ground: { ...bent.ground, spotHeights } });
  const [long] = sheet.strings;
  expect(sheet.strings).toHaveLength(4);
  expect(long?.level).toBeCloseTo(2 * Math.hypot(7, 0.003), 9);
  expect(long?.ground).toBeGreaterThanOrEqual(long?.level ?? Infinity);
});

describe('a rectangle of 6.0 × 3.6', () => {
  const sheet = out(aRun({ house: 'none' }));
  test('has two diagonals of 6.997', () => {
    expect(sheet.diagonals.map((d) => Number(d.level.toFixed(3)))).toEqual([6.997, 6.997]);
  });
  test('is checked square by marks at 3.0 and 4.0, 5.0 apart', () => {
    expect(sheet.squares).toHaveLength(4);
    for (const s of sheet.squares) {
      expect([s.before, s.after].sort()).toEqual([3, 4]);
      expect(s.across).toBeCloseTo(5, 9);
    }
  });
  test('that is smaller by 1.8, 2.4 and 3.0, and that is tiny by 0.9, 1.2 and 1.5', () => {
    const marks = (depth: number, width: number) => {
      const [s] = out(aRun({ house: 'none', gate: 0, depth, width })).squares;
      return s && [...[s.before, s.after].sort(), s.across].map((n) => Number(n.toFixed(3)));
    };
    expect(marks(2.5, 2)).toEqual([1.8, 2.4, 3]);
    expect(marks(2.5, 1)).toEqual([0.9, 1.2, 1.5]);
    expect(marks(3.9, 3.5)).toEqual([1.8, 2.4, 3]);
  });
  test('in feet by 9, 12 and 15, or 6, 8 and 10', () => {
    const plan = apply(aRun({ house: 'none' }), { verb: 'set-units', units: 'imperial' });
    expect(out(plan).squares[0]?.across).toBeCloseTo(15 * 0.3048, 9);
  });
});

describe('strings', () => {
  const [far] = out(aRun()).strings.filter((s) => s.part === 'side:s2');
  test('carry running marks of post centres; gate posts stand back by half their width', () => {
    expect(far?.posts.map((p) => Number(p.mark.toFixed(4)))).toEqual([0, 1.275, 2.325, 3.6]);
    expect(far?.gates).toEqual([
      {
        part: 'opening:g1',
        way: 'gate',
        from: expect.closeTo(1.325, 6),
        to: expect.closeTo(2.275, 6),
        clear: expect.closeTo(0.95, 9),
      },
    ]);
  });
  test('a gate on a corner begins at the face of the corner post, as wide as it is to be', () => {
    const plan = apply(aRun({ house: 'none' }), { verb: 'set-opening', id: 'g1', to: { along: 0 } });
    const [side] = out(plan).strings.filter((s) => s.part === 'side:s2');
    expect(side?.gates[0]).toMatchObject({ from: expect.closeTo(0.05, 9), clear: expect.closeTo(0.95, 9) });
    expect(side?.posts[1]?.mark).toBeCloseTo(0.05 + 0.95 + 0.05, 9);
  });
  test('say how deep each post stands, how high it is cut and what is cut off', () => {
    expect(far?.posts[1]).toMatchObject({ role: 'gate', buy: 3, depth: 0.75, above: 1.8 });
  });
  test('on a slope are longer along the ground', () => {
    const [side] = out(onSlope(aRun(), 0.1, 0)).strings.filter((s) => s.part === 'side:s1');
    expect(side?.level).toBeCloseTo(6, 9);
    expect(side?.ground).toBeCloseTo(6 * Math.hypot(1, 0.1), 9);
  });
  test('every post is on one, corner posts on each that meets there', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 12 }), fc.integer({ min: 20, max: 90 }), (n, side) => {
        const plan = aPolygon(n, side / 10);
        const { strings } = out(plan);
        const parts = strings.flatMap((s) => s.posts.map((p) => p.part));
        expect(new Set(parts).size).toBe(reckon(plan).figures['posts.total']);
        expect(parts).toHaveLength((reckon(plan).figures['posts.total'] ?? 0) + n);
      }),
      { numRuns: 20 },
    );
  });
});

describe('stakes', () => {
  test('are measured from the house that the run leans on', () => {
    const sheet = out(aRun({ width: 5 }));
    expect(sheet.marks.map((m) => m.id.split('/')[0])).toEqual(['building:house', 'building:house']);
    expect(stakeMarks(aRun()).length).toBeGreaterThan(4);
  });
  test('are measured from marks that tell them: not along a wall that the run goes on from', () => {
    const [orchard] = DEMO_PLANS;
    if (!orchard) throw new Error('no demo plan');
    const sheet = out(orchard);
    expect(sheet.stakes.filter((s) => s.told === 'badly').length).toBeLessThanOrEqual(1);
    const wall = stakeMarks(orchard).filter((m) => ['building:house/1', 'building:house/2'].includes(m.id));
    const [a, b] = wall;
    if (!a || !b) throw new Error('no wall');
    const flat = stakeOut(orchard, reckon(orchard).parts, [a, b]);
    expect(flat.stakes.filter((s) => s.told === 'badly').map((s) => s.number)).toEqual([1, 6]);
    expect(flat.stakes.filter((s) => s.told === 'is-mark').map((s) => s.number)).toEqual([7, 8]);
  });
  test('read back with the tape are where they were, whichever two marks', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 9 }), uniform(2, 6), (n, side) => {
        const plan = aPolygon(n, side);
        const sheet = out(plan);
        const [a, b] = sheet.marks;
        const survey = surveyByTape({
          marks: [a, b].map((m, i) => ({ id: `m${i}`, name: m.name, at: m.at, height: null })),
          stakes: sheet.stakes.map((s) => ({
            id: s.part.slice(7),
            name: String(s.number),
            side: s.side === 'behind' ? 'behind' : 'front',
            height: null,
            readings: s.tapes.flatMap((distance, i) =>
              distance > 0.01 ? [{ mark: `m${i}`, distance }] : [],
            ),
          })),
          between: [],
        });
        for (const found of survey.stakes) {
          const corner = plan.corners.find((c) => c.id === found.id);
          expect(Math.hypot(found.at.x - (corner?.x ?? 99), found.at.y - (corner?.y ?? 99))).toBeLessThan(
            0.002,
          );
        }
        // The marks are corners 1 and 2 themselves: they are not found again.
        expect(survey.stakes).toHaveLength(n - 2);
      }),
      { numRuns: 25 },
    );
  });
  test('tapes over a slope read more than on the level', () => {
    const sheet = out(onSlope(aRun(), 0.1, 0));
    const corner = sheet.stakes.find((s) => s.part === 'corner:c2');
    expect(corner?.tapes[0]).toBeGreaterThan(corner?.level[0] ?? Infinity);
  });
  test('an L has no diagonals: it is no four-sided run', () => {
    const plan = anOutline(L_SHAPE);
    expect(out(plan).diagonals).toEqual([]);
    expect(out(plan).squares).toHaveLength(6);
  });
});
