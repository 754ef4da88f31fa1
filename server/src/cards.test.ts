import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { type Card, type ListedPlan, type Plan, ANSWERS, cardOf, propose, reckon } from '@aviarum/core';
import { hasDatabase, testApp } from './testing/testApp';
import { withDatabase } from './testing/withDatabase';

let api: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  if (hasDatabase) api = await testApp();
});
afterAll(async () => {
  if (hasDatabase) await api.close();
});

const aPlan = (id: string, name = id): Plan =>
  propose({
    id,
    name,
    units: 'metric',
    flock: [{ id: 'f', kind: 'hen-heavy', count: 8, keeping: 'confined' }],
    start: 'house',
    sizes: {},
  });
const holding = async (name: string): Promise<string> => {
  const made = await api.request('/holdings', { method: 'POST', json: { name } });
  return ((await made.json()) as { id: string }).id;
};
const list = async (at: string): Promise<readonly ListedPlan[]> =>
  ANSWERS.summaries.parse(await (await api.request(`/holdings/${at}/plans`)).json());
const card = (plan: Plan): Card => cardOf(plan, reckon(plan));

withDatabase('a card', () => {
  test('comes with a plan or a save, and the list tells it', async () => {
    const at = await holding('Cards');
    const plan = aPlan('p1');
    await api.request(`/holdings/${at}/plans`, { method: 'POST', json: { plan, card: card(plan) } });
    expect((await list(at)).map((p) => p.card)).toEqual([card(plan)]);
    const dearer = { ...card(plan), price: 99 };
    const save = { plan, basedOn: 1, saveId: crypto.randomUUID(), card: dearer };
    expect((await api.request(`/holdings/${at}/plans/p1`, { method: 'PUT', json: save })).status).toBe(200);
    expect((await list(at))[0]?.card?.price).toBe(99);
  });
  test('goes with a save that brings none, and is put beside the save it belongs to', async () => {
    const at = await holding('Later');
    const plan = aPlan('p1');
    await api.request(`/holdings/${at}/plans`, { method: 'POST', json: { plan, card: card(plan) } });
    const save = { plan, basedOn: 1, saveId: crypto.randomUUID() };
    await api.request(`/holdings/${at}/plans/p1`, { method: 'PUT', json: save });
    expect((await list(at))[0]?.card).toBeNull();
    const put = (saveNumber: number) =>
      api.request(`/holdings/${at}/plans/p1/card`, { method: 'PUT', json: { saveNumber, card: card(plan) } });
    expect((await put(1)).status).toBe(409);
    expect((await list(at))[0]?.card).toBeNull();
    expect((await put(2)).status).toBe(204);
    expect((await list(at))[0]?.card).toEqual(card(plan));
  });
  test('that is none is refused at its field, and nothing is saved', async () => {
    const at = await holding('Wrong');
    const plan = aPlan('p1');
    const made = await api.request(`/holdings/${at}/plans`, {
      method: 'POST',
      json: { plan, card: { ...card(plan), area: -1 } },
    });
    expect(made.status).toBe(422);
    const { problems } = (await made.json()) as { problems: { pointer: string }[] };
    expect(problems.map((p) => p.pointer)).toEqual(['/card/area']);
    expect(await list(at)).toEqual([]);
  });
  test('of two hundred plans make a list of at most 60 kB', async () => {
    const at = await holding('Many');
    const plan = aPlan('plan-0');
    const bare = card(plan);
    // As every second plan has something to mend, told as long as it may be.
    const worst = 'Post 4 stands 7 cm from the water pipe by a gate';
    const some = Array.from({ length: 200 }, (_, i) => ({
      plan: { ...plan, id: `plan-${i}`, name: `Hens by the ${i}th gate of the lane` },
      card: i % 2 === 0 ? { ...bare, worst } : bare,
    }));
    for (const json of some) await api.request(`/holdings/${at}/plans`, { method: 'POST', json });
    const answer = await (await api.request(`/holdings/${at}/plans`)).text();
    expect(JSON.parse(answer)).toHaveLength(200);
    expect(Buffer.byteLength(answer)).toBeLessThanOrEqual(60_000);
    // Two hundred plans are checked and kept one after the other.
  });
});

