import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { type Change, DEMO_PLANS, type Plan, WHOLE_PLAN, apply, proposePlan } from '@aviarum/core';
import { BODY_LIMIT } from './app';
import { hasDatabase, testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  if (hasDatabase) api = await testApp();
});
afterAll(async () => {
  if (hasDatabase) await api.close();
});

let made = 0;
const aPlan = (): Plan =>
  proposePlan({
    id: `plan-${++made}`,
    name: `Run ${made}`,
    units: 'metric',
    flock: [{ id: 'f', kind: 'hen-heavy', count: 12, keeping: 'confined' }],
    houseWidth: 2.4,
  });
const create = async (plan: Plan, holding = 'home') =>
  api.request(`/holdings/${holding}/plans`, { method: 'POST', json: { plan } });
const save = (plan: Plan, basedOn: number, saveId: string = crypto.randomUUID(), holding = 'home') =>
  api.request(`/holdings/${holding}/plans/${plan.id}`, { method: 'PUT', json: { plan, basedOn, saveId } });
interface Problems {
  title: string;
  problems: { code: string; pointer: string; message: string }[];
}
const problems = async (response: Response) => ((await response.json()) as Problems).problems;

withDatabase('a first visit', () => {
  test('has an empty holding of one’s own and Hollin Bank as an example', async () => {
    const holdings = (await (await api.request('/holdings')).json()) as {
      id: string;
      name: string;
      example: boolean;
    }[];
    expect(holdings.map((h) => [h.name, h.example])).toEqual([
      ['My holding', false],
      ['Hollin Bank', true],
    ]);
    expect(await (await api.request('/holdings/home/plans')).json()).toEqual([]);
    const plans = (await (await api.request('/holdings/hollin-bank/plans')).json()) as { name: string }[];
    expect(plans.map((p) => p.name).sort()).toEqual(DEMO_PLANS.map((p) => p.name).sort());
  });
});

withDatabase('walls, skirts and ways in', () => {
  const worn = (plan: Plan): Plan =>
    [
      {
        verb: 'set-skirt',
        scope: WHOLE_PLAN,
        skirt: { kind: 'toe', mesh: 'fine-13', depth: 0.45, out: 0.3, lapUp: 0.1 },
      },
      { verb: 'set-boards', scope: WHOLE_PLAN, boards: { ground: 'board-150x25' } },
      { verb: 'set-overhang', scope: { scope: 'side', of: 's2' }, overhang: 0.3 },
      { verb: 'set-opening', id: 'g1', to: { make: 'built', height: 1.5, catches: 'two-step' } },
      { verb: 'set-crew', crew: 'two' },
    ].reduce((now, change) => apply(now, change as Change), plan);
  test('come back as they were saved', async () => {
    const plan = worn(aPlan());
    expect((await create(plan)).status).toBe(201);
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as { plan: Plan };
    expect(back.plan).toEqual(plan);
  });
  test('that cannot be are refused at their field, and what was saved stays', async () => {
    const plan = worn(aPlan());
    await create(plan);
    const wide = { kind: 'apron', mesh: 'fine-13', width: 9, lapUp: 0.1 } as const;
    const refused = await save(apply(plan, { verb: 'set-skirt', scope: WHOLE_PLAN, skirt: wide }), 1);
    expect(refused.status).toBe(422);
    expect((await problems(refused)).map((p) => p.pointer)).toEqual(['/plan/choices/plan/skirt/width']);
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as { plan: Plan };
    expect(back.plan).toEqual(plan);
  });
  test('two ways in at one place are refused as they cannot be built', async () => {
    const plan = aPlan();
    const [gate] = plan.openings;
    if (!gate) throw new Error('no gate');
    const twice = { ...plan, openings: [gate, { ...gate, id: 'g2' }] };
    const refused = await create(twice);
    expect(refused.status).toBe(422);
    expect((await problems(refused)).map((p) => p.code)).toContain('gate.overlaps');
  });
});

