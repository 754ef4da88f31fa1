import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { KeptReading, MeterAnswer, Reading } from '@aviarum/core';
import * as bySource from './migrations/0006_readings_by_source';
import { LIMITS } from './store/limits';
import { thinReadings } from './store/readings';
import { hasDatabase, testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  if (hasDatabase) api = await testApp(() => new Date(now));
});
afterAll(async () => {
  if (hasDatabase) await api.close();
});

/** What the clock of the server says: it stands still unless a test moves it. */
let now = Date.parse('2026-11-28T06:01:00Z');
const MINUTE = 60_000;
const DAY = 86_400_000;
const ago = (ms: number) => new Date(now - ms).toISOString();
const reading = (at: string, near = 6): Reading => ({ at, near, far: near - 0.3, battery: 12.5, draw: 0.1 });
const path = (meter: string) => `/holdings/home/meters/${meter}`;
const send = (meter: string, readings: unknown, from = '') =>
  api.request(`${path(meter)}/readings${from}`, { method: 'POST', json: { readings } });
const shown = async (meter: string, query = '') =>
  (await (await api.request(`${path(meter)}${query}`)).json()) as MeterAnswer;
const problems = async (response: Response) =>
  ((await response.json()) as { problems: { pointer: string; message: string }[] }).problems;

