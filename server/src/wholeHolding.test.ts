import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { type Plan, proposePlan } from '@aviarum/core';
import { LIMITS } from './store/limits';
import { fillHolding } from './testing/fillHolding';
import { testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
let count = 0;
const aPlan = (): Plan =>
  proposePlan({ id: `plan-${++count}`, name: `Run ${count}`, units: 'metric', flock: [], houseWidth: 2.4 });
const json = async <T>(path: string, method = 'GET', body?: unknown): Promise<T> =>
  (await (await api.request(path, { method, ...(body === undefined ? {} : { json: body }) })).json()) as T;

withDatabase('a holding as one file', () => {
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(() => api.close());
  const put = (body: string | Uint8Array<ArrayBuffer>) =>
    api.request('/holdings/from-file', { method: 'POST', body });
  const out = async (holding: string) => (await api.request(`/holdings/${holding}/file`)).text();
  const linesOf = (text: string) =>
    text
      .trimEnd()
      .split('\n')
      .map((line) => JSON.parse(line) as Record<string, unknown>);
  const textOf = (lines: readonly unknown[]) => lines.map((line) => `${JSON.stringify(line)}\n`).join('');
  const pointers = async (answer: Response) =>
    ((await answer.json()) as { problems: { pointer: string }[] }).problems.map((p) => p.pointer);

  test('holds all that it keeps, and comes back with it, beside what is there', async () => {
    await fillHolding(api.db, 'hollin-bank', {
      plans: 12,
      binned: 3,
      revisions: 5,
      pieces: 30,
      products: 7,
      prices: 40,
      meters: 3,
      minutes: 700,
    });
    const text = await out('hollin-bank');
    const kinds = linesOf(text).map((line) => Object.keys(line)[0]);
    expect([...new Set(kinds)]).toEqual([
      'format',
      'plan',
      'revision',
      'piece',
      'product',
      'price',
      'yardList',
      'readings',
      'standIn',
      'end',
    ]);
    const back = await put(text);
    expect(back.status).toBe(201);
    const { id } = (await back.json()) as { id: string };
    expect(await out(id)).toBe(text);
    for (const path of ['/plans', '/bin', '/shed', '/products', '/prices', '/yards', '/meters/m0?days=400'])
      expect([path, await json(`/holdings/${id}${path}`)]).toEqual([
        path,
        await json(`/holdings/hollin-bank${path}`),
      ]);
  });
  test('of a holding at its limits comes back as well', async () => {
    const { id: full } = await json<{ id: string }>('/holdings', 'POST', { name: 'Full' });
    await fillHolding(api.db, full, {
      plans: LIMITS.plans - 10,
      binned: 10,
      revisions: 0,
      pieces: LIMITS.pieces,
      products: LIMITS.products,
      prices: LIMITS.prices,
      meters: LIMITS.meters,
      minutes: 30,
    });
    const text = await out(full);
    const back = await put(text);
    expect(await back.clone().json()).toEqual({
      id: expect.any(String) as unknown,
      name: 'Full',
      example: false,
    });
    const { id } = (await back.json()) as { id: string };
    expect(await out(id)).toBe(text);
    // One more of anything is what the product would not have kept.
    const lines = linesOf(text);
    const end = lines[lines.length - 1] as { end: Record<string, number> };
    for (const kind of ['plan', 'piece', 'product', 'price']) {
      const at = lines.findIndex((line) => kind in line);
      const thing = lines[at]?.[kind] as { id: string };
      const one = { ...lines[at], [kind]: { ...thing, id: 'one-more' } };
      const more = [
        ...lines.slice(0, at),
        one,
        ...lines.slice(at, -1),
        { end: { ...end.end, [kind]: (end.end[kind] ?? 0) + 1 } },
      ];
      expect([kind, (await put(textOf(more))).status]).toEqual([kind, 422]);
    }
  });
  test('that is wrong anywhere is refused there, and no holding is made of it', async () => {
    const lines = linesOf(await out('hollin-bank'));
    const holdings = (await json<object[]>('/holdings')).length;
    const at = (kind: string) => lines.findIndex((line) => kind in line);
    const changed = (kind: string, change: (line: Record<string, unknown>) => unknown) =>
      textOf(lines.map((line, i) => (i === at(kind) ? change(line) : line)));
    const plan = (change: object) =>
      changed('plan', (line) => ({ ...line, plan: { ...(line.plan as object), ...change } }));
    const wrong: readonly (readonly [string, string])[] = [
      [plan({ crew: 'ten' }), `/line ${at('plan') + 1}/plan/crew`],
      [plan({ id: (lines[at('plan') + 1]?.plan as Plan).id }), `/line ${at('plan') + 2}/plan/id`],
      [changed('piece', (line) => ({ ...line, more: 1 })), `/line ${at('piece') + 1}`],
      [
        changed('price', ({ price }) => ({ price: { ...(price as object), yard: 'nowhere' } })),
        `/line ${at('price') + 1}/price/yard`,
      ],
      [
        changed('revision', ({ revision, ...rest }) => ({
          revision: { ...(revision as object), id: 'gone' },
          ...rest,
        })),
        `/line ${at('revision') + 1}/revision/id`,
      ],
      [changed('format', (line) => ({ ...line, formatVersion: 3 })), '/formatVersion'],
      [changed('format', (line) => ({ ...line, name: '' })), '/name'],
      [changed('end', () => ({ end: {} })), `/line ${lines.length}`],
      [textOf(lines.slice(0, -1)), ''],
      [`${textOf(lines)}{"plan":{}}\n`, `/line ${lines.length + 1}`],
      [textOf(lines).slice(0, -40), `/line ${lines.length}`],
      ['', ''],
      ['[]', ''],
    ];
    for (const [text, pointer] of wrong) {
      const answer = await put(text);
      expect([pointer, answer.status]).toEqual([pointer, 422]);
      expect(await pointers(answer)).toContain(pointer);
    }
    const broken = await put(
      new Uint8Array([...new TextEncoder().encode(textOf(lines.slice(0, 1))), 0xff, 0x0a]),
    );
    expect(broken.status).toBe(400);
    expect((await json<object[]>('/holdings')).length).toBe(holdings);
  });
  test('as an earlier version wrote it is put back too, and named where it is wrong', async () => {
    const plan = aPlan();
    const old = {
      format: 'aviarum-holding',
      formatVersion: 1,
      name: 'Old',
      plans: [plan],
      shed: [],
      products: [],
      prices: [],
    };
    for (const text of [JSON.stringify(old), JSON.stringify(old, null, 2)]) {
      const back = await put(text);
      expect(back.status).toBe(201);
      const { id } = (await back.json()) as { id: string };
      expect((await json<{ plan: Plan }>(`/holdings/${id}/plans/${plan.id}`)).plan).toEqual(plan);
    }
    expect(await pointers(await put(JSON.stringify({ ...old, plans: [plan, plan] })))).toEqual([
      '/plans/1/id',
    ]);
    expect(await pointers(await put(JSON.stringify({ ...old, plans: [{ ...plan, crew: 'ten' }] })))).toEqual([
      '/plans/0/crew',
    ]);
    expect(await pointers(await put(JSON.stringify({ ...old, formatVersion: 2 })))).toContain(
      '/formatVersion',
    );
  });
  test('of millions of empty lists is refused while it is read, and nobody waits for it', async () => {
    const plans = `{"format":"aviarum-holding","formatVersion":1,"name":"x","plans":[${'[],'.repeat(10_000_000)}[]]}`;
    const asked = put(plans);
    const others = Promise.all(Array.from({ length: 5 }, () => api.request('/holdings')));
    expect(await Promise.race([asked.then(() => 'the file'), others.then(() => 'the others')])).toBe(
      'the others',
    );
    const refused = await asked;
    expect([refused.status, await pointers(refused)]).toEqual([422, ['']]);
    expect((await put(`{"format":${'['.repeat(100_000)}`)).status).toBe(422);
  });
});