withDatabase('saving', () => {
  test('a plan comes back as it was saved', async () => {
    const plan = aPlan();
    expect((await create(plan)).status).toBe(201);
    const changed = { ...plan, name: 'Orchard' };
    const saved = (await (await save(changed, 1)).json()) as { saveNumber: number };
    expect(saved.saveNumber).toBe(2);
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as {
      plan: Plan;
      name: string;
    };
    expect(back.plan).toEqual(changed);
    expect(back.name).toBe('Orchard');
  });
  test('repeating a save returns the first answer and saves nothing twice; its id for another content is refused', async () => {
    const plan = aPlan();
    await create(plan);
    const first: unknown = await (await save(plan, 1, 'same-save-id')).json();
    const again = await save(plan, 1, 'same-save-id');
    expect([again.status, await again.json()]).toEqual([200, first]);
    expect((await save({ ...plan, name: 'Other' }, 1, 'same-save-id')).status).toBe(409);
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as {
      name: string;
      saveNumber: number;
    };
    expect(back).toMatchObject({ name: plan.name, saveNumber: 2 });
  });
  test('ten at once with one id are one save', async () => {
    const plan = aPlan();
    await create(plan);
    const answers = await Promise.all(Array.from({ length: 10 }, () => save(plan, 1, 'raced-save-id')));
    expect(answers.map((a) => a.status)).toEqual(Array<number>(10).fill(200));
    const numbers = await Promise.all(
      answers.map(async (a) => ((await a.json()) as { saveNumber: number }).saveNumber),
    );
    expect(new Set(numbers)).toEqual(new Set([2]));
  });
  test('ten at once with ids of their own: one is saved, nine are told of the conflict', async () => {
    const plan = aPlan();
    await create(plan);
    const answers = await Promise.all(Array.from({ length: 10 }, () => save(plan, 1)));
    expect(answers.map((a) => a.status).sort()).toEqual([200, ...Array<number>(9).fill(409)]);
    const refused = answers.find((a) => a.status === 409);
    expect(await refused?.json()).toMatchObject({ saveNumber: 2, status: 409 });
  });
  test('revisions of the same ten minutes are squashed', async () => {
    const plan = aPlan();
    await create(plan);
    for (let n = 1; n <= 3; n++) await save({ ...plan, name: `Draft ${n}` }, n);
    const list = (await (await api.request(`/holdings/home/plans/${plan.id}/revisions`)).json()) as {
      saveNumber: number;
      name: string;
    }[];
    expect(list.length).toBeLessThanOrEqual(2);
    expect(list[0]).toMatchObject({ saveNumber: 4, name: 'Draft 3' });
    const revision = await api.request(`/holdings/home/plans/${plan.id}/revisions/4`);
    expect(((await revision.json()) as { plan: Plan }).plan.name).toBe('Draft 3');
    expect((await api.request(`/holdings/home/plans/${plan.id}/revisions/99999999999`)).status).toBe(404);
  });
  test('a plan taken away is gone, and cannot be saved', async () => {
    const plan = aPlan();
    await create(plan);
    expect((await api.request(`/holdings/home/plans/${plan.id}`, { method: 'DELETE' })).status).toBe(204);
    expect((await api.request(`/holdings/home/plans/${plan.id}`)).status).toBe(404);
    expect((await save(plan, 1)).status).toBe(404);
  });
});

withDatabase('the ground', () => {
  test('of a plan stored before heights were known is level, and the plan opens and saves', async () => {
    const plan = aPlan();
    await create(plan);
    const { spotHeights: _, boundaries: _b, frost: _f, north: _n, ...ground } = plan.ground;
    await api
      .db('plans')
      .where({ id: plan.id })
      .update({ document: JSON.stringify({ ...plan, ground }) });
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as { plan: Plan };
    expect(back.plan).toEqual(plan);
    expect((await save(back.plan, 1)).status).toBe(200);
  });
  test('with a house that crosses itself is refused, and nothing is saved', async () => {
    const plan = aPlan();
    await create(plan);
    const [house] = plan.ground.buildings;
    if (!house) throw new Error('no house');
    const [a, b, c, d] = house.outline;
    if (!a || !b || !c || !d) throw new Error('no corners');
    const inside = { ...plan.ground, buildings: [{ ...house, outline: [a, c, b, d] }] };
    const refused = await save({ ...plan, ground: inside }, 1);
    expect(refused.status).toBe(422);
    expect((await problems(refused)).map((p) => [p.code, p.pointer])).toContainEqual([
      'building.tangled',
      '/plan/ground/buildings/0',
    ]);
    const back = (await (await api.request(`/holdings/home/plans/${plan.id}`)).json()) as { plan: Plan };
    expect(back.plan).toEqual(plan);
  });
});