withDatabase('readings', () => {
  test('are kept as they were sent, oldest first, and told as by hand or by a device', async () => {
    const at = [ago(120 * MINUTE), ago(60 * MINUTE)];
    const sent = await send('a', [reading(at[1] as string, 5), reading(at[0] as string)]);
    expect([sent.status, await sent.json()]).toEqual([200, { taken: 2, folded: 0 }]);
    await send('a', [{ at: ago(MINUTE), near: 4.2 }], '?from=hand');
    const { readings, standIn } = await shown('a');
    expect(readings.map((r) => [r.near, r.far, r.source])).toEqual([
      [6, 5.7, 'device'],
      [5, 4.7, 'device'],
      [4.2, null, 'hand'],
    ]);
    expect(standIn).toBeNull();
  });
  test('sent again change nothing, and are told', async () => {
    const twice = [reading(ago(30 * MINUTE))];
    expect(await (await send('b', twice)).json()).toEqual({ taken: 1, folded: 0 });
    expect(await (await send('b', twice)).json()).toEqual({ taken: 0, folded: 1 });
    expect((await shown('b')).readings).toHaveLength(1);
  });
  test('ten thousand a minute are one a minute, the lowest', async () => {
    const minute = Math.floor((now - 10 * MINUTE) / MINUTE) * MINUTE;
    for (let batch = 0; batch < 10; batch++) {
      const many = Array.from({ length: 1000 }, (_, i) =>
        reading(new Date(minute + batch * 6000 + i * 6).toISOString(), 3 + ((batch * 1000 + i) % 977) / 300),
      );
      expect((await send('c', many)).status).toBe(200);
    }
    const { readings } = await shown('c');
    expect(readings.map(({ near, far }) => [near, far])).toEqual([[3, 2.7]]);
  });
  test('more than a thousand at once are refused, and said how to send them', async () => {
    const many = Array.from({ length: 1001 }, (_, i) => reading(ago(i * MINUTE + MINUTE)));
    const refused = await send('d', many);
    expect(refused.status).toBe(422);
    expect((await problems(refused))[0]).toMatchObject({ pointer: '/readings' });
    expect((await shown('d')).readings).toEqual([]);
  });
  test.each([
    ['nonsense for a voltage', { ...reading(ago(0)), near: 'high' }, '/readings/1/near'],
    ['a voltage that no fence has', reading(ago(0), 90), '/readings/1/near'],
    ['less than nothing', { ...reading(ago(0)), battery: -1 }, '/readings/1/battery'],
    ['no time', { ...reading('yesterday') }, '/readings/1/at'],
    ['the thirtieth of February', reading('2026-02-30T06:00:00Z'), '/readings/1/at'],
    ['the future', reading(new Date(now + 20 * MINUTE).toISOString()), '/readings/1/at'],
    ['too long ago', reading('1999-01-01T00:00:00Z'), '/readings/1/at'],
    ['a field of its own', { ...reading(ago(0)), amps: 3 }, '/readings/1'],
  ])('%s is refused with its place, and nothing of the lot is kept', async (_, wrong, pointer) => {
    const refused = await send('e', [reading(ago(5 * MINUTE)), wrong]);
    expect(refused.status).toBe(422);
    expect((await problems(refused))[0]?.pointer).toBe(pointer);
    expect((await shown('e')).readings).toEqual([]);
  });
  test('of very many the lowest of each stretch of time are shown', async () => {
    const all = Array.from({ length: 900 }, (_, i) =>
      reading(ago((i + 1) * 10 * MINUTE), i === 450 ? 1.1 : 6),
    );
    expect((await send('f', all)).status).toBe(200);
    const { readings } = await shown('f');
    expect(readings.length).toBeLessThanOrEqual(401);
    expect(Math.min(...readings.map((r) => r.near))).toBe(1.1);
    expect((await api.request(`${path('f')}?days=ages`)).status).toBe(422);
  });
  test('the latest is shown as it was read, when the line was mended a minute before as well', async () => {
    const nears = async () => (await shown('m')).readings.map((r) => r.near);
    await send('m', [reading(ago(3 * MINUTE), 2.1)], '?from=hand');
    await send('m', [reading(ago(2 * MINUTE), 6.2)], '?from=hand');
    expect(await nears()).toEqual([2.1, 6.2]);
    await send(
      'm',
      Array.from({ length: 900 }, (_, i) => reading(ago((i + 1) * 10 * MINUTE), 5)),
    );
    const many = await nears();
    expect(many.length).toBeLessThanOrEqual(402);
    expect(many.slice(-2)).toEqual([2.1, 6.2]);
  });
  test('each minute is kept for sixty days, the lowest of each hour as long as a graph goes back, of each day three years', async () => {
    const hourly = (days: number) =>
      Array.from({ length: 24 }, (_, i) =>
        reading(
          new Date(Math.floor((now - days * DAY) / DAY) * DAY + i * 3_600_000).toISOString(),
          4 + i / 10,
        ),
      );
    await send('g', [...hourly(1), ...hourly(90)]);
    await send('g', hourly(500));
    await send('g', [reading(hourly(90)[3]?.at as string, 6.5)], '?from=hand');
    await send('g', [reading(new Date(now - 3 * 365 * DAY + 60_000).toISOString(), 3)]);
    await api.db.transaction((trx) => thinReadings(trx, new Date(now + 2 * 60_000)));
    const left = async (table: string) =>
      api
        .db(table)
        .where({ meter: 'g' })
        .where('at', '<', ago(60 * DAY))
        .orderBy(['source', 'near']);
    expect(await left('readings')).toEqual([]);
    expect(await left('readings_by_hour')).toHaveLength(25);
    expect(((await left('readings_by_day')) as KeptReading[]).map((r) => [r.near, r.source])).toEqual([
      [4, 'device'],
      [4, 'device'],
      [6.5, 'hand'],
    ]);
    expect((await shown('g', '?days=2')).readings).toHaveLength(24);
    const { readings } = await shown('g', '?days=400');
    expect(readings.filter((r) => r.source === 'hand')).toHaveLength(1);
    expect(Math.min(...readings.map((r) => r.near))).toBe(4);
  });
  test('rolled up as they come say the lowest of each hour and day, in whatever order and however often they come', async () => {
    const start = Math.floor((now - 3 * DAY) / DAY) * DAY;
    const all = Array.from({ length: 700 }, (_, i) =>
      reading(new Date(start + i * 4 * MINUTE).toISOString(), 3 + ((i * 7919) % 601) / 200),
    );
    const shuffled = [...all].sort((a, b) => ((a.near * 1000) % 7) - ((b.near * 1000) % 7));
    for (let i = 0; i < shuffled.length; i += 90) await send('r', shuffled.slice(i, i + 100));
    for (const [table, length] of [
      ['readings_by_hour', 3_600_000],
      ['readings_by_day', DAY],
    ] as const) {
      const lowest = new Map<number, number>();
      for (const { at, near } of all) {
        const since = Math.floor(Date.parse(at) / length) * length;
        lowest.set(since, Math.min(lowest.get(since) ?? 99, near - 0.3));
      }
      const rows = await api
        .db(table)
        .where({ meter: 'r' })
        .orderBy('since')
        .select<{ since: Date; far: number }[]>('since', 'far');
      expect(rows.map((r) => [r.since.getTime(), Math.round(r.far * 1000)])).toEqual(
        [...lowest].sort((a, b) => a[0] - b[0]).map(([since, low]) => [since, Math.round(low * 1000)]),
      );
    }
  });
  test('a meter that sends more than are kept has its newest, and a holding has so many meters', async () => {
    const values = Array.from({ length: LIMITS.minutes + 1500 }, (_, i) => ({
      holding_id: 'home',
      meter: 'full',
      at: new Date(now - (i + 2000) * MINUTE),
      near: 5,
      source: 'device',
    }));
    await send('full', [reading(ago(MINUTE))]);
    await api.db.raw('insert into readings select * from json_populate_recordset(null::readings, ?)', [
      JSON.stringify(values),
    ]);
    await api
      .db('meters')
      .where({ meter: 'full' })
      .update({ minutes: values.length + 1 });
    await send('full', [reading(ago(0), 4)]);
    const [row] = await api.db('meters').where({ meter: 'full' }).select<{ minutes: number }[]>('minutes');
    expect(row?.minutes).toBe(LIMITS.minutes);
    expect((await shown('full', '?days=1')).readings.map((r) => r.near)).toEqual([6, 4]);
    await api
      .db('meters')
      .insert(
        Array.from({ length: LIMITS.meters }, (_, i) => ({ holding_id: 'hollin-bank', meter: `m${i}` })),
      );
    const other = await api.request('/holdings/hollin-bank/meters/one-more/readings', {
      method: 'POST',
      json: { readings: [reading(ago(MINUTE))] },
    });
    expect([other.status, (await problems(other))[0]?.message]).toEqual([
      422,
      `a holding has at most ${LIMITS.meters} meters`,
    ]);
    await api.db('meters').where({ meter: 'full' }).delete();
    await api.db('readings').where({ meter: 'full' }).delete();
  });
  test('of a minute that was read in more ways than one a step back keeps what was read by hand, and a step on all', async () => {
    const at = ago(45 * MINUTE);
    await send('w', [reading(at, 4)]);
    await send('w', [reading(at, 5)], '?from=hand');
    await send('w', [reading(ago(44 * MINUTE), 6)]);
    const trx = await api.db.transaction();
    try {
      await bySource.down(trx);
      const left = () => trx('readings').where({ meter: 'w' }).orderBy('at').pluck<string[]>('source');
      expect(await left()).toEqual(['hand', 'device']);
      await bySource.up(trx);
      expect(await left()).toEqual(['hand', 'device']);
    } finally {
      await trx.rollback();
    }
    expect((await shown('w')).readings).toHaveLength(3);
  });
  test('belong to a holding, and go when they are told to', async () => {
    await send('h', [reading(ago(MINUTE))]);
    const other = (await (await api.request('/holdings/hollin-bank/meters/h')).json()) as MeterAnswer;
    expect(other.readings).toEqual([]);
    expect((await api.request('/holdings/nobody/meters/h')).status).toBe(404);
    expect((await api.request(`${path('h')}/readings`, { method: 'DELETE' })).status).toBe(204);
    expect((await shown('h')).readings).toEqual([]);
  });
});

