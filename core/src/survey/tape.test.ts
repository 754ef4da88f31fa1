import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Vector } from '../ground/vector';
import type { Tape } from '../plan/schema';
import { makeReader } from '../words/reader';
import { surveyByTape } from './tape';
import { sayProblem } from './words';

const NAMES = ['A', 'B', 'C', 'D'];
const marks = (points: readonly (readonly [number, number])[]): Tape['marks'] =>
  points.map(([x, y], i) => ({ id: `m${i}`, name: `mark ${NAMES[i] ?? ''}`, at: { x, y }, height: null }));
const stake = (
  id: string,
  readings: readonly (number | undefined)[],
  side: 'front' | 'behind' = 'front',
): Tape['stakes'][number] => ({
  id,
  name: `stake ${id}`,
  side,
  height: null,
  readings: readings.flatMap((distance, i) => (distance === undefined ? [] : [{ mark: `m${i}`, distance }])),
});
const tape = (of: Tape['marks'], stakes: Tape['stakes'], between: Tape['between'] = []): Tape => ({
  marks: of,
  stakes,
  between,
});
const HOUSE = [
  [0, 0],
  [2.4, 0],
  [2.4, -1.8],
  [0, -1.8],
] as const;
const exact = (p: Vector, of: readonly (readonly [number, number])[]) =>
  of.map(([x, y]) => Math.hypot(p.x - x, p.y - y));

describe('a stake by its distances to fixed marks', () => {
  test('5.00 from one and 4.10 from the other, in front: (2.906, 4.069)', () => {
    const [found] = surveyByTape(tape(marks(HOUSE.slice(0, 2)), [stake('1', [5, 4.1])])).stakes;
    expect(found?.at.x).toBeCloseTo(2.906, 3);
    expect(found?.at.y).toBeCloseTo(4.069, 3);
  });
  test('behind the base line it is the mirror of that', () => {
    const [found] = surveyByTape(tape(marks(HOUSE.slice(0, 2)), [stake('1', [5, 4.1], 'behind')])).stakes;
    expect(found?.at.y).toBeCloseTo(-4.069, 3);
  });
  test('from four marks and exact distances it is found within 1 mm', () => {
    const p = { x: -3.2, y: 5.1 };
    const { stakes, problems, spare } = surveyByTape(tape(marks(HOUSE), [stake('4', exact(p, HOUSE))]));
    expect(Math.hypot((stakes[0]?.at.x ?? 0) - p.x, (stakes[0]?.at.y ?? 0) - p.y)).toBeLessThan(0.001);
    expect([problems, spare]).toEqual([[], 2]);
  });
  test('anywhere, from any house, within 1 mm', () => {
    const coordinate = fc.double({ min: -12, max: 12, noNaN: true });
    fc.assert(
      fc.property(coordinate, coordinate, fc.integer({ min: 2, max: 4 }), (x, y, count) => {
        const house = HOUSE.slice(0, count);
        // On the base line itself front and behind are one, and two circles only touch.
        fc.pre(Math.abs(y) > 0.4);
        const side = y > 0 ? 'front' : 'behind';
        const { stakes } = surveyByTape(tape(marks(house), [stake('1', exact({ x, y }, house), side)]));
        expect(Math.hypot((stakes[0]?.at.x ?? 99) - x, (stakes[0]?.at.y ?? 99) - y)).toBeLessThan(0.001);
      }),
    );
  });
});

describe('a reading that is wrong', () => {
  const p = { x: -3.2, y: 5.1 };
  const misread = (count: number, which: number, by: number) =>
    tape(marks(HOUSE.slice(0, count)), [
      stake(
        '4',
        exact(p, HOUSE.slice(0, count)).map((d, i) => (i === which ? d + by : d)),
      ),
    ]);
  test.each([0, 1, 2, 3])('by 0.50 to mark %d of four is named', (which) => {
    for (const by of [0.5, -0.5]) {
      const { problems } = surveyByTape(misread(4, which, by));
      expect(problems).toEqual([
        expect.objectContaining({ code: 'misread', sure: 'named', reading: `4/m${which}` }),
      ]);
      const [problem] = problems;
      const fits = problem?.code === 'misread' ? problem.fits : NaN;
      expect(fits).toBeCloseTo(exact(p, HOUSE)[which] ?? NaN, 3);
    }
  });
  test('to one of three marks is reported; blamed only where one round correction alone explains it', () => {
    for (const which of [0, 1, 2]) {
      for (const by of [0.5, 0.37, -0.1, 0.2]) {
        const [problem] = surveyByTape(misread(3, which, by)).problems;
        const round = [0.1, 0.5, 1].includes(Math.abs(by));
        if (problem?.code === 'misread') {
          expect(problem.sure).toBe('suggested');
          if (round) expect(Math.abs(Math.abs(problem.read - problem.fits))).toBeLessThan(1.02);
        } else expect(problem?.code).toBe('misfit');
      }
    }
  });
  test('0.50 to the first of three marks is suggested, since no other round slip explains it', () => {
    expect(surveyByTape(misread(3, 0, 0.5)).problems).toEqual([
      expect.objectContaining({ code: 'misread', sure: 'suggested', reading: '4/m0' }),
    ]);
  });
  test('0.37 is no slip that people make: the misfit is reported, nothing is blamed', () => {
    expect(surveyByTape(misread(3, 1, 0.37)).problems.map((x) => x.code)).toEqual(['misfit']);
  });
  test('is said with what it should be', () => {
    const of = misread(4, 1, 0.5);
    const [problem] = surveyByTape(of).problems;
    if (!problem) throw new Error('no problem');
    expect(sayProblem(problem, of, makeReader('metric', 'XXX'))).toBe(
      'stake 4 to mark B is 0.50 m out: 8.07 m read for 7.57 m?',
    );
  });
  test('by what a tape reads to is none', () => {
    expect(surveyByTape(misread(4, 2, 0.015)).problems).toEqual([]);
  });
});

