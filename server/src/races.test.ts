import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { type Plan, type StoredPrice, proposePlan } from '@aviarum/core';
import { hasDatabase, testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  if (hasDatabase) api = await testApp();
});
afterAll(async () => {
  if (hasDatabase) await api.close();
});

const at = '/holdings/home';
const put = (path: string, json: unknown) => api.request(`${at}${path}`, { method: 'PUT', json });
const read = async <T>(path: string) => (await (await api.request(`${at}${path}`)).json()) as T;
const statuses = async (asked: readonly Promise<Response>[]) =>
  (await Promise.all(asked)).map((r) => r.status);
const priced = (id: string, price: number, length = 15) => ({
  id,
  yard: 'far-gate',
  asOf: '2026-11-25',
  offer: { kind: 'roll', product: 'fine-13', width: 0.9, length, price, stock: null },
});
const mesh = (id: string) => ({
  id,
  type: 'welded',
  opening: { up: 0.01, along: 0.01 },
  wire: 0.001,
  widths: [1],
  lengths: [10],
});
const priceOf = async (id: string) =>
  (await read<StoredPrice[]>('/prices')).find((p) => p.id === id)?.offer.price;

withDatabase('a yard’s list', () => {
  test('stated in another currency twice at once shifts its prices once', async () => {
    for (let round = 0; round < 30; round++) {
      await put('/yards/far-gate', { yard: 'far-gate', currency: 'EUR' });
      await put('/prices/p', priced('p', 1299));
      const twice = [1, 2].map(() => put('/yards/far-gate', { yard: 'far-gate', currency: 'JPY' }));
      expect(await statuses(twice)).toEqual([200, 200]);
      expect(await priceOf('p')).toBe(13);
    }
  });
  test('changed elsewhere is a conflict for whoever says what it was based on', async () => {
    const list = { yard: 'far-gate', currency: 'CHF' };
    const kept = (await (await put('/yards/far-gate', list)).json()) as { saveNumber: number };
    const next = { ...list, currency: 'GBP', basedOn: kept.saveNumber };
    expect(await statuses([put('/yards/far-gate', next)])).toEqual([200]);
    const late = await put('/yards/far-gate', { ...list, currency: 'JPY', basedOn: kept.saveNumber });
    expect(late.status).toBe(409);
    expect(await late.json()).toMatchObject({ problems: [{ pointer: '/basedOn' }] });
    // What it asks for is so already: there is nothing to refuse.
    expect(await statuses([put('/yards/far-gate', next)])).toEqual([200]);
    expect(await read('/yards')).toContainEqual({
      yard: 'far-gate',
      currency: 'GBP',
      saveNumber: kept.saveNumber + 1,
    });
  });
  test('of two changes based on the same save one is made', async () => {
    const { saveNumber } = (await (
      await put('/yards/far-gate', { yard: 'far-gate', currency: 'EUR' })
    ).json()) as { saveNumber: number };
    const asked = ['JPY', 'GBP', 'CHF', 'USD'].map((currency) =>
      put('/yards/far-gate', { yard: 'far-gate', currency, basedOn: saveNumber }),
    );
    expect((await statuses(asked)).sort()).toEqual([200, 409, 409, 409]);
  });
  test('without a currency is known by its number, and names none to its prices', async () => {
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'XXX' });
    const [list] = await read<{ currency: string; saveNumber: number }[]>('/yards');
    expect(list?.currency).toBe('XXX');
    expect((await read<StoredPrice[]>('/prices')).every((p) => !('currency' in p))).toBe(true);
  });
  test('a price that is less than the smallest unit stays a price', async () => {
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'EUR' });
    await put('/prices/small', priced('small', 12, 5));
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'JPY' });
    expect(await priceOf('small')).toBe(1);
  });
});

