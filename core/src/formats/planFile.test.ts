import { describe, expect, test } from '@jest/globals';
import { DEMO_PLANS } from '../plan/samples';
import type { Plan } from '../plan/schema';
import { readPlan, writePlan, checkPlan, completePlan } from './planFile';
import { aPolygon, aRun, anOutline } from '../testing/aRun';
import { reckon } from '../reckon';

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

describe('a plan written before walls, skirts and ways in were as they are', () => {
  /** The fields that a file of the edition before did not have. */
  function before({ crew: _, ...plan }: Plan): unknown {
    const { boards: _boards, overhang: _overhang, ...choices } = plan.choices.plan;
    const openings = plan.openings.map((opening) => {
      if (opening.kind !== 'gate') return opening;
      const { height: _h, catches: _c, closer: _s, lock: _l, sill: _sill, ...gate } = opening;
      return gate;
    });
    return { ...plan, openings, choices: { ...plan.choices, plan: choices } };
  }
  test('is read with what it meant: a kit gate as high as the wall, no boards, one person', () => {
    const read = checkPlan(before(aRun()));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(read.plan).toEqual(aRun());
  });
  test('and comes to the same docket', () => {
    const read = checkPlan(before(aRun()));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    expect(reckon(read.plan).docket.total).toBe(reckon(aRun()).docket.total);
  });
});

describe('what a skirt, a board or a way in cannot be is refused at its field', () => {
  const withChoices = (to: object) =>
    changed((plan) => ({ ...plan, choices: { ...plan.choices, plan: { ...plan.choices.plan, ...to } } }));
  const skirt = (to: object) => withChoices({ skirt: to });
  const opening = (to: object) =>
    changed((plan) => ({ ...plan, openings: [{ ...plan.openings[0], ...to }] }));
  test.each<[string, readonly string[], string]>([
    [
      'a toe without its depth',
      skirt({ kind: 'toe', mesh: 'fine-13', out: 0.3, lapUp: 0.1 }),
      '/choices/plan/skirt/depth',
    ],
    [
      'an apron 4 m wide',
      skirt({ kind: 'apron', mesh: 'fine-13', width: 4, lapUp: 0.1 }),
      '/choices/plan/skirt/width',
    ],
    ['an unknown kind', skirt({ kind: 'moat' }), '/choices/plan/skirt/kind'],
    [
      'a fold of an unknown mesh',
      skirt({ kind: 'folded', mesh: 'gold', up: 0.5, out: 0.5 }),
      '/choices/plan/skirt/mesh',
    ],
    [
      'a board that is none',
      withChoices({ boards: { ground: 'plank', top: null } }),
      '/choices/plan/boards/ground',
    ],
    [
      'frame timber as a board',
      withChoices({ boards: { ground: null, top: 'frame-63x38' } }),
      '/choices/plan/boards/top',
    ],
    ['an overhang of 2 m', withChoices({ overhang: 2 }), '/choices/plan/overhang'],
    ['a leaf 0.2 high', opening({ height: 0.2 }), '/openings/0/height'],
    ['a gate of neither make', opening({ make: 'found' }), '/openings/0/make'],
    ['three-step catches', opening({ catches: 'three-step' }), '/openings/0/catches'],
    [
      'a hatch without its height above the ground',
      opening({ kind: 'hatch', use: 'eggs', width: 0.4, height: 0.3 }),
      '/openings/0/bottom',
    ],
    ['a crew of ghosts', changed((plan) => ({ ...plan, crew: 'none' })), '/crew'],
    [
      'an own price for timber that there is not',
      changed((plan) => ({
        ...plan,
        buying: {
          ...plan.buying,
          ownPrices: [{ yard: 'far-gate', offer: { kind: 'timber', product: 'oak', length: 3, price: 1 } }],
        },
      })),
      '/buying/ownPrices/0/offer/product',
    ],
  ])('%s', (_, found, pointer) => {
    expect(found).toContain(pointer);
  });
});
