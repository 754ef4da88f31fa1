import { afterAll, afterEach, beforeAll, beforeEach, expect, test } from '@jest/globals';
import { mkdir, mkdtemp, readFile, readdir, rm, stat } from 'node:fs/promises';
import os from 'node:os';
import path from 'node:path';
import { type Plan, proposePlan } from '@aviarum/core';
import pino from 'pino';
import { AsideReader } from './holdingFile/readAside';
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
    expect(await tidy(api.db, NOW)).toEqual({ plans: 0, saves: 0, revisions: 0, readings: 0 });
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
  test('by a clock that is far ahead empties no bin and thins nothing young, however often it runs that day', async () => {
    const plan = await made();
    await api.request(`${home}/plans/${plan.id}`, { method: 'DELETE' });
    await tidy(api.db, new Date());
    const ahead = new Date(Date.now() + 3650 * DAY);
    for (let i = 0; i < 5; i++) expect(await tidy(api.db, ahead)).toMatchObject({ plans: 0, revisions: 0 });
    expect(await ids(`${home}/bin`)).toEqual([plan.id]);
    // Right again, it goes on as it was.
    await api
      .db('plans')
      .where({ id: plan.id })
      .update({ deleted_at: new Date(Date.now() - 31 * DAY) });
    expect(await tidy(api.db, new Date())).toMatchObject({ plans: 1 });
  });
  test('that fails says so, and does not end the server', async () => {
    const log = pino({ level: 'silent' });
    expect(await dailyRound(api, log, NOW, '/dev/null/copies')).toBe('failed');
    expect(await dailyRound(api, log, NOW, undefined)).toBe('done');
  });
});

withDatabase('copies of holdings', () => {
  let folder = '';
  const reader = new AsideReader();
  beforeAll(async () => {
    api = await testApp();
  });
  afterAll(async () => {
    await reader.close();
    await api.close();
  });
  beforeEach(async () => {
    folder = await mkdtemp(path.join(os.tmpdir(), 'copies-'));
  });
  afterEach(() => rm(folder, { recursive: true }));
  const day = (n: number) => `2026-11-${String(n).padStart(2, '0')}`;
  const copied = (n: number) => copyHoldings(api.slow, reader, folder, day(n));

  test('are written once a day, seven days kept, for nobody else to read, and can be put back', async () => {
    const plan = await made();
    for (let n = 1; n <= 9; n++)
      expect(await copied(n)).toEqual({ files: ['hollin-bank.jsonl', 'home.jsonl'], failed: [] });
    expect(await copied(9)).toEqual({ files: [], failed: [] });
    expect((await readdir(folder)).sort()).toEqual([3, 4, 5, 6, 7, 8, 9].map(day));
    for (const at of [folder, path.join(folder, day(9)), path.join(folder, day(9), 'home.jsonl')])
      expect((await stat(at)).mode & 0o077).toBe(0);
    const copy = await readFile(path.join(folder, day(9), 'home.jsonl'), 'utf8');
    const back = await api.request('/holdings/from-file', { method: 'POST', body: copy });
    expect(back.status).toBe(201);
    const { id } = (await back.json()) as { id: string };
    expect((await json<{ plan: Plan }>(`/holdings/${id}/plans/${plan.id}`)).plan).toEqual(plan);
    await api.db('holdings').where({ id }).delete();
  });
  test('days that have not come push none out', async () => {
    for (const ahead of ['2036-01-01', '2036-01-02', '2036-01-03', '2036-01-04'])
      await mkdir(path.join(folder, ahead));
    for (let n = 1; n <= 5; n++) await copied(n);
    expect((await readdir(folder)).sort()).toEqual([
      ...[1, 2, 3, 4, 5].map(day),
      '2036-01-01',
      '2036-01-02',
      '2036-01-03',
      '2036-01-04',
    ]);
  });
  test('of a damaged holding stop alone, are said, and its last good one stays', async () => {
    const plan = await made();
    await copied(1);
    await api
      .db('plans')
      .where({ id: plan.id })
      .update({ document: JSON.stringify({ id: plan.id }) });
    for (let n = 2; n <= 12; n++) {
      const { files, failed } = await copied(n);
      expect(files).toEqual(['hollin-bank.jsonl']);
      expect(failed).toMatchObject([{ holding: 'home', why: expect.stringContaining('/plan') as unknown }]);
    }
    expect(await readdir(path.join(folder, day(1)))).toEqual(['home.jsonl']);
    await api
      .db('plans')
      .where({ id: plan.id })
      .update({ document: JSON.stringify(plan) });
    expect((await copied(12)).files).toEqual(['home.jsonl']);
  });
});