withDatabase('a holding', () => {
  test('is renamed, and only by its own keeper', async () => {
    const at = await holding('Old name');
    const put = (name: string, of = at) => api.request(`/holdings/${of}`, { method: 'PUT', json: { name } });
    expect(await (await put('Long field')).json()).toEqual({ id: at, name: 'Long field', example: false });
    expect((await put('')).status).toBe(422);
    expect((await put('Mine now', 'nobody')).status).toBe(404);
    const names = ANSWERS.holdings.parse(await (await api.request('/holdings')).json());
    expect(names.find((h) => h.id === at)?.name).toBe('Long field');
  });
});

withDatabase('the list of a yard', () => {
  const price = {
    id: 'own',
    yard: 'far-gate',
    offer: { kind: 'roll', product: 'fine-13', width: 0.9, length: 25, price: 5250, stock: null },
    asOf: '2026-11-20',
  };
  test('is in the currency that the keeper says, and its figures stay as they are written', async () => {
    const at = await holding('Yards');
    const put = (path: string, json: unknown) =>
      api.request(`/holdings/${at}${path}`, { method: 'PUT', json });
    const prices = async () =>
      ANSWERS.prices.parse(await (await api.request(`/holdings/${at}/prices`)).json());
    await put('/prices/own', price);
    expect(await prices()).toEqual([price]);
    expect((await put('/yards/far-gate', { yard: 'far-gate', currency: 'EUR' })).status).toBe(200);
    expect(await prices()).toEqual([{ ...price, currency: 'EUR' }]);
    // 52.50 is 53 where there are no smaller units, and 53.000 of thousandths.
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'JPY' });
    expect((await prices())[0]).toMatchObject({ currency: 'JPY', offer: { price: 53 } });
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'KWD' });
    expect((await prices())[0]).toMatchObject({ currency: 'KWD', offer: { price: 53000 } });
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'XXX' });
    expect(await prices()).toEqual([{ ...price, offer: { ...price.offer, price: 5300 } }]);
  });
  test('goes out with the holding’s file and comes back; a sheet in another currency is refused by its row', async () => {
    const at = await holding('Out');
    const put = (path: string, json: unknown) =>
      api.request(`/holdings/${at}${path}`, { method: 'PUT', json });
    await put('/yards/far-gate', { yard: 'far-gate', currency: 'EUR' });
    await put('/prices/own', price);
    const file = await (await api.request(`/holdings/${at}/file`)).text();
    const back = await api.request('/holdings/from-file', { method: 'POST', body: file });
    const { id } = (await back.json()) as { id: string };
    expect(await (await api.request(`/holdings/${id}/file`)).text()).toBe(file);
    const sheet = 'yard,kind,product,width,length,price,currency\nfar-gate,roll,fine-13,0.9,25,52.50,GBP\n';
    const refused = await api.request(`/holdings/${at}/price-list`, { method: 'PUT', body: sheet });
    expect(refused.status).toBe(422);
    const { problems } = (await refused.json()) as { problems: { message: string }[] };
    expect(problems.map((p) => p.message)).toEqual([
      'row 2, currency: the list of far-gate is in EUR, this is “GBP”; set the currency of the list first',
    ]);
  });
  test('that no yard has, or in no currency, is refused', async () => {
    const put = (yard: string, json: unknown) =>
      api.request(`/holdings/home/yards/${yard}`, { method: 'PUT', json });
    expect((await put('nowhere', { yard: 'nowhere', currency: 'EUR' })).status).toBe(422);
    expect((await put('far-gate', { yard: 'far-gate', currency: 'euro' })).status).toBe(422);
    expect((await put('longacre', { yard: 'far-gate', currency: 'EUR' })).status).toBe(422);
  });
});
