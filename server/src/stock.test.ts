import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { DEMO_PLANS, type OwnedPiece, type Plan } from '@aviarum/core';
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
const piece: OwnedPiece = {
  id: 'old',
  kind: 'roll',
  product: 'fine-13',
  width: 0.9,
  length: 9.3,
  count: 1,
  condition: 'worn',
  note: 'from the old run',
};
const put = (path: string, json: unknown) => api.request(`${at}${path}`, { method: 'PUT', json });
const list = (body: string) => api.request(`${at}/price-list`, { method: 'PUT', body });
const problems = async (response: Response) =>
  ((await response.json()) as { problems: { pointer: string; message: string }[] }).problems;

withDatabase('the shed', () => {
  test('keeps a piece, changes it, and takes it out', async () => {
    expect((await put('/shed/old', piece)).status).toBe(200);
    expect((await put('/shed/old', { ...piece, length: 8 })).status).toBe(200);
    expect(await (await api.request(`${at}/shed`)).json()).toEqual([
      { piece: { ...piece, length: 8 }, claims: [] },
    ]);
    expect((await api.request(`${at}/shed/old`, { method: 'DELETE' })).status).toBe(204);
    expect((await api.request(`${at}/shed/old`, { method: 'DELETE' })).status).toBe(404);
  });
  test('names the field that is wrong, and keeps nothing', async () => {
    const wrong = await put('/shed/bad', { ...piece, id: 'bad', length: -1 });
    expect(wrong.status).toBe(422);
    expect((await problems(wrong))[0]?.pointer).toBe('/length');
    expect((await problems(await put('/shed/other', piece)))[0]?.pointer).toBe('/id');
    expect(await (await api.request(`${at}/shed`)).json()).toEqual([]);
  });
  test('tells which plans count on a piece, and that two do', async () => {
    await put('/shed/old', piece);
    const [demo] = DEMO_PLANS;
    const claiming = (id: string): Plan => ({ ...(demo as Plan), id, name: `Plan ${id}`, owned: [piece] });
    for (const id of ['one', 'two']) {
      const made = await api.request(`${at}/plans`, { method: 'POST', json: { plan: claiming(id) } });
      expect(made.status).toBe(201);
    }
    const [kept] = (await (await api.request(`${at}/shed`)).json()) as { claims: { plan: string }[] }[];
    expect(kept?.claims.map((c) => c.plan)).toEqual(['one', 'two']);
  });
  test('is the holding’s own', async () => {
    expect(await (await api.request('/holdings/hollin-bank/shed')).json()).not.toContainEqual(
      expect.objectContaining({ piece }),
    );
  });
});

withDatabase('the price list', () => {
  test('goes out, and comes back without a price of its own', async () => {
    const csv = await (await api.request(`${at}/price-list`)).text();
    expect(csv).toContain('far-gate,roll,fine-13,');
    const back = (await (await list(csv)).json()) as { rows: number; taken: number };
    expect(back.rows).toBeGreaterThan(300);
    expect(back.taken).toBe(0);
    expect(await (await api.request(`${at}/prices`)).json()).toEqual([]);
  });
  test('takes what differs, and the same goods once', async () => {
    const row = (price: string) =>
      `yard,kind,product,width,length,price\nfar-gate,roll,fine-13,0.9,15,${price}\n`;
    expect(await (await list(row('61.00'))).json()).toEqual({ rows: 1, taken: 1 });
    expect(await (await list(row('62.00'))).json()).toEqual({ rows: 1, taken: 1 });
    const own = (await (await api.request(`${at}/prices`)).json()) as { offer: { price: number } }[];
    expect(own.map((p) => p.offer.price)).toEqual([6200]);
    expect(await (await api.request(`${at}/price-list`)).text()).toContain(
      'far-gate,roll,fine-13,0.9,15,,62,',
    );
  });
  test('with a wrong row is refused by row and column, and nothing of it is taken', async () => {
    const before = await (await api.request(`${at}/prices`)).json();
    const refused = await list(
      'yard,kind,product,width,length,price\nfar-gate,roll,fine-13,0.6,5,9.99\nfar-gate,roll,fine-13,0.6,5,dear\n',
    );
    expect(refused.status).toBe(422);
    expect((await problems(refused)).map((p) => p.pointer)).toEqual(['/3/price']);
    expect(await (await api.request(`${at}/prices`)).json()).toEqual(before);
  });
});

withDatabase('an own product', () => {
  test('an own product cannot take the id of one in the edition', async () => {
    const taken = await put('/products/fine-13', { product: mesh('fine-13'), prices: [] });
    expect(taken.status).toBe(422);
    expect((await problems(taken))[0]?.pointer).toBe('/product/id');
  });
});

withDatabase('an own product with its prices', () => {
  const stored = async (what: 'products' | 'prices') =>
    ((await (await api.request(`${at}/${what}`)).json()) as { id: string }[])
      .map((x) => x.id)
      .filter((id) => id.startsWith('wire-1'));
  const priced = (n: number, price: number, product = 'wire-1') => ({
    id: `wire-1-${n}`,
    yard: 'far-gate',
    asOf: '2026-11-25',
    offer: { kind: 'roll', product, width: 1, length: 10 * n, price, stock: null },
  });
  test('of which one is wrong is refused by its field, and nothing of it is kept', async () => {
    const refused = await put('/products/wire-1', {
      product: mesh('wire-1'),
      prices: [priced(1, 4100), priced(2, -1)],
    });
    expect(refused.status).toBe(422);
    expect((await problems(refused))[0]?.pointer).toBe('/prices/1/offer/price');
    expect(await stored('products')).toEqual([]);
    expect(await stored('prices')).toEqual([]);
  });
  test('takes no price of another product', async () => {
    const refused = await put('/products/wire-1', {
      product: mesh('wire-1'),
      prices: [priced(1, 4100, 'fine-13')],
    });
    expect((await problems(refused))[0]?.pointer).toBe('/prices/0/offer/product');
  });
  test('is kept whole, and goes whole', async () => {
    const kept = await put('/products/wire-1', {
      product: mesh('wire-1'),
      prices: [priced(1, 4100), priced(2, 7900)],
    });
    expect(kept.status).toBe(200);
    expect(await stored('products')).toEqual(['wire-1']);
    expect(await stored('prices')).toEqual(['wire-1-1', 'wire-1-2']);
    expect((await api.request(`${at}/products/wire-1`, { method: 'DELETE' })).status).toBe(204);
    expect(await stored('products')).toEqual([]);
    expect(await stored('prices')).toEqual([]);
  });
});

function mesh(id: string) {
  return {
    id,
    type: 'welded',
    opening: { up: 0.01, along: 0.01 },
    wire: 0.001,
    widths: [1],
    lengths: [10],
  };
}
