import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Vector } from '../ground/vector';
import type { Tape } from '../plan/schema';
import { makeReader } from '../saying/makeReader';
import { withoutMark } from './marks';
import { READS_TO, surveyByTape } from './tape';
import { sayProblem } from './words';
import { uniform } from '../testing/uniform';

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
    const coordinate = uniform(-12, 12);
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
  /** What the other two readings of three make of each, worked out by hand: where two circles meet, in front. */
  const corrections = (readings: readonly number[]) => {
    const three = HOUSE.slice(0, 3);
    return readings.flatMap((read, which) => {
      const [i, j] = [0, 1, 2].filter((k) => k !== which);
      const [a, b] = [three[i ?? 0] ?? [0, 0], three[j ?? 0] ?? [0, 0]];
      const [r, s] = [readings[i ?? 0] ?? NaN, readings[j ?? 0] ?? NaN];
      const base = Math.hypot(b[0] - a[0], b[1] - a[1]);
      const along = (r * r - s * s + base * base) / (2 * base);
      if (along * along > r * r) return [];
      const beside = Math.sqrt(r * r - along * along);
      const [ux, uy] = [(b[0] - a[0]) / base, (b[1] - a[1]) / base];
      const ends = [beside, -beside]
        .map((h) => ({ x: a[0] + ux * along - uy * h, y: a[1] + uy * along + ux * h }))
        .filter((q) => q.y >= 0)
        .map((q) =>
          Math.abs(read - Math.hypot(q.x - (three[which]?.[0] ?? 0), q.y - (three[which]?.[1] ?? 0))),
        );
      return ends.length > 0 ? [{ which, by: Math.min(...ends) }] : [];
    });
  };
  test('to one of three marks is blamed exactly where one round correction alone explains it', () => {
    let blamed = 0;
    let reported = 0;
    for (const which of [0, 1, 2]) {
      for (const by of [0.5, -0.5, 0.37, -0.1, 0.1, 0.2, 1, -1]) {
        const of = misread(3, which, by);
        const round = corrections((of.stakes[0]?.readings ?? []).map((r) => r.distance)).filter((c) =>
          [0.1, 0.5, 1].some((slip) => Math.abs(c.by - slip) <= 0.01),
        );
        const problems = surveyByTape(of).problems;
        const [only] = round;
        if (round.length === 1 && only) {
          blamed += 1;
          expect(problems).toEqual([
            expect.objectContaining({ code: 'misread', sure: 'suggested', reading: `4/m${only.which}` }),
          ]);
        } else {
          reported += 1;
          expect(problems.map((x) => x.code)).toEqual(['misfit']);
        }
      }
    }
    expect(Math.min(blamed, reported)).toBeGreaterThan(2);
  });
  test('over a slope is said and mended as the tape would have read it', () => {
    const high = marks(HOUSE).map((m) => ({ ...m, height: 2 }));
    const right = exact(p, HOUSE).map((d) => Math.hypot(d, 2));
    const slipped = right.map((d, i) => (i === 1 ? d + 0.5 : d));
    const [problem] = surveyByTape(tape(high, [{ ...stake('4', slipped), height: 0 }])).problems;
    expect(problem).toMatchObject({ code: 'misread', sure: 'named', reading: '4/m1' });
    expect(problem?.code === 'misread' && problem.fits).toBeCloseTo(right[1] ?? NaN, 3);
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

describe('a mark taken out', () => {
  test('leaves every stake where it was, though another line becomes the base line', () => {
    const coordinate = uniform(-12, 12);
    fc.assert(
      fc.property(coordinate, coordinate, fc.integer({ min: 0, max: 3 }), (x, y, which) => {
        // Off the lines of all four walls: on one, front and behind are the same.
        fc.pre([y, y + 1.8, x, x - 2.4].every((d) => Math.abs(d) > 0.4));
        const side = y > 0 ? 'front' : 'behind';
        const before = tape(marks(HOUSE), [stake('1', exact({ x, y }, HOUSE), side)]);
        const after = withoutMark(before, `m${which}`);
        expect(after.marks).toHaveLength(3);
        const { stakes, problems } = surveyByTape(after);
        expect(problems).toEqual([]);
        expect(Math.hypot((stakes[0]?.at.x ?? 99) - x, (stakes[0]?.at.y ?? 99) - y)).toBeLessThan(0.001);
      }),
    );
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
  test('holds 95 of 100 places that such readings give, whatever the marks', () => {
    // The well-known generator of Lehmer, and two of its numbers as one that is normally spread (Box and Muller).
    let state = 20261125;
    const chance = () => (state = (state * 48271) % 2147483647) / 2147483647;
    const normal = () => Math.sqrt(-2 * Math.log(chance())) * Math.cos(2 * Math.PI * chance());
    for (const [p, count] of [
      [{ x: -3.2, y: 5.1 }, 4],
      [{ x: 1.2, y: 9 }, 2],
      [{ x: 7, y: 2.5 }, 3],
    ] as const) {
      const house = HOUSE.slice(0, count);
      let inside = 0;
      const times = 1500;
      for (let k = 0; k < times; k++) {
        const readings = exact(p, house).map((d) => d + READS_TO * normal());
        const [found] = surveyByTape(tape(marks(house), [stake('1', readings)])).stakes;
        if (!found) throw new Error('not found');
        const { a, b, angle } = found.ellipse;
        const [dx, dy] = [found.at.x - p.x, found.at.y - p.y];
        const along = dx * Math.cos(angle) + dy * Math.sin(angle);
        const across = dy * Math.cos(angle) - dx * Math.sin(angle);
        if ((along / a) ** 2 + (across / b) ** 2 <= 1) inside += 1;
      }
      // Three standard deviations of such a count are 1.7 in 100.
      expect(inside / times).toBeGreaterThan(0.93);
      expect(inside / times).toBeLessThan(0.97);
    }
  });
});

describe('least squares', () => {
  test('leaves no place near by where the readings fit better', () => {
    const metre = uniform(-0.02, 0.02);
    fc.assert(
      fc.property(fc.array(metre, { minLength: 4, maxLength: 4 }), (errors) => {
        const p = { x: -3.2, y: 5.1 };
        const read = exact(p, HOUSE).map((d, i) => d + (errors[i] ?? 0));
        const [found] = surveyByTape(tape(marks(HOUSE), [stake('1', read)])).stakes;
        if (!found) throw new Error('not found');
        const misfit = (q: Vector) => exact(q, HOUSE).reduce((t, d, i) => t + ((read[i] ?? 0) - d) ** 2, 0);
        const best = misfit(found.at);
        for (let k = 0; k < 24; k++) {
          const turn = (2 * Math.PI * k) / 24;
          for (const by of [0.001, 0.01])
            expect(
              misfit({ x: found.at.x + by * Math.cos(turn), y: found.at.y + by * Math.sin(turn) }),
            ).toBeGreaterThanOrEqual(best - 1e-12);
        }
      }),
    );
  });
  test('finds the same stakes whichever way the sheet is turned', () => {
    fc.assert(
      fc.property(uniform(-3, 3), (turn) => {
        const at = (x: number, y: number) =>
          [x * Math.cos(turn) - y * Math.sin(turn), x * Math.sin(turn) + y * Math.cos(turn)] as const;
        const p = { x: -3.2, y: 5.1 };
        const read = exact(p, HOUSE).map((d, i) => d + ([0.01, -0.012, 0.004, 0.008][i] ?? 0));
        const [here] = surveyByTape(tape(marks(HOUSE), [stake('1', read)])).stakes;
        const turned = marks(HOUSE.map(([x, y]) => at(x, y)));
        const [there] = surveyByTape(tape(turned, [stake('1', read)])).stakes;
        const [x, y] = at(here?.at.x ?? NaN, here?.at.y ?? NaN);
        expect([there?.at.x, there?.at.y]).toEqual([expect.closeTo(x, 7), expect.closeTo(y, 7)]);
      }),
    );
  });
});