withDatabase('writers of one holding at once', () => {
  test('never meet in an error: products with the same goods, lists, pieces and yards in any order', async () => {
    const orders = [
      [1, 2, 3, 4],
      [4, 3, 2, 1],
    ];
    const asked: Promise<Response>[] = [];
    for (let round = 0; round < 12; round++)
      for (const order of orders) {
        const prices = order.map((n) => ({
          ...priced(`m-${round % 2}-${n}`, 100 * n, n * 10),
          offer: { ...priced('x', 100 * n, n * 10).offer, product: 'wire' },
        }));
        asked.push(put('/products/wire', { product: mesh('wire'), prices }));
        asked.push(put('/yards/far-gate', { yard: 'far-gate', currency: round % 2 === 0 ? 'EUR' : 'GBP' }));
        const rows = order.map((n) => `far-gate,roll,fine-13,0.9,${n === 1 ? 5 : 15},${n + round}.00`);
        asked.push(
          api.request(`${at}/price-list`, {
            method: 'PUT',
            body: `yard,kind,product,width,length,price\n${rows[0]}\n`,
          }),
        );
        asked.push(api.request(`${at}/products/wire`, { method: 'DELETE' }));
        asked.push(api.request(at, { method: 'PUT', json: { name: `Home ${round}` } }));
      }
    const seen = new Set(await statuses(asked));
    for (const status of seen) expect([200, 204, 404, 422]).toContain(status);
    // No price is left of a product that is gone.
    const products = (await read<{ id: string }[]>('/products')).map((p) => p.id);
    const orphans = (await read<StoredPrice[]>('/prices')).filter((p) => p.offer.product === 'wire');
    if (!products.includes('wire')) expect(orphans).toEqual([]);
  });
  test('readings of the same minutes in opposite orders are all taken', async () => {
    const now = Date.now();
    const readings = Array.from({ length: 200 }, (_, i) => ({
      at: new Date(now - i * 60_000).toISOString(),
      near: 5,
    }));
    const path = `${at}/meters/crossed/readings`;
    const asked = Array.from({ length: 12 }, (_, i) =>
      i % 4 === 3
        ? api.request(path, { method: 'DELETE' })
        : api.request(path, {
            method: 'POST',
            json: { readings: i % 2 === 0 ? readings : [...readings].reverse() },
          }),
    );
    for (const status of await statuses(asked)) expect([200, 204]).toContain(status);
  });
  test('stand-ins set up, looked at and ended at once', async () => {
    const path = `${at}/meters/twin`;
    const setting = { seed: 1, output: 1, needed: 0.5, draw: 0.2, gain: 3, faults: [] };
    const asked = Array.from({ length: 18 }, (_, i) =>
      i % 3 === 0
        ? api.request(`${path}/stand-in`, { method: 'PUT', json: setting })
        : i % 3 === 1
          ? api.request(path)
          : api.request(`${path}/stand-in`, { method: 'DELETE' }),
    );
    for (const status of await statuses(asked)) expect([200, 204, 404]).toContain(status);
  });
  test('a plan made, saved, binned, brought back and let go at once ends in one of these', async () => {
    const plan: Plan = proposePlan({
      id: 'raced',
      name: 'Raced',
      units: 'metric',
      flock: [],
      houseWidth: 2.4,
    });
    const asked = Array.from({ length: 30 }, (_, i) => {
      const acts = [
        () => api.request(`${at}/plans`, { method: 'POST', json: { plan } }),
        () => put('/plans/raced', { saveId: `save-raced-${i}`, basedOn: 1 + (i % 3), plan }),
        () => api.request(`${at}/plans/raced`, { method: 'DELETE' }),
        () => api.request(`${at}/bin/raced/restore`, { method: 'POST' }),
        () => api.request(`${at}/bin/raced`, { method: 'DELETE' }),
      ];
      return (acts[i % 5] as () => Promise<Response>)();
    });
    for (const status of await statuses(asked)) expect([200, 201, 204, 404, 409]).toContain(status);
  });
  test('that a holding is full is said with its limit, and nothing of it is kept', async () => {
    const rows = Array.from({ length: 500 }, (_, i) => ({
      holding_id: 'home',
      id: `full-${i}`,
      product: JSON.stringify(mesh(`full-${i}`)),
    }));
    await api.db('own_products').where({ holding_id: 'home' }).delete();
    await api.db('own_products').insert(rows);
    const refused = await put('/products/one-more', { product: mesh('one-more'), prices: [] });
    expect(refused.status).toBe(422);
    expect(await refused.json()).toMatchObject({ problems: [{ code: 'too-many' }] });
    expect((await read<object[]>('/products')).length).toBe(500);
    expect((await put('/products/full-3', { product: mesh('full-3'), prices: [] })).status).toBe(200);
  });
});