describe('diagonals', () => {
  const corners = [
    { x: 0.5, y: 2 },
    { x: 6.5, y: 2 },
    { x: 6.5, y: 5.6 },
    { x: 0.5, y: 5.6 },
  ];
  const two = HOUSE.slice(0, 2);
  const run = (between: Tape['between']) =>
    tape(
      marks(two),
      corners.map((c, i) => stake(`s${i}`, exact(c, two))),
      between,
    );
  const diagonals = (first: number): Tape['between'] => [
    { from: 's0', to: 's2', distance: first },
    { from: 's1', to: 's3', distance: Math.hypot(6, 3.6) },
  ];
  test('of a four-sided run are further readings', () => {
    const { stakes, spare, problems } = surveyByTape(run(diagonals(Math.hypot(6, 3.6))));
    expect([spare, problems]).toEqual([2, []]);
    stakes.forEach((s, i) =>
      expect(Math.hypot(s.at.x - (corners[i]?.x ?? 0), s.at.y - (corners[i]?.y ?? 0))).toBeLessThan(0.001),
    );
  });
  test('that disagree are reported', () => {
    const { problems } = surveyByTape(run(diagonals(Math.hypot(6, 3.6) + 0.5)));
    expect(problems).toHaveLength(1);
  });
});

describe('what cannot be found', () => {
  test('distances that do not meet say by how much', () => {
    const { problems } = surveyByTape(
      tape(
        marks([
          [0, 0],
          [2.4, 0],
        ]),
        [stake('1', [1, 1])],
      ),
    );
    expect(problems).toEqual([{ code: 'do-not-meet', stake: '1', short: expect.closeTo(0.4, 9) }]);
  });
  test('one distance is too few, and one mark is', () => {
    expect(
      surveyByTape(
        tape(
          marks([
            [0, 0],
            [2.4, 0],
          ]),
          [stake('1', [3])],
        ),
      ).problems[0],
    ).toMatchObject({
      code: 'too-few',
      readings: 1,
    });
    expect(surveyByTape(tape(marks([[0, 0]]), [stake('1', [3])])).problems[0]?.code).toBe('marks-too-near');
  });
});

describe('a slope', () => {
  test('shortens what was read along it, where both heights are known', () => {
    const p = { x: 3, y: 4 };
    const high = marks(HOUSE.slice(0, 2)).map((m) => ({ ...m, height: 1 }));
    const readings = exact(p, HOUSE.slice(0, 2)).map((d) => Math.hypot(d, 1));
    const [found] = surveyByTape(tape(high, [{ ...stake('1', readings), height: 0 }])).stakes;
    expect([found?.at.x, found?.at.y]).toEqual([expect.closeTo(3, 6), expect.closeTo(4, 6)]);
    const drop = surveyByTape(tape(high, [{ ...stake('1', [0.8, 3]), height: 0 }])).problems;
    expect(drop.map((d) => d.code)).toContain('steeper-than-read');
  });
});

describe('confidence', () => {
  test('is a small ellipse, longer where the marks look the same way', () => {
    const two = HOUSE.slice(0, 2);
    const at = (p: Vector) => surveyByTape(tape(marks(two), [stake('1', exact(p, two))])).stakes[0]?.ellipse;
    const near = at({ x: 1.2, y: 1.2 });
    const far = at({ x: 1.2, y: 12 });
    expect(near?.a).toBeCloseTo(near?.b ?? NaN, 6);
    expect(near?.a).toBeCloseTo(2.4477 * 0.01, 6);
    expect(far?.a).toBeGreaterThan(4 * (far?.b ?? NaN));
    // Far off the marks say how far away well, and how far along badly.
    expect(Math.abs(Math.sin(far?.angle ?? NaN))).toBeLessThan(0.01);
  });
});