const setting = {
  seed: 7,
  speed: 3600,
  output: 1,
  needed: 0.5,
  capacity: 60,
  draw: 0.2,
  gain: 3,
  faults: [],
};
const standIn = async (meter: string, to: object = {}) => {
  const answer = await api.request(`${path(meter)}/stand-in`, { method: 'PUT', json: { ...setting, ...to } });
  return { status: answer.status, body: (await answer.json()) as MeterAnswer };
};
const later = (seconds: number) => {
  now += seconds * 1000;
};

withDatabase('a stand-in for the line', () => {
  test('has read a week when it begins, the same for the same seed, and goes on by its own clock', async () => {
    const first = await standIn('s1');
    expect(first.status).toBe(200);
    expect(first.body.readings.length).toBeGreaterThan(160);
    const twin = await standIn('s2');
    expect(twin.body.readings).toEqual(first.body.readings);
    later(20);
    const after = await shown('s1');
    expect(Date.parse(after.now) - Date.parse(first.body.now)).toBe(20 * 3_600_000);
    expect(after.readings[after.readings.length - 1]?.at).toBe(after.now);
  });
  test('each fault is seen in what it reads from then on', async () => {
    const began = now;
    const after = async (meter: string, faults: readonly string[]) => {
      now = began;
      await standIn(meter, { faults });
      later(30);
      const { readings } = await shown(meter);
      return readings[readings.length - 1] as KeptReading;
    };
    const good = await after('t0', []);
    expect(good.near).toBeGreaterThan(5);
    expect((await after('t1', ['strand'])).far).toBeLessThan(0.3);
    const short = await after('t2', ['insulator']);
    expect((short.far ?? 9) / short.near).toBeLessThan(0.6);
    expect((await after('t3', ['outage'])).near).toBe(0);
    expect((await after('t4', ['snow'])).near).toBeLessThan(good.near * 0.8);
    expect((await after('t5', ['dry'])).near).toBeLessThan(good.near * 0.7);
    expect((await after('t6', ['battery'])).battery).toBeLessThan(good.battery ?? 0);
  });
  test('one that nobody looked at for long goes on without a stall, and a wrong fault is refused', async () => {
    await standIn('u');
    later(10_000_000);
    expect((await shown('u')).readings.length).toBeGreaterThan(100);
    expect((await standIn('u', { faults: ['gremlins'] })).status).toBe(422);
    expect((await standIn('u', { speed: 0 })).status).toBe(422);
  });
  test('ended, it takes what it read with it, and leaves what was read by hand, in the same minute too', async () => {
    await standIn('v');
    const minute = (await shown('v')).readings[0]?.at as string;
    const byHand = [reading(minute, 4), reading(ago(MINUTE), 5)];
    expect(await (await send('v', byHand, '?from=hand')).json()).toEqual({ taken: 2, folded: 0 });
    expect((await api.request(`${path('v')}/stand-in`, { method: 'DELETE' })).status).toBe(204);
    expect((await shown('v')).readings.map((r) => [r.near, r.source])).toEqual([
      [4, 'hand'],
      [5, 'hand'],
    ]);
    expect((await api.request(`${path('v')}/stand-in`, { method: 'DELETE' })).status).toBe(404);
  });
});
