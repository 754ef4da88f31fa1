import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS, type Plan, readPlan, writePlan } from '../index';
import { aPolygon, aRun, anOutline } from '../testing/aRun';
import { reckon } from '../reckon';
import { checkPlan, completePlan } from './planFile';

const pointers = (document: unknown) => {
  const read = checkPlan(document);
  return read.ok ? [] : read.problems.map((p) => p.pointer);
};
const changed = (to: (plan: Plan) => unknown) => pointers(to(aRun()));

describe('a plan file', () => {
  test('comes back as it went', () => {
    for (const plan of DEMO_PLANS) expect(readPlan(writePlan(plan))).toEqual({ ok: true, plan });
  });

  test.each<[string, (plan: Plan) => unknown, string]>([
    ['a missing field', ({ name: _, ...plan }) => plan, '/name'],
    ['a field that plans do not have', (plan) => ({ ...plan, colour: 'red' }), ''],
    [
      'a negative height',
      (plan) => ({
        ...plan,
        choices: {
          ...plan.choices,
          plan: {
            ...plan.choices.plan,
            bands: [{ id: 'w', mesh: 'welded-50', top: -1, widths: 'cheapest' }],
          },
        },
      }),
      '/choices/plan/bands/0/top',
    ],
    [
      'an unknown mesh',
      (plan) => ({
        ...plan,
        choices: {
          ...plan.choices,
          plan: { ...plan.choices.plan, bands: [{ id: 'w', mesh: 'gold', top: 1, widths: 'cheapest' }] },
        },
      }),
      '/choices/plan/bands/0/mesh',
    ],
    [
      'an unknown post',
      (plan) => ({
        ...plan,
        choices: {
          ...plan.choices,
          plan: { ...plan.choices.plan, posts: { ...plan.choices.plan.posts, line: 'oak' } },
        },
      }),
      '/choices/plan/posts/line',
    ],
    [
      'a dangling corner',
      (plan) => ({ ...plan, sides: plan.sides.map((s, i) => (i === 1 ? { ...s, to: 'nowhere' } : s)) }),
      '/sides/1/to',
    ],
    [
      'a dangling side of a gate',
      (plan) => ({ ...plan, openings: plan.openings.map((o) => ({ ...o, side: 's9' })) }),
      '/openings/0/side',
    ],
    [
      'a ring that does not join up',
      (plan) => ({
        ...plan,
        enclosures: [{ ...plan.enclosures[0], ring: [...(plan.enclosures[0]?.ring ?? [])].reverse() }],
      }),
      '/enclosures/0/ring/0/side',
    ],
    [
      'an id used twice',
      (plan) => ({ ...plan, corners: [...plan.corners, plan.corners[0]] }),
      '/corners/4/id',
    ],
    [
      'an unknown edition',
      (plan) => ({ ...plan, buying: { ...plan.buying, edition: '1999-01' } }),
      '/buying/edition',
    ],
    [
      'a side in no ring',
      (plan) => ({ ...plan, sides: [...plan.sides, { id: 'x', from: 'c1', to: 'c3', kind: 'fence' }] }),
      '/sides/4/id',
    ],
    [
      'an infinite length',
      (plan) => ({ ...plan, corners: plan.corners.map((c) => ({ ...c, x: Infinity })) }),
      '/corners/0/x',
    ],
  ])('%s is refused with its pointer', (_, to, pointer) => {
    expect(changed(to)).toContain(pointer);
  });

  test('a thousand corners are refused at the list', () => {
    expect(pointers(aPolygon(1000, 0.5))).toContain('/corners');
  });

  test('NaN written by a careless program is named at its field', () => {
    const text = writePlan(aRun()).replace('"y": 3.6', '"y": NaN');
    const read = readPlan(text);
    expect(read.ok ? [] : read.problems).toEqual([
      {
        code: 'invalid_type',
        pointer: '/ground/buildings/0/outline/2/y',
        message: 'must be a number, not NaN or infinite',
      },
    ]);
  });

  test.each(['', 'hello', '{"a":', '[1,2]', 'null', '42'])('%j is refused plainly', (text) => {
    const read = readPlan(text);
    expect(read.ok).toBe(false);
    expect(read.ok ? '' : read.problems[0]?.message).toMatch(/JSON|must be/);
  });

  test('a byte order mark does no harm', () => {
    expect(readPlan(`\uFEFF${writePlan(aRun())}`).ok).toBe(true);
  });
});

describe('what cannot be built is refused with a pointer', () => {
  const codes = (plan: Plan) => {
    const read = checkPlan(plan);
    return read.ok ? [] : read.problems.map((p) => [p.code, p.pointer]);
  };
  test('a crossing outline', () => {
    expect(
      codes(
        anOutline([
          [0, 0],
          [4, 4],
          [4, 0],
          [0, 4],
        ]),
      ),
    ).toEqual([['outline.crosses', '/sides/0']]);
  });
  test('a gate wider than its side', () => {
    const plan = aRun();
    expect(codes({ ...plan, openings: plan.openings.map((o) => ({ ...o, width: 4 })) })).toEqual([
      ['gate.wider-than-side', '/openings/0'],
    ]);
  });
  test('a gate past the end, a collapsed side, a corner on a side, two gates in one place', () => {
    const plan = aRun();
    expect(codes({ ...plan, openings: plan.openings.map((o) => ({ ...o, along: 3 })) })).toEqual([
      ['gate.past-end', '/openings/0'],
    ]);
    expect(
      codes(
        anOutline([
          [0, 0],
          [4, 0],
          [4, 0.01],
          [0, 3],
        ]),
      ),
    ).toEqual([['outline.collapsed', '/sides/1']]);
    expect(
      codes(
        anOutline([
          [0, 0],
          [4, 0],
          [4, 3],
          [2, 0],
          [0, 3],
        ]),
      ),
    ).toContainEqual(['outline.touches', '/sides/0']);
    const [gate] = plan.openings;
    expect(
      gate && codes({ ...plan, openings: [gate, { ...gate, id: 'g2', along: gate.along + 0.5 }] }),
    ).toEqual([['gate.overlaps', '/openings/1']]);
  });
});

describe('a plan from before a field came into being', () => {
  const bare = () => {
    const plan = JSON.parse(writePlan(aRun())) as {
      ground: Record<string, unknown> & { buildings: Record<string, unknown>[] };
      openings: Record<string, unknown>[];
      choices: { plan: Record<string, unknown> };
    };
    for (const field of ['frost', 'north', 'boundaries', 'spotHeights'])
      Reflect.deleteProperty(plan.ground, field);
    for (const field of ['slope', 'load', 'bays', 'shallower'])
      Reflect.deleteProperty(plan.choices.plan, field);
    for (const o of plan.openings) for (const field of ['hinge', 'swing']) Reflect.deleteProperty(o, field);
    for (const b of plan.ground.buildings)
      for (const field of ['eaves', 'height']) Reflect.deleteProperty(b, field);
    return plan;
  };
  test('is read with their defaults, from a file and from the store', () => {
    const read = checkPlan(bare());
    expect(read.ok && read.plan).toEqual(aRun());
    expect(completePlan(bare())).toEqual(aRun());
  });
  test('gives the same figures', () => {
    expect(reckon(completePlan(bare())).figures).toEqual(reckon(aRun()).figures);
  });
});
