import { afterAll, beforeAll, beforeEach, expect, test } from '@jest/globals';
import { mkdtemp, readFile, readdir, rm, stat } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { type Plan, proposePlan } from '@aviarum/core';
import pino from 'pino';
import { copyHoldings } from './jobs/copies';
import { dailyRound } from './jobs/daily';
import { tidy } from './store/bin';
import { testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
let count = 0;
const aPlan = (): Plan =>
  proposePlan({ id: `plan-${++count}`, name: `Run ${count}`, units: 'metric', flock: [], houseWidth: 2.4 });
const home = '/holdings/home';
const json = async <T>(path: string, method = 'GET', body?: unknown): Promise<T> =>
  (await (await api.request(path, { method, ...(body === undefined ? {} : { json: body }) })).json()) as T;
const made = async () => {
  const plan = aPlan();
  await api.request(`${home}/plans`, { method: 'POST', json: { plan } });
  return plan;
};
const ids = async (path: string) => (await json<{ id: string }[]>(path)).map((p) => p.id);
const DAY = 86_400_000;
const NOW = new Date('2026-11-27T12:00:00Z');
const before = (days: number) => new Date(NOW.getTime() - days * DAY);

withDatabase('the bin', () => {
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(() => api.close());

  test('takes a deleted plan, which is gone from everywhere else, and gives it back as it was', async () => {
    const plan = await made();
    const address = `${home}/plans/${plan.id}`;
    const whole = await json(address);
    expect((await api.request(address, { method: 'DELETE' })).status).toBe(204);
    expect(await ids(`${home}/plans`)).not.toContain(plan.id);
    expect((await api.request(address)).status).toBe(404);
    expect((await api.request(address, { method: 'DELETE' })).status).toBe(404);
    const save = { saveId: 'save-binned', basedOn: 1, plan };
    expect((await api.request(address, { method: 'PUT', json: save })).status).toBe(404);
    expect(await json<object[]>(`${home}/bin`)).toEqual([
      expect.objectContaining({
        id: plan.id,
        name: plan.name,
        deletedAt: expect.stringMatching(/^2/) as unknown,
      }),
    ]);
    expect((await api.request(`${home}/bin/${plan.id}/restore`, { method: 'POST' })).status).toBe(200);
    expect(await json(address)).toEqual(whole);
    expect(await ids(`${home}/bin`)).toEqual([]);
    expect((await api.request(address, { method: 'PUT', json: save })).status).toBe(200);
  });
  test('keeps its plans’ ids, and lets go of one for good only when asked', async () => {
    const plan = await made();
    await api.request(`${home}/plans/${plan.id}`, { method: 'DELETE' });
    expect((await api.request(`${home}/plans`, { method: 'POST', json: { plan } })).status).toBe(409);
    expect((await api.request(`${home}/bin/${plan.id}`, { method: 'DELETE' })).status).toBe(204);
    expect((await api.request(`${home}/plans`, { method: 'POST', json: { plan } })).status).toBe(201);
    expect((await api.request(`${home}/bin/${plan.id}`, { method: 'DELETE' })).status).toBe(404);
  });
  test('is not another holding’s', async () => {
    const plan = await made();
    await api.request(`${home}/plans/${plan.id}`, { method: 'DELETE' });
    expect(await ids('/holdings/hollin-bank/bin')).toEqual([]);
    expect(
      (await api.request(`/holdings/hollin-bank/bin/${plan.id}/restore`, { method: 'POST' })).status,
    ).toBe(404);
  });
});

withDatabase('the daily round', () => {
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(() => api.close());
  beforeEach(async () => {
    await api.db('plans').where({ holding_id: 'home' }).delete();
  });

  test('empties the bin of what lay there for thirty days, and forgets saves as old', async () => {
    const [old, young, kept] = [await made(), await made(), await made()];
    await api
      .db('plans')
      .where({ id: old.id })
      .update({ deleted_at: before(31) });
    await api
      .db('plans')
      .where({ id: young.id })
      .update({ deleted_at: before(29) });
    const save = { holding_id: 'home', plan_id: kept.id, save_number: 1 };
    await api.db('saves').insert([
      { ...save, save_id: 'save-of-31', saved_at: before(31) },
      { ...save, save_id: 'save-of-29', saved_at: before(29) },
    ]);
    expect(await tidy(api.db, NOW)).toMatchObject({ plans: 1, saves: 1 });
    expect(await ids(`${home}/bin`)).toEqual([young.id]);
    expect(await api.db('saves').where({ plan_id: kept.id }).pluck('save_id')).toEqual(['save-of-29']);
    expect(await tidy(api.db, NOW)).toEqual({ plans: 0, saves: 0, revisions: 0 });
  });
  test('thins revisions: all of today, the last of a day for a month, the last of a month after', async () => {
    const plan = await made();
    const times = [
      '2026-11-27T08:00:00Z',
      '2026-11-27T09:00:00Z',
      '2026-11-26T08:00:00Z',
      '2026-11-26T19:00:00Z',
      '2026-11-03T10:00:00Z',
      '2026-11-03T10:20:00Z',
      '2026-09-02T10:00:00Z',
      '2026-09-20T10:00:00Z',
      '2026-08-01T10:00:00Z',
    ];
    await api.db('revisions').insert(
      times.map((saved_at, i) => ({
        holding_id: 'home',
        plan_id: plan.id,
        ten_minutes: Math.floor(Date.parse(saved_at) / 600_000),
        save_number: i + 1,
        name: plan.name,
        document: JSON.stringify(plan),
        saved_at,
      })),
    );
    expect((await tidy(api.db, NOW)).revisions).toBe(3);
    const left = await api
      .db('revisions')
      .where({ plan_id: plan.id })
      .orderBy('saved_at')
      .pluck<Date[]>('saved_at');
    expect(left.map((d) => d.toISOString().slice(0, 16))).toEqual([
      '2026-08-01T10:00',
      '2026-09-20T10:00',
      '2026-11-03T10:20',
      '2026-11-26T19:00',
      '2026-11-27T08:00',
      '2026-11-27T09:00',
    ]);
  });
  test('writes a copy of each holding once a day, seven days kept, a half-written one under no day’s name', async () => {
    const folder = await mkdtemp(path.join(os.tmpdir(), 'copies-'));
    const plan = await made();
    try {
      for (let day = 1; day <= 9; day++) {
        const files = await copyHoldings(api.db, folder, `2026-11-0${day}`);
        expect(files).toContain('home.json');
      }
      expect(await copyHoldings(api.db, folder, '2026-11-09')).toEqual([]);
      expect((await readdir(folder)).sort()).toEqual([3, 4, 5, 6, 7, 8, 9].map((day) => `2026-11-0${day}`));
      expect((await stat(path.join(folder, '2026-11-09/home.json'))).mode & 0o077).toBe(0);
      const copy = JSON.parse(await readFile(path.join(folder, '2026-11-09/home.json'), 'utf8')) as {
        plans: Plan[];
      };
      expect(copy.plans).toEqual([plan]);
      const back = await api.request('/holdings/from-file', { method: 'POST', json: copy });
      expect(back.status).toBe(201);
      const { id } = (await back.json()) as { id: string };
      expect((await json<{ plan: Plan }>(`/holdings/${id}/plans/${plan.id}`)).plan).toEqual(plan);
    } finally {
      await rm(folder, { recursive: true });
    }
  });
  test('that fails says so, and does not end the server', async () => {
    const log = pino({ level: 'silent' });
    expect(await dailyRound(api.db, log, NOW, '/dev/null/copies')).toBe('failed');
    expect(await dailyRound(api.db, log, NOW, undefined)).toBe('done');
  });
});

withDatabase('a holding as one file', () => {
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(() => api.close());
  const put = (file: unknown) => api.request('/holdings/from-file', { method: 'POST', json: file });
  interface File {
    name: string;
    plans: Plan[];
    shed: { id: string }[];
    products: object[];
    prices: object[];
  }

  test('comes back with its plans, shed, products and prices, beside what is there', async () => {
    const product = {
      id: 'mine',
      type: 'welded',
      opening: { up: 0.04, along: 0.04 },
      wire: 0.002,
      widths: [1],
      lengths: [20],
    };
    const price = {
      id: 'p1',
      yard: 'far-gate',
      asOf: '2026-03-03',
      offer: { kind: 'roll', product: 'mine', width: 1, length: 20, price: 5000, stock: null },
    };
    await api.request('/holdings/hollin-bank/products/mine', {
      method: 'PUT',
      json: { product, prices: [price] },
    });
    const out = await json<File>('/holdings/hollin-bank/file');
    expect([out.plans.length > 0, out.shed.length > 0]).toEqual([true, true]);
    const { id } = (await (await put(out)).json()) as { id: string };
    expect(await json<File>(`/holdings/${id}/file`)).toEqual(out);
    expect((await json<object[]>('/holdings')).length).toBe(3);
  });
  test('that is wrong anywhere is refused there, and no holding is made of it', async () => {
    const out = await json<File>('/holdings/hollin-bank/file');
    const holdings = (await json<object[]>('/holdings')).length;
    const [first, second] = out.plans;
    if (!first || !second) throw new Error('the example has two plans');
    const wrong: readonly (readonly [object, string])[] = [
      [{ ...out, plans: [first, { ...second, crew: 'ten' }] }, '/plans/1/crew'],
      [{ ...out, plans: [first, { ...second, id: first.id }] }, '/plans/1/id'],
      [{ ...out, shed: [...out.shed, ...out.shed.slice(0, 1)] }, `/shed/${out.shed.length}/id`],
      [{ ...out, prices: out.prices.map((p) => ({ ...p, yard: 'nowhere' })) }, '/prices/0/yard'],
      [{ ...out, formatVersion: 2 }, '/formatVersion'],
      [{ ...out, name: '' }, '/name'],
      [{ ...out, surprise: 1 }, ''],
    ];
    for (const [file, pointer] of wrong) {
      const answer = await put(file);
      expect(answer.status).toBe(422);
      const { problems } = (await answer.json()) as { problems: { pointer: string }[] };
      expect(problems.map((p) => p.pointer)).toContain(pointer);
    }
    expect((await json<object[]>('/holdings')).length).toBe(holdings);
  });
});