withDatabase('what is wrong is refused with a pointer, and nothing is saved', () => {
  const refused = async (plan: unknown, pointer: string) => {
    const response = await api.request('/holdings/home/plans', { method: 'POST', json: { plan } });
    expect(response.status).toBe(422);
    expect(response.headers.get('content-type')).toBe('application/problem+json');
    expect((await problems(response)).map((p) => p.pointer)).toContain(pointer);
  };
  test('fields of the plan', async () => {
    const plan = aPlan();
    await refused({ ...plan, name: '' }, '/plan/name');
    await refused({ ...plan, name: 'a\0b' }, '/plan/name');
    await refused({ ...plan, sides: plan.sides.map((s) => ({ ...s, to: 'x' })) }, '/plan/sides/0/to');
    await refused(
      { ...plan, openings: plan.openings.map((o) => ({ ...o, width: 5, along: 0 })) },
      '/plan/openings/0',
    );
    expect((await api.request(`/holdings/home/plans/${plan.id}`)).status).toBe(404);
  });
  test('a save that crosses its outline leaves the last one as it was', async () => {
    const plan = aPlan();
    await create(plan);
    const [a, b, ...rest] = plan.corners;
    if (!a || !b) throw new Error('no corners');
    const crossed = { ...plan, corners: [{ ...a, x: b.x, y: b.y }, { ...b, x: a.x, y: a.y }, ...rest] };
    expect((await save(crossed, 1)).status).toBe(422);
    expect(await (await api.request(`/holdings/home/plans/${plan.id}`)).json()).toMatchObject({
      saveNumber: 1,
    });
  });
  test('another id in the address, a body that is no JSON, a body too large', async () => {
    const plan = aPlan();
    await create(plan);
    const other = await api.request('/holdings/home/plans/else', {
      method: 'PUT',
      json: { plan, basedOn: 1, saveId: 'abcdefgh' },
    });
    expect((await problems(other))[0]?.pointer).toBe('/plan/id');
    expect((await api.request('/holdings/home/plans', { method: 'POST', body: '{"plan":' })).status).toBe(
      400,
    );
    const large = await api.request('/holdings/home/plans', {
      method: 'POST',
      body: `"${'x'.repeat(BODY_LIMIT)}"`,
    });
    expect(large.status).toBe(413);
    expect((await create(plan)).status).toBe(409);
  });
});

withDatabase('every row belongs to a holding', () => {
  test('what one holding has the other does not', async () => {
    const made2 = (await (
      await api.request('/holdings', { method: 'POST', json: { name: 'Upper end' } })
    ).json()) as { id: string };
    const plan = aPlan();
    await create(plan, made2.id);
    expect((await api.request(`/holdings/home/plans/${plan.id}`)).status).toBe(404);
    expect((await save(plan, 1, crypto.randomUUID(), 'home')).status).toBe(404);
    expect((await api.request(`/holdings/home/plans/${plan.id}`, { method: 'DELETE' })).status).toBe(404);
    expect((await api.request(`/holdings/${made2.id}/plans/${plan.id}`)).status).toBe(200);
  });
  test('a holding of nobody, or of another keeper, is not there', async () => {
    await api.db('holdings').insert({ id: 'theirs', name: 'Theirs' });
    for (const path of [
      '/holdings/theirs/plans',
      '/holdings/theirs/products',
      '/holdings/theirs/prices',
      '/holdings/none/plans',
    ]) {
      expect((await api.request(path)).status).toBe(404);
    }
  });
  test('own products and prices are kept, checked and taken away', async () => {
    const product = {
      id: 'mine',
      type: 'welded',
      opening: { up: 0.04, along: 0.04 },
      wire: 0.0016,
      widths: [1],
      lengths: [20],
    };
    const put = (made: object) =>
      api.request('/holdings/home/products/mine', { method: 'PUT', json: { product: made, prices: [] } });
    expect((await put(product)).status).toBe(200);
    expect(await (await api.request('/holdings/home/products')).json()).toEqual([product]);
    const thin = await put({ ...product, wire: -1 });
    expect((await problems(thin))[0]?.pointer).toBe('/product/wire');
    const price = {
      id: 'p1',
      yard: 'far-gate',
      asOf: '2026-03-03',
      offer: { kind: 'roll', product: 'mine', width: 1, length: 20, price: 5000, stock: null },
    };
    expect((await api.request('/holdings/home/prices/p1', { method: 'PUT', json: price })).status).toBe(200);
    expect(await (await api.request('/holdings/home/prices')).json()).toEqual([price]);
    expect((await api.request('/holdings/home/prices/p1', { method: 'DELETE' })).status).toBe(204);
    expect((await api.request('/holdings/home/products/mine', { method: 'DELETE' })).status).toBe(204);
    expect((await api.request('/holdings/home/products/mine', { method: 'DELETE' })).status).toBe(404);
  });
});

withDatabase('another site', () => {
  test('cannot make the local keeper act', async () => {
    const foreign = await api.foreign('/holdings', JSON.stringify({ name: 'Planted' }));
    expect(foreign.status).toBe(403);
    const holdings = (await (await api.request('/holdings')).json()) as { name: string }[];
    expect(holdings.map((h) => h.name)).not.toContain('Planted');
  });
});

withDatabase('health', () => {
  test('is up, is ready, and says when an address is none', async () => {
    expect((await api.request('/health')).status).toBe(200);
    expect((await api.request('/ready')).status).toBe(200);
    expect((await api.request('/nonsense')).status).toBe(404);
  });
});
